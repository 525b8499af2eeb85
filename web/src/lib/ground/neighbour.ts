import { dayMonth, shortDay } from '$lib/words/dates';
import { BEYOND } from '$lib/words/words';
import type { Shape } from './shape';

/** What is known of a neighbour's crop, in a line: what it is, when it blooms, and what was agreed. */
export function aboutNeighbour({ neighbour: seen, cropName }: Pick<Shape, 'neighbour' | 'cropName'>): string {
	if (!seen) return '';
	const year = String(seen.season);
	return [
		cropName?.toLowerCase() ?? BEYOND[seen.kind],
		cropName && seen.kind === 'WILD' ? BEYOND.WILD : '',
		seen.bloomFirst && seen.bloomLast
			? `in bloom ${dayMonth(seen.bloomFirst, year)} to ${dayMonth(seen.bloomLast, year)}`
			: '',
		seen.sure || !cropName ? '' : 'not sure',
		seen.keptOn
			? `seen cut ${shortDay(seen.keptOn)}`
			: seen.agreedBy
				? `to be cut by ${shortDay(seen.agreedBy)}`
				: ''
	]
		.filter(Boolean)
		.join(', ');
}
