import type { Schemas } from '$lib/api/api';
import { DAY_MS, dayAfter } from '$lib/words/dates';
import { asRequest } from './request';

type Planting = Schemas['PlantingView'];
type Dated = Pick<Planting, 'sownOn' | 'setOutOn' | 'liftedOn' | 'replantedOn' | 'clearedOn'>;

/** A bed, or a plot that has none, as a row of the board. */
export interface Row {
	plotId: string;
	bed?: Schemas['BedView'];
	name: string;
}

/** The days of a planting, so many later; those it does not have it does not get. */
function daysLater(dated: Dated, days: number): Dated {
	const later = (day?: string) => (day ? dayAfter(day, days) : undefined);
	return {
		sownOn: dayAfter(dated.sownOn, days),
		setOutOn: later(dated.setOutOn),
		liftedOn: later(dated.liftedOn),
		replantedOn: later(dated.replantedOn),
		clearedOn: later(dated.clearedOn)
	};
}

/** Whether a planting is still only a plan, so that it can be moved as one. */
export const movable = (planting: Planting, today: string): boolean => planting.sownOn > today;

/**
 * A planting put on another row, or so many days later. On another bed it takes as many metres as before, from its
 * beginning, and no more than there are.
 */
export function movedTo(planting: Planting, row: Row, days: number): Schemas['PlantingRequest'] {
	const here = planting.stretches.some((one) => one.bedId === row.bed?.id);
	const metres = planting.stretches.reduce((sum, one) => sum + one.to - one.from, 0);
	const most = row.bed ? Math.floor(row.bed.length) : 0;
	const stretches = here
		? planting.stretches
		: row.bed
			? [{ bedId: row.bed.id, from: 0, to: metres ? Math.min(metres, most) : most }]
			: [];
	return { ...asRequest(planting), plotId: row.plotId, stretches, ...daysLater(planting, days) };
}

/** What is proposed for a variety, moved so that it is on its ground from this day on. */
export function onGroundFrom(proposed: Schemas['ProposalView'], from: string): Schemas['ProposalView'] {
	const days = Math.round((Date.parse(from) - Date.parse(proposed.setOutOn ?? proposed.sownOn)) / DAY_MS);
	return { ...proposed, ...daysLater(proposed, days) };
}

/** Days from and to which something is on its ground, as they are compared. */
export interface Stay {
	id: string;
	from: string;
	to: string;
}

/** Which line of its bed each is drawn on: the first that is free again, so that none lies on another. */
export function linesOf(stays: Stay[]): { lines: number; line: Record<string, number> } {
	const freeFrom: string[] = [];
	const line: Record<string, number> = {};
	for (const { id, from, to } of stays.toSorted((a, b) => a.from.localeCompare(b.from))) {
		const free = freeFrom.findIndex((day) => day < from);
		line[id] = free < 0 ? freeFrom.length : free;
		freeFrom[line[id]] = to;
	}
	return { lines: Math.max(1, freeFrom.length), line };
}

/** Where a new planting is made for a row, from a day on. */
export function plantOn(row: Row, season: number, from: string): string {
	const query = new URLSearchParams({ season: String(season), plot: row.plotId, from });
	if (row.bed) query.set('bed', row.bed.id);
	return `/desk/plantings/new?${query}`;
}
