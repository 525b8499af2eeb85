/** One figure of a crop of one's own. */
export interface Figure {
	column: string;
	label: string;
	hint?: string;
	choices?: Record<string, string>;
}

const YES = { yes: 'yes', no: 'no' };
const ANCHORS = {
	'': 'never',
	emergence: 'emergence',
	transplanting: 'setting out',
	autumn: 'autumn',
	bolting: 'bolting',
	first_flower: 'the first flower',
	immature_fruit: 'unripe fruit',
	mature_fruit: 'ripe fruit',
	lifting: 'lifting',
	seed_ripe: 'ripe seed'
};

const one = (column: string, label: string, hint?: string, choices?: Record<string, string>): Figure => ({
	column,
	label,
	hint,
	choices
});

/** Every figure of a crop, by the work it is for. */
export const FIGURES: { title: string; figures: Figure[] }[] = [
	{
		title: 'What it is',
		figures: [
			one('name', 'Name'),
			one('species', 'Species'),
			one('family', 'Family', 'decides how long ground rests from it'),
			one('aliases', 'Other names', 'separated by semicolons'),
			one('life_cycle', 'Life', undefined, {
				annual: 'annual',
				biennial: 'biennial',
				perennial: 'perennial',
				clonal: 'kept as a clone'
			}),
			one('propagation', 'Raised from', undefined, { seed: 'seed', clonal: 'tubers, bulbs or cloves' }),
			one('eaten_before_flowering', 'Eaten before it flowers', undefined, YES),
			one('hazards', 'Cautions', 'what of it can hurt')
		]
	},
	{
		title: 'Keeping it true',
		figures: [
			one('crossing_group', 'Crossing group', 'what shares it crosses fully'),
			one(
				'partial_crossing_groups',
				'Groups it crosses with in part',
				'group:share, separated by semicolons'
			),
			one('breeding_system', 'Pollination', undefined, {
				'': 'none',
				selfing: 'self-pollinating',
				mixed: 'mixed (both)',
				outcrossing: 'cross-pollinating'
			}),
			one('natural_outcross_pct', 'Natural outcrossing', '%'),
			one('vector', 'Pollen is carried by', 'self, insect, wind, insect+self'),
			one('self_incompatible', 'Self-incompatible', 'yes, no, partial'),
			one('dioecious_or_monoecious', 'Flowers', undefined, {
				perfect: 'both in one flower',
				monoecious: 'male and female on one plant',
				dioecious: 'male and female plants'
			}),
			one('crosses_show_in_same_year', 'A cross shows in the same year', 'as in maize', YES),
			one('isolation_home_m', 'Isolation, own use', 'm'),
			one('isolation_market_m', 'Isolation, market', 'm'),
			one('isolation_stock_m', 'Isolation, stock', 'm'),
			one('isolation_note', 'Note on isolation'),
			one('min_plants_home', 'Plants, own use'),
			one('min_plants_market', 'Plants, market'),
			one('min_plants_stock', 'Plants, stock'),
			one('common_off_types', 'Off-types', 'separated by semicolons')
		]
	},
	{
		title: 'In the ground',
		figures: [
			one('base_temp_c', 'Base temperature', '°C below which nothing develops'),
			one('gdd_to_first_flower', 'Warmth to the first flower', '°C d above the base'),
			one('flowering_days', 'Days of flowering'),
			one('days_flower_to_ripe_seed', 'Days from flower to ripe seed'),
			one('ripening_spread_days', 'Days over which it ripens'),
			one('vernalisation_weeks', 'Weeks of cold before it flowers'),
			one('overwinter', 'Winter', undefined, {
				none: 'no winter needed',
				'in-ground': 'stays in the ground',
				'lift-and-store': 'lifted, stored and replanted',
				either: 'in the ground, or lifted and replanted'
			}),
			one('in_row_cm', 'Between plants', 'cm'),
			one('between_row_cm', 'Between rows', 'cm'),
			one('staking', 'Held up by', undefined, {
				none: 'nothing',
				stakes: 'stakes',
				string: 'string',
				trellis: 'a trellis'
			}),
			one('staking_anchor', 'Held up from', undefined, ANCHORS),
			one('staking_days_after', 'Days after that'),
			one('stop_watering_anchor', 'Watered until', undefined, ANCHORS),
			one('stop_watering_days_after', 'Days after that'),
			one('frost_kills', 'Frost', 'yes, no, or the °C of air that kills it'),
			one('pieces_min', 'Pieces from one planted, at least', 'cloves, bulbs or tubers'),
			one('pieces_max', 'Pieces from one planted, at most'),
			one('pre_sowing_note', 'Before sowing'),
			one('ripeness_cues', 'Ripe when')
		]
	},
	{
		title: 'From the plant to the packet',
		figures: [
			one('seed_process', 'Seed comes out', undefined, {
				'': 'none',
				wet: 'wet',
				dry: 'dry',
				'dry-fruit': 'of fresh or dried fruit'
			}),
			one('extract_how', 'Ways of getting it out', 'the usual first, separated by semicolons'),
			one('shatter_risk', 'Seed is lost when ripe', 'low, medium, high'),
			one('ferment', 'Fermenting', 'none, optional, recommended'),
			one('ferment_hours_min_22c', 'Fermenting at 22 °C, at least', 'h'),
			one('ferment_hours_max_22c', 'Fermenting at 22 °C, at most', 'h'),
			one('threshing_moisture_pct', 'Threshed at', '% moisture, wet basis'),
			one('seed_pct_of_harvested_mass_min', 'Seed in what is harvested, at least', '%'),
			one('seed_pct_of_harvested_mass_max', 'Seed in what is harvested, at most', '%'),
			one('thousand_seed_weight_g', 'Thousand seed weight', 'g'),
			one('seed_yield_g_per_plant_min', 'Seed of a plant, at least', 'g'),
			one('seed_yield_g_per_plant_max', 'Seed of a plant, at most', 'g'),
			one('max_drying_temp_c', 'Dried at no more than', '°C'),
			one('storage_moisture_pct', 'Stored sealed at no more than', '% moisture'),
			one('storage_years_cool_dry', 'Keeps cool and dry', 'years'),
			one('germination_standard_pct', 'Germination standard', '%'),
			one('purity_standard_pct', 'Purity standard', '%'),
			one('other_crop_max_pct', 'Seed of other crops, at most', '%'),
			one('weed_max_pct', 'Weed seed, at most', '%'),
			one('test_temp_c', 'Tested at', '°C'),
			one('first_count_day', 'First count', 'day'),
			one('final_count_day', 'Last count', 'day'),
			one('dormancy_treatment', 'Against sleep')
		]
	}
];

export const LABELS: Record<string, string> = Object.fromEntries(
	FIGURES.flatMap(({ figures }) => figures).map(({ column, label }) => [column, label])
);
