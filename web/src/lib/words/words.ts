import type { Schemas } from '$lib/api/api';
import { temperature, type Units, whole } from '$lib/units/units';

type Why = Schemas['ThreatView']['why'];
type StepKind = Schemas['StepView']['kind'];

/** What growers say for what the records hold. */
export const GRADE = { OWN_USE: 'own use', MARKET: 'market', STOCK: 'stock' } as const;
export const PURPOSE = { SEED: 'seed', PLANTING_STOCK: 'planting stock', EATING: 'eating' } as const;

/** What is done with an off-type, and was. */
export const FATE: Record<Schemas['OffTypeRequest']['fate'], { act: string; done: string }> = {
	PULLED: { act: 'pull', done: 'pulled' },
	MARKED: { act: 'mark', done: 'marked' },
	LEFT: { act: 'leave', done: 'left standing' }
};

/** What becomes of seed that an off-type may have fathered. */
export const DECISION: Record<Schemas['RingView']['decision'], string> = {
	DISCARDED: 'thrown away within the ring',
	KEPT_APART: 'kept apart within the ring',
	GRADED_DOWN: 'all of it graded down',
	HELD: 'all of it held',
	LET_PASS: 'allowed'
};

/** Whether a stock gets truer. */
export const TREND: Record<Schemas['StockHistory']['trend'], string> = {
	TRUER: 'It gets truer from generation to generation.',
	WORSE: 'It gets less true from generation to generation.',
	NOT_TOLD_APART: 'No change can be told: the differences may be chance.',
	TOO_FEW: 'One generation was walked: the next will tell.'
};

export const ROLE = { GROWER: 'grower', HAND: 'hand', VISITOR: 'visitor' } as const;

export const STEP: Record<StepKind, { act: string; done: string; doing: string }> = {
	EXTRACT: { act: 'Extract', done: 'extracted', doing: 'being extracted' },
	FERMENT: { act: 'Ferment', done: 'fermented', doing: 'fermenting' },
	SOAK: { act: 'Soak', done: 'soaked', doing: 'soaking' },
	CHEMICAL_WASH: { act: 'Wash with cleaner', done: 'washed with cleaner', doing: 'in the cleaner' },
	RINSE: { act: 'Rinse and pour off', done: 'rinsed', doing: 'being rinsed' },
	DRY: { act: 'Dry', done: 'dried', doing: 'drying' },
	THRESH: { act: 'Thresh', done: 'threshed', doing: 'being threshed' },
	SCREEN: { act: 'Screen', done: 'screened', doing: 'being screened' },
	WINNOW: { act: 'Winnow', done: 'winnowed', doing: 'being winnowed' },
	HAND_PICK: { act: 'Hand-pick', done: 'hand-picked', doing: 'being hand-picked' },
	FREEZE: { act: 'Freeze', done: 'frozen', doing: 'in the freezer' }
};

/** How a step is done, in a line; and what can hurt in it. */
export const HOW: Record<StepKind, { how: string; caution?: string }> = {
	EXTRACT: {
		how: 'Open the fruit and take seed and gel out; keep the flesh apart and weigh it.',
		caution: 'Knives and hard-shelled fruit: cut away from the hand.'
	},
	FERMENT: {
		how: 'Cover loosely, stir twice a day. Ready when the gel is gone and good seed sinks; eyes decide.',
		caution: 'Gas and mould spores: outdoors or well aired, and a mask when you stir.'
	},
	SOAK: { how: 'Cover with water for some hours, then rub the seed free; not overnight in a warm room.' },
	CHEMICAL_WASH: {
		how: 'Stir in an alkaline cleaner for minutes, not hours; then rinse many times.',
		caution: 'Gloves and goggles. Never down the drain against the rules of the place.'
	},
	RINSE: {
		how: 'Fill, let settle, pour off slowly; stop when the water is clear. Floaters go to a bowl of their own.',
		caution: 'Mould spores: outdoors or with a mask.'
	},
	DRY: { how: 'Spread thin on a labelled screen, airy, turned daily, never hot.' },
	THRESH: {
		how: 'Shell, rub, tread or flail until the seed is free.',
		caution: 'Dust: mask, and outdoors. Keep hands out of a running drum.'
	},
	SCREEN: { how: 'A coarse sieve that lets the seed through, then a fine one that keeps it.' },
	WINNOW: {
		how: 'Fan, breath or bowl; weigh what blows off.',
		caution: 'Dust and spores: mask, back to the wind.'
	},
	HAND_PICK: { how: 'Take out broken, bored and odd seed; count the bored ones.' },
	FREEZE: {
		how: 'Dry seed only, in a sealed jar, some days; let it warm up closed, and look again some weeks later.'
	}
};

type Extraction = Schemas['BenchView']['ways'][number];
/** How seed is got out of what was picked. */
const EXTRACTION: Record<Extraction, string> = {
	SQUEEZE: 'squeezed',
	SCOOP: 'scooped',
	PICK_OUT: 'picked out',
	CUT_AND_SHAKE: 'cut and shaken out',
	GRIND_AND_SIEVE: 'ground and sieved',
	TAP: 'tapped out',
	RUB: 'rubbed',
	SHELL: 'shelled',
	STRIP: 'stripped',
	THRESH: 'threshed',
	CRACK: 'cracked'
};
/** The ways of a crop in words, for the steps that get its seed out; the usual first. */
export const extracted = (kind: StepKind, ways: Extraction[]): string[] =>
	kind === 'EXTRACT' || kind === 'THRESH' ? ways.map((way) => EXTRACTION[way]) : [];

/** Ways in which a step may be done. */
export const WAYS: Partial<Record<StepKind, string[]>> = {
	EXTRACT: ['trodden'],
	THRESH: ['by hand', 'trodden', 'flail', 'drum'],
	SCREEN: ['round holes', 'slots', 'mesh'],
	WINNOW: ['fan', 'wind', 'bowl', 'column'],
	DRY: ['screens', 'paper', 'dehydrator', 'jar with silica gel', 'hung under cover']
};

/** Schools of getting at seed. */
export const CHAIN_SCHOOL: Record<Schemas['SchoolView']['school'], { name: string; says: string }> = {
	FERMENTED: { name: 'ferment', says: 'gel off by itself; one day to a week, too long costs germination' },
	WASHED: { name: 'wash', says: 'rubbed clean through a sieve at once; gel may stay on' },
	SOAKED: { name: 'soak', says: 'some hours in water, then picked clean' },
	CHEMICAL: { name: 'cleaner', says: 'minutes in an alkaline cleaner; gloves, goggles, disposal' },
	THRESHED: { name: 'thresh', says: 'dried, threshed, screened, winnowed, picked over' },
	FROZEN: { name: 'thresh and freeze', says: 'the same, then days in the freezer against weevils' },
	FRESH_FRUIT: { name: 'fresh fruit', says: 'seed from ripe fruit, dried by itself' },
	DRIED_FRUIT: { name: 'dried fruit', says: 'the whole fruit is dried first, then rubbed out: mind its dust' }
};

/** Why a threat got its verdict; the numbers stand beside it. */
export const WHY: Record<Why, string> = {
	SHEDS_NOTHING: 'it is taken before it flowers',
	TAKES_NOTHING: 'the flowers are closed to other pollen',
	FAR_ENOUGH: 'far enough',
	APART_IN_TIME: 'apart in time',
	WITHIN_POSITION_ERROR: 'near the limit: measure on the ground',
	HARDLY_APART_IN_TIME: 'hardly apart in time',
	ESTIMATE_WITHIN_GRADE: 'nearer than asked, but the estimate stays within the grade',
	UNSURE_REPORT: 'rests on a report that is not sure: ask again',
	TOO_MUCH_TOGETHER: 'far enough or apart by itself, but all together are more than the grade allows',
	TOO_NEAR: 'too near, and in bloom together'
};

/** Work of the season, as the calendar calls it. */
/** Figures of a crop that a farm may know better. */
export const FIGURE: Record<Schemas['FigureView']['figure'], string> = {
	ISOLATION_OWN_USE: 'isolation, own use',
	ISOLATION_MARKET: 'isolation, market',
	ISOLATION_STOCK: 'isolation, stock',
	PLANTS_OWN_USE: 'plants for seed, own use',
	PLANTS_MARKET: 'plants for seed, market',
	PLANTS_STOCK: 'plants for seed, stock',
	WARMTH_TO_FLOWER: 'warmth to first flower',
	FLOWERING_DAYS: 'days of bloom',
	RIPE_AFTER_DAYS: 'days from flower to ripe seed',
	COLD_WEEKS: 'weeks of cold',
	IN_ROW: 'between plants',
	BETWEEN_ROWS: 'between rows',
	STORAGE_YEARS: 'seed lasts, cool and dry'
};

/** What holds pollen back. */
export const BARRIER: Record<Schemas['BarrierView']['kind'], string> = {
	WOOD: 'wood',
	HEDGE: 'hedge',
	BUILDING: 'building',
	TALL_CROP: 'tall crop'
};

/** A place within a sentence: "plot 7" where it is only numbered, else by its own name as it is written. */
export const placed = (ground: string) => ground.replace(/^(Plot|Bed)(?= \d)/, (word) => word.toLowerCase());

/** What is known of what grows beyond the fence. */
export const BEYOND: Record<Schemas['NeighbourView']['kind'], string> = {
	TENDED: 'somebody’s crop',
	WILD: 'grows wild',
	NOT_TOLD: 'the owner will not tell what it is',
	GARDEN: 'a garden, its plants not known'
};

/** How the flowers of a planting are kept from foreign pollen. */
export const CONTROL: Record<Schemas['PlantingView']['control'], string> = {
	OPEN: 'Open to the bees and the wind',
	CAGED: 'Stands in a cage',
	BY_TURNS: 'Stands in a cage that is opened by turns',
	BAGGED: 'Its clusters are bagged',
	HAND_POLLINATED: 'Pollinated by hand'
};

/** Points of a stand's life at which it is counted. */
export const POINT: Record<Schemas['CountView']['point'], string> = {
	RAISED: 'come up',
	SET_OUT: 'set out',
	LIFTED: 'lifted',
	STORED: 'put in store',
	REPLANTED: 'replanted',
	AFTER_WINTER: 'alive after winter',
	STANDING: 'standing'
};

/** What helps while too few plants stand. */
export const STAND_ACT: Record<Schemas['StandLife']['acts'][number], string> = {
	SOW_AGAIN: 'sow again: late plants flower later, so mix their seed',
	INTERPLANT: 'plant more between, of the same seed',
	KEEP_MORE: 'keep more of those that stand, and choose less hard',
	LOWER_GRADE: 'save it at a lower grade'
};

/** Why mass went missing. */
export const MISSING: Record<NonNullable<Schemas['StepView']['missingReason']>, string> = {
	NOT_WEIGHED: 'what was removed was not weighed',
	SPILT: 'spilt',
	BLOWN_OFF: 'blown off with the chaff',
	LEFT_BEHIND: 'left in the machine, sieve or bucket',
	EATEN: 'eaten by mice or birds',
	MISTYPED: 'a weight mistyped',
	MOISTURE: 'a moisture measured wrong',
	OTHER: 'something else'
};

/** What is looked at to tell whether a step was set right. */
export const LOOK: Record<Schemas['SettingCheckView']['look'], { ask: string; done: string }> = {
	DISCARD_CUT: { ask: 'seed thrown out, cut open', done: 'cut open' },
	DISCARD_GERMINATED: { ask: 'seed thrown out, put to germinate', done: 'germinated' },
	KEPT_BROKEN: { ask: 'broken seed in what was kept', done: 'looked for broken' }
};

/** What that says of the setting. */
export const SETTING: Record<Schemas['Setting']['verdict'], string> = {
	RIGHT: 'set right',
	TOO_HARD: 'set too hard: go softer, and clean the discard again',
	LOOK_AT_MORE: 'not told by so few'
};

/** Where a lot's seed is from. */
export const ORIGIN: Record<Schemas['LotView']['origin'], string> = {
	PICKED: 'picked',
	BLEND: 'blended of other lots',
	PART: 'part of another lot',
	ELSEWHERE: 'from elsewhere'
};

/** What the figures of lots say against blending them. */
export const BLEND: Record<Schemas['Blend']['cautions'][number], string> = {
	GERMINATION: 'They germinate further apart than one test may: the blend will be uneven.',
	SEED_SIZE: 'Their seeds differ in size: small and large seed separate again when poured.',
	MOISTURE: 'Their moistures differ: bring them to the same first.'
};

/** And what else does. */
export const BLEND_PLAN: Record<Schemas['BlendPlan']['cautions'][number], string> = {
	GRADES_DIFFER: 'Their grades differ: the blend is of the lowest.',
	SEASONS_DIFFER: 'Their seasons differ: the blend carries the oldest.',
	NOT_TESTED: 'One of them has no germination test or seed weight: nothing can be foretold.',
	MOISTURE_NOT_KNOWN: 'The moisture of one was never measured.'
};

/** What is to be done about weevils. */
export function weevilsSay(bored: Schemas['BoredSeed'], units: Units): string {
	switch (bored.next) {
		case 'FREEZE':
			return `freeze it: dry seed, sealed, ${bored.days} days or more at ${temperature(bored.freezer, units)}`;
		case 'LOOK_AGAIN':
			return 'frozen; look again when those that lived on have hatched';
		case 'NOTHING':
			return bored.share > 0 ? 'old holes; none lived on' : 'none found; some may still be inside';
	}
}

/** What the shed's instruments measure. */
export const INSTRUMENT: Record<Schemas['Shown']['kind'], string> = {
	SCALE: 'scale',
	MASH: 'mash',
	AIR: 'shed',
	HUMIDITY: 'damp'
};

/** What is read while a step is under way. */
export const QUANTITY: Record<Schemas['ReadingView']['quantity'], string> = {
	MASS: 'weight',
	MASH: 'mash',
	AIR: 'air',
	HUMIDITY: 'humidity',
	STIRRED: 'stirred'
};

/** What it means when seed of a crop floats. */
export const FLOATING: Record<Schemas['BenchView']['floating'], string> = {
	FAIR_HINT: 'What floats is mostly empty: pour it off into a bowl of its own and weigh it.',
	SAYS_NOTHING: 'Good seed of this crop floats too: pour nothing off by that.',
	NOT_KNOWN: 'It is not known of this crop whether good seed floats: keep what does, and test it.'
};

/** Ways of leaving wet seed with its gel, and what each risks. */
export const FERMENT_SCHOOL: Record<Schemas['AtTemperature']['school'], { name: string; risks: string }> = {
	NONE: { name: 'none: rinse, rub, dry', risks: 'quick; gel may stay on' },
	SHORT_SOAK: { name: 'short soak', risks: 'loosens pulp; gel may stay on' },
	TWO_TO_THREE_DAYS: { name: 'two to three days', risks: 'gel off, good colour; sprouts when forgotten' },
	FIVE_TO_SEVEN_DAYS: {
		name: 'five to seven days',
		risks: 'an old practice; costs germination, only in a cool mash'
	}
};

/** How damp a pick is. */
export const DAMPNESS: Record<Schemas['PickView']['dampness'], string> = {
	DRY: 'dry',
	DEWY: 'damp with dew',
	WET: 'wet'
};

/** Which plants a pick is from. */
export const PICKED_FROM: Record<Schemas['PickView']['pickedFrom'], string> = {
	PLANTING: 'the whole planting',
	STRETCH: 'a stretch of it',
	MARKED: 'marked plants',
	TAGGED: 'tagged fruit',
	PLANT: 'a single plant'
};

/** What becomes of a progeny row. */
export const ROW_DECISION: Record<Schemas['DecisionRequest']['decision'], string> = {
	KEEP: 'keep by itself',
	BULK: 'bulk with the good ones',
	DROP: 'drop'
};

/** What keeps foreign pollen out, and whether it did. */
export const COVER: Record<Schemas['CoverView']['kind'], string> = { BAG: 'bag', CAGE: 'cage' };
export const COVER_VERDICT: Record<Schemas['CoverView']['verdict'], { mark: string; says: string }> = {
	TIGHT: { mark: 'tight cover', says: '' },
	LATE: { mark: 'put on late', says: 'Flowers were open before it was on: their seed may be anybody’s.' },
	OPENED: { mark: 'was opened', says: 'It stood open in bloom: what flowered then may be anybody’s.' },
	OFF_EARLY: { mark: 'off too early', says: 'It came off before the fruit had set: its flowers stood open.' }
};

export const CAUTION: Record<Schemas['GateView']['cautions'][number], string> = {
	ISOLATION_TIGHT: 'its isolation was tight',
	FEW_PLANTS: 'fewer plants than its grade needs: it narrows the line',
	SICK_PLANTS: 'too many of its plants looked sick: some sickness goes with the seed',
	WEEVILS_NOT_LOOKED_FOR: 'it has not been examined for weevils',
	STANDARD_NOT_SHOWN: 'above the standard, but so little that another test could fall below',
	SORTED_SINCE_TEST: 'cleaned again since its germination was tested: a new test says what is there now',
	PICKED_EARLY: 'some of it was picked long before it can have been ripe: test its germination with care',
	PURITY_NOT_TESTED: 'its purity has not been tested',
	NOT_SEEN_GROWING:
		'from elsewhere, or from before these records: nothing is known here of its isolation and its off-types',
	DRIED_TOO_HOT: 'dried in warmer air than it bears: it is taken to keep half as long',
	DAMP_FOR_SEALING: 'damper than sealed packs need: sell it soon, in paper',
	BREEDING_OUT: 'of a line still bred out of a hybrid: it does not come true yet, and must be sold as that'
};

/** "a", "a and b", "a, b and c". */
export const listed = (all: string[]): string =>
	all.length < 2 ? all.join() : `${all.slice(0, -1).join(', ')} and ${all.at(-1)}`;

/** "1 plant", "2 plants". */
export function many(count: number, one: string, several = `${one}s`): string {
	return `${whole(count)} ${count === 1 ? one : several}`;
}

/** A crop's name in running words: "courgette" for "Courgette / summer squash". */
export function cropWord(name: string): string {
	return name.split(/ [/(]/)[0].toLowerCase();
}

export function capital(words: string): string {
	return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A field as the server names it, in words: sheddingSince becomes shedding since. */
export const inWords = (field: string) => field.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
