/** A term of the trade and what it means, once for every page. */
export interface Term {
	term: string;
	/** How it is written in short, or its unit. */
	short?: string;
	means: string;
	/** Other words for it, by which it is found. */
	also?: string;
}

/** The terms the screens use, by the word that pages point to them with. */
export const TERMS = {
	barrier: {
		term: 'Barrier',
		means:
			'A wood, hedge, building or tall crop between two plantings that holds back part of the pollen. The share it holds back is an estimate and is shown with the figure it changes.'
	},
	blend: {
		term: 'Blend',
		means:
			'A lot made of several lots of one variety, mixed evenly. Its history is that of all of them, and each may hold it back.',
		also: 'pour mix bulk'
	},
	bloom: {
		term: 'Bloom',
		means:
			'The days on which a planting has open flowers, estimated from the warmth that was and is usual. The edges are drawn unsure because the days are.',
		also: 'flowering anthesis'
	},
	generation: {
		term: 'Generation',
		means:
			'How often a variety was grown from seed to seed since the farm received it. The first crop is generation 1.'
	},
	chaff: {
		term: 'Chaff',
		means: 'Dry husks, pods and broken stems that are winnowed or screened away from the seed.'
	},
	compatibility: {
		term: 'Relative compatibility',
		means:
			'How readily pollen of one crop sets seed on another, beside pollen of its own kind. 100 % is full compatibility, 0 % none.',
		also: 'k cross'
	},
	crossing: {
		term: 'Cross-pollination',
		means:
			'Seed set by pollen of another planting. The share of such seed is estimated from distance, overlap of bloom, the sizes of both plantings, wind or insects, and barriers.',
		also: 'outcrossing contamination'
	},
	crossPollinating: {
		term: 'Cross-pollinating',
		means:
			'A crop whose flowers are mostly pollinated by other plants. It needs more distance and more plants than a self-pollinating one.',
		also: 'outcrosser'
	},
	dormancy: {
		term: 'Dormancy',
		means:
			'Living seed that does not sprout yet. Chilling, light or time ends it; without that a germination test reads too low.'
	},
	effectiveSize: {
		term: 'Effective population size',
		short: 'Nₑ',
		means:
			'How many plants, all equally fertile, would keep as much diversity as the plants that really gave seed. Uneven seed set, selection and few males make it smaller than the number of plants.',
		also: 'diversity inbreeding'
	},
	family: {
		term: 'Family',
		means:
			'Where a lot’s seed came from and what came of it: parents, splits, blends, crops sown with it and who has some.',
		also: 'pedigree trace'
	},
	fermentation: {
		term: 'Fermentation',
		means:
			'Leaving wet seed in its pulp until the gel around it breaks down. Too short leaves gel, too long lets the seed sprout or die.'
	},
	gate: {
		term: 'Gate',
		means:
			'The list of what stands against selling a lot: inspection, isolation, germination, purity, moisture, holds. Each line says what settles it; a grower may overrule one in writing.',
		also: 'may be sold release'
	},
	germination: {
		term: 'Germination',
		short: '%',
		means:
			'The share of pure seeds that grow into normal seedlings in a test of replicates under set conditions. Abnormal, hard, fresh and dead seeds are counted apart.',
		also: 'viability'
	},
	grade: {
		term: 'Grade',
		means:
			'What a lot’s seed is for: stock seed (to be multiplied, the strictest), market seed (to be sold), or own use. Each grade needs its own distance, purity, number of plants and germination.',
		also: 'stock market own use'
	},
	hold: {
		term: 'Hold',
		means: 'A lot that may not be packed or sold until the reason is settled. Seed made from it is held too.'
	},
	inspection: {
		term: 'Inspection walk',
		short: 'walk',
		means:
			'Walking the rows at a stage of growth, counting the plants looked at and the off-types found. The count shows how few off-types can be left.',
		also: 'field inspection roguing'
	},
	isolation: {
		term: 'Isolation distance',
		short: 'm',
		means:
			'How far a seed crop must stand from whatever it could cross with. Different bloom times, covers and hand pollination can take the place of distance.'
	},
	lot: {
		term: 'Lot',
		means:
			'Seed of one variety from one harvest that is kept, tested and sold together under one number, such as 26-TOM-07-W.',
		also: 'batch lot number'
	},
	mark: {
		term: 'Marks',
		means:
			'Three signs that mean the same everywhere. Clear: an outline with a tick. Tight: hatched, on the edge of what is allowed. Crosses, short or held: filled.',
		also: 'clear tight crosses verdict'
	},
	moisture: {
		term: 'Seed moisture',
		short: '% wet basis',
		means:
			'The water in the seed, as a share of its weight with that water in it. It decides how long seed keeps, and whether it may be sealed or frozen.'
	},
	offType: {
		term: 'Off-type',
		means:
			'A plant that differs from what its variety should be: a cross, a mutation, a stray seed or a mix-up.'
	},
	progenyRow: {
		term: 'Progeny row',
		means: 'A row sown from the seed of one plant, to see what that plant passes on.',
		also: 'family row ear-to-row'
	},
	openPollinated: {
		term: 'Open-pollinated',
		means: 'A variety that comes true from its own seed when its plants pollinate each other.',
		also: 'OP'
	},
	overrule: {
		term: 'Overrule',
		means:
			'A grower’s written decision to sell in spite of one line of the gate. It names who, when and why, and lapses when the figures change.'
	},
	population: {
		term: 'Population size',
		means:
			'How many plants must give seed so that a variety keeps its rare types. Cross-pollinating crops need many, self-pollinating ones few.',
		also: 'plants needed'
	},
	purity: {
		term: 'Physical purity',
		short: '% by weight',
		means:
			'The share of a sample’s weight that is seed of the crop, after other seed and chaff are picked out.'
	},
	rareType: {
		term: 'Chance of keeping a rare type',
		means:
			'How likely a type that 5 % of the gene copies carry is still there after one more generation of so many plants.'
	},
	recall: {
		term: 'Recall',
		means:
			'Holding a lot and whatever came of it, and naming everyone who has some, when something is found wrong with it.'
	},
	recovery: {
		term: 'Recovery',
		short: '%',
		means:
			'Mass out of a step as a share of mass in. It is compared with what is usual for the crop and the step.',
		also: 'yield of a step went in came out'
	},
	regenerate: {
		term: 'Regenerate',
		means: 'Growing a variety again because its seed is running out, growing old or losing germination.',
		also: 'regrow grow again'
	},
	replicate: {
		term: 'Replicate',
		means:
			'One of several equal parts of a test. If replicates differ more than chance allows, the test does not count and is done again.'
	},
	rh: {
		term: 'Relative humidity',
		short: 'RH',
		means:
			'How much water the air holds of what it could hold at that temperature. Seed takes up or gives off water until it fits the air. Rule of thumb for a store: °F + % RH should be under 100.',
		also: 'damp air'
	},
	rogue: {
		term: 'Rogue',
		means:
			'To pull an off-type before its pollen or seed does harm. Near it, neighbours of the same origin may go too.',
		also: 'roguing pull'
	},
	rotation: {
		term: 'Rest',
		means:
			'Years during which ground carries no crop that could leave volunteers or diseases for the next seed crop of its kind.',
		also: 'rotation volunteers'
	},
	score: {
		term: 'Score',
		means: 'What a plant is given for a trait, or for all traits by their weights, when the best are chosen.'
	},
	selfPollinating: {
		term: 'Self-pollinating',
		means:
			'A crop whose flowers mostly pollinate themselves before or as they open. A little natural outcrossing remains.',
		also: 'inbreeder'
	},
	split: {
		term: 'Split',
		means:
			'One lot parted into several with numbers of their own, such as for two buyers or two ways of drying.',
		also: 'part'
	},
	steckling: {
		term: 'Steckling',
		means: 'A small root grown late to be stored over winter and planted out for seed in the second year.',
		also: 'root biennial'
	},
	stockSeed: {
		term: 'Stock seed',
		means: 'Seed reserved for the farm’s own sowing: the best of a variety, not for sale.',
		also: 'own seed keep back reserve'
	},
	storageLife: {
		term: 'Storage life',
		means:
			'The time until germination falls to the standard, estimated from the seed’s moisture and the temperature of its place. Treat it as a guide for when to test, not as a promise.',
		also: 'keeps good until'
	},
	treated: {
		term: 'Treated seed',
		means:
			'Seed that was dressed with something, or grown from such seed. It is said wherever the lot is shown or sold.'
	},
	tsw: {
		term: 'Thousand-seed weight',
		short: 'TSW, g',
		means: 'The weight of 1,000 seeds. It turns grams into seeds for packets, sowing and yields.'
	},
	threshing: {
		term: 'Threshing',
		means: 'Beating, rubbing or treading dry plants until the seed comes loose.'
	},
	trueToType: {
		term: 'True to type',
		means: 'Looking and growing as the description of the variety says.',
		also: 'true seed'
	},
	volunteer: {
		term: 'Volunteer',
		means:
			'A plant that came up by itself from seed or roots of an earlier crop. It can cross with a seed crop of its kind.'
	},
	winnowing: {
		term: 'Winnowing',
		means: 'Letting moving air carry away what is lighter than the seed.'
	}
} as const satisfies Record<string, Term>;

export type TermKey = keyof typeof TERMS;

/** All of them by name. */
export const BY_NAME: [TermKey, Term][] = (Object.entries(TERMS) as [TermKey, Term][]).toSorted(
	([, a], [, b]) => a.term.localeCompare(b.term)
);

/** Those in whose name, short form or other words all the typed words stand. */
export function termsCalled(typed: string): [TermKey, Term][] {
	const words = typed.trim().toLowerCase().split(/\s+/);
	return BY_NAME.filter(([, { term, short = '', also = '' }]) => {
		const text = `${term} ${short} ${also}`.toLowerCase();
		return words.every((word) => text.includes(word));
	});
}
