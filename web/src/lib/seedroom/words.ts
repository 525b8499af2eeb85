import type { Schemas } from '$lib/api/api';
import { mass, type Units } from '$lib/units/units';
import { saying } from '$lib/words/say';

type Hanging = Schemas['Hanging'];

type Need = Hanging['need']['kind'];

/** The boards of the room, in their order along the wall. */
export const BOARDS = ['To do', 'At the bench', 'In order', 'None left'];

/** The board a lot hangs on when they are ordered by what needs doing. */
export function board(need: Need): string {
	if (need === 'AtBench') return 'At the bench';
	if (need === 'NoneLeft') return 'None left';
	return need === 'Nothing' ? 'In order' : 'To do';
}

export const SHELF: Record<Schemas['ShelfView']['kind'], string> = {
	COOL_ROOM: 'cool room',
	FRIDGE: 'fridge',
	FREEZER: 'freezer',
	ROOM: 'room, kitchen shelf'
};
export const CONTAINER: Record<Schemas['ContainerView']['kind'], string> = {
	JAR: 'jar',
	TIN: 'tin',
	FOIL: 'foil bag',
	PAPER: 'paper bag',
	SACK: 'sack'
};
export const TAKEN: Record<Schemas['WithdrawalView']['why'], string> = {
	SOWN: 'sown',
	TESTED: 'tested',
	SPOILT: 'written off',
	MIXED: 'put into a mix',
	COUNTED: 'stock-taking'
};
export const DIFFERENCE: Record<Schemas['CountedLine']['because'], string> = {
	SAME: 'as the books say',
	DRIED_OUT: 'dried out, or drew damp',
	SPILT: 'spilt',
	EATEN: 'eaten',
	MISWEIGHED: 'weighed or counted wrongly before',
	NOT_WRITTEN: 'something was not written down',
	UNKNOWN: 'unknown'
};
export const BETTER: Record<Schemas['Gain']['how'], string> = {
	DRIER: 'a point drier',
	FRIDGE: 'in a fridge',
	FREEZER: 'in a freezer'
};

/** What is left of a lot. */
export function left({ stock, bench }: Hanging, units: Units): string {
	const parts = [];
	if (stock.bulk > 0) parts.push(mass(stock.bulk, units));
	if (stock.packets > 0) parts.push(`${stock.packets} pk`);
	if (parts.length > 0) return parts.join(' + ');
	if (!bench) return 'empty';
	return bench.clean || bench.transferred ? 'none left' : mass(bench.mass, units);
}

/** What a lot waits for, in a few words. */
export const waits = ({ need }: Hanging) => saying('need', need);

/** By what the seed room's lots are put in order. */
export const ORDERED = ['need', 'crop', 'place'] as const;
export type Order = (typeof ORDERED)[number];
