import type { Schemas } from '$lib/api/api';

type Entry = Schemas['Entry'];
type Kind = Entry['kind'];

/** The year's work by what it is, in the order in which a crop asks for it. */
export const WORK: { name: string; kinds: readonly Kind[] }[] = [
	{ name: 'sow, plant', kinds: ['SOW', 'PLANT', 'SET_OUT', 'STAKE'] },
	{ name: 'walk', kinds: ['WALK', 'HOE_VOLUNTEERS'] },
	{
		name: 'bloom',
		kinds: ['PICK_FLOWERS_OFF', 'COVER', 'TURN_CAGES', 'BRING_INSECTS', 'CLOSE_BUDS', 'UNCOVER']
	},
	{ name: 'ripening', kinds: ['LAST_WATERING', 'WATCH_RIPENING'] },
	{ name: 'harvest', kinds: ['PICK', 'LIFT', 'CLEAR'] },
	{ name: 'store', kinds: ['CHECK_STORE', 'REPLANT'] }
];

/** A part of a month: its first and last day. */
const PARTS: readonly [number, number][] = [
	[1, 7],
	[8, 14],
	[15, 21],
	[22, 31]
];

/** How many tasks are due in a month, and in each week of it; the last week is as long as the month leaves it. */
export interface MonthOfWork {
	month: string;
	tasks: number;
	weeks: number[];
}

/** How much of one kind of work each of the months asks for. @param months as "2026-08" */
export function yearOf(entries: Entry[], kinds: readonly Kind[], months: string[]): MonthOfWork[] {
	const own = entries.filter((entry) => kinds.includes(entry.kind));
	const due = (from: string, to: string) =>
		own.filter((entry) => entry.from <= to && entry.to >= from).length;
	return months.map((month) => {
		const day = (of: number) => `${month}-${String(of).padStart(2, '0')}`;
		return {
			month,
			tasks: due(day(1), day(31)),
			weeks: PARTS.map(([from, to]) => due(day(from), day(to)))
		};
	});
}
