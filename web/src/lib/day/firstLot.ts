import type { Schemas } from '$lib/api/api';
import { dayMonth } from '$lib/words/dates';

export type FirstLot = Schemas['FirstLot'];
export type Step = FirstLot['done'][number];

/** One step on the way to a first lot: what it is, why it is done, and where. */
export interface Way {
	step: Step;
	what: string;
	why: string;
	act: string;
	/** None while an earlier step is missing. */
	path?: string;
	/** About when it is time. */
	when?: string;
	done: boolean;
}

const SAYS: Record<Step, { what: string; why: string; act: string }> = {
	GROUND: {
		what: 'Draw a plot',
		why: 'How far apart crops stand is measured from it. One plot is enough to begin; more can follow.',
		act: 'Draw it'
	},
	VARIETY: {
		what: 'Write down a variety',
		why: 'What you grow for seed and where its seed came from: later that tells its parents.',
		act: 'Write it down'
	},
	PLANTING: {
		what: 'Plan its planting',
		why: 'Season, days and the number of plants are proposed from the crop, and you see at once whether it can stay true there.',
		act: 'Plan it'
	},
	WALK: {
		what: 'Walk its rows',
		why: 'Before it flowers, and again when it shows what it is, plants that are not true are pulled. When the plants are gone nobody can say any more how true the seed is.',
		act: 'Walk it'
	},
	HARVEST: {
		what: 'Number it and pick it',
		why: 'The lot has its number and its label before anything is picked, so no bowl is mixed up.',
		act: 'Pick it'
	},
	BENCH: {
		what: 'Work it to clean seed',
		why: 'What comes out of each step is weighed: that tells what a plant gives, and when something is lost.',
		act: 'To the bench'
	},
	TESTS: {
		what: 'Weigh 100 seeds and test whether they germinate',
		why: 'How many seeds go into a packet, and whether the lot may be sold.',
		act: 'To its tests'
	}
};

const ORDER = Object.keys(SAYS) as Step[];

/** The steps in their order, each with where it is done. */
export function ways(first: FirstLot, today: string): Way[] {
	const { planting, variety, lot } = first;
	const places: Record<Step, string | undefined> = {
		GROUND: '/field',
		VARIETY: '/desk/varieties/new',
		PLANTING: variety && `/desk/plantings/new?variety=${variety.id}`,
		WALK: planting && `/walk/${planting.id}`,
		HARVEST: planting && (lot ? `/harvest/${planting.id}?lot=${lot}` : `/harvest/${planting.id}`),
		BENCH: lot && `/bench/${lot}`,
		TESTS: lot && `/lot/${lot}/tests`
	};
	const from: Partial<Record<Step, string | undefined>> = { WALK: first.walkFrom, HARVEST: first.pickFrom };
	return ORDER.map((step) => {
		const day = from[step];
		return {
			step,
			...SAYS[step],
			path: places[step],
			when: day && day > today ? `about ${dayMonth(day, today)}` : undefined,
			done: first.done.includes(step)
		};
	});
}

/** What is to be done now: the first that is not done and can be. */
export function next(all: Way[]): Way | undefined {
	return all.find((way) => !way.done && way.path);
}
