import { scaleUtc } from 'd3-scale';
import type { Schemas } from '$lib/api/api';
import { monthName } from '$lib/words/dates';
import { cropWord, placed } from '$lib/words/words';

type Planting = Schemas['PlantingView'];
type Neighbour = Schemas['NeighbourShape'];

/** One line of the year: an own planting, or a neighbour's crop in grey. */
export interface Line {
	id: string;
	name: string;
	detail: string;
	neighbour: boolean;
	planting?: Planting;
	from: string;
	to: string;
	first?: string;
	last?: string;
}

/** Lines that can cross, together. */
export interface Group {
	name: string;
	lines: Line[];
}

const FEWEST_MONTHS = 8;
const MOST_MONTHS = 18;
const MONTH_NAME_PX = 36;

const day = (iso: string) => new Date(`${iso.slice(0, 10)}T12:00:00Z`);

/** The plantings of a season by what crosses with what; neighbours stand with the plantings of their group. */
export function groups(plantings: Planting[], neighbours: Neighbour[]): Group[] {
	return [...new Set(plantings.map((planting) => planting.group))].map((group) => {
		const own = plantings.filter((planting) => planting.group === group);
		return {
			name: [...new Set(own.map((planting) => planting.species))].join(', '),
			lines: [
				...own.map(ownLine),
				...neighbours.filter((seen) => seen.group === group).map((seen) => neighbourLine(seen.neighbour))
			]
		};
	});
}

function ownLine(planting: Planting): Line {
	const eaten = planting.purpose === 'EATING';
	return {
		id: planting.id!,
		name: planting.variety.name,
		detail: `${cropWord(planting.variety.cropName)}${eaten ? ' to eat' : ''}, ${placed(planting.plotName)}`,
		neighbour: false,
		planting,
		from: planting.groundFrom,
		to: planting.groundTo,
		first: planting.bloom?.first,
		last: planting.bloom?.last
	};
}

function neighbourLine(seen: Schemas['NeighbourView']): Line {
	return {
		id: seen.id,
		name: seen.name,
		detail: !seen.bloomFirst
			? 'bloom not known'
			: !seen.sure
				? 'not sure'
				: seen.seenOn < seen.bloomFirst
					? 'as told'
					: 'seen in bloom',
		neighbour: true,
		from: seen.bloomFirst ?? `${seen.season}-01-01`,
		to: seen.bloomLast ?? `${seen.season}-12-31`,
		first: seen.bloomFirst,
		last: seen.bloomLast
	};
}

type Span = Pick<Line, 'from' | 'to' | 'first' | 'last' | 'neighbour'>;

/**
 * The months that hold something: from the one before the first bloom to that in which the last leaves the ground. Where
 * nothing blooms, from the first on the ground.
 *
 * @param begins first day of the season's year
 */
export function monthsOf(lines: Span[], begins: string): Date[] {
	const blooms = lines.flatMap((line) => line.first ?? []);
	const own = lines.filter((line) => !line.neighbour);
	const from = blooms.length ? blooms : own.map((line) => (line.from > begins ? line.from : begins));
	const first = day([...from].sort()[0] ?? begins);
	const ends = [...own.map((line) => line.to), ...lines.flatMap((line) => line.last ?? [])].sort();
	const last = day(ends.at(-1) ?? begins);
	const months =
		12 * (last.getUTCFullYear() - first.getUTCFullYear()) + last.getUTCMonth() - first.getUTCMonth() + 2;
	return monthsFrom(
		new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() - 1, 1, 12)),
		Math.min(MOST_MONTHS, Math.max(FEWEST_MONTHS, months))
	);
}

/** So many months from the one that a day lies in. */
export function monthsFrom(from: Date, many: number): Date[] {
	return Array.from(
		{ length: many },
		(_, i) => new Date(Date.UTC(from.getUTCFullYear(), from.getUTCMonth() + i, 1, 12))
	);
}

/** Months across so many pixels. */
export function yearScale(months: Date[], width: number) {
	const last = months.at(-1)!;
	const end = new Date(Date.UTC(last.getUTCFullYear(), last.getUTCMonth() + 1, 1, 12));
	return scaleUtc([months[0], end], [0, width]).clamp(true);
}

/** What stands over each month: its name, where there is room for it, and the year where it begins. */
export function monthNames(months: Date[], width: number) {
	const every = Math.ceil(MONTH_NAME_PX / (width / months.length));
	const x = yearScale(months, width);
	return months.map((month, i) => {
		const iso = month.toISOString().slice(0, 10);
		const name = month.getUTCMonth() === 0 && i > 0 ? iso.slice(0, 4) : monthName(iso, 'short');
		return { x: x(month), key: iso, name: i % every === 0 ? name : '' };
	});
}

/** A line that swells while it blooms, as one closed path around y. */
export function swelling(line: Line, x: (date: Date) => number, y: number, most: number): string {
	if (!line.first || !line.last) return '';
	const from = day(line.first).getTime() - 43_200_000;
	const to = day(line.last).getTime() + 43_200_000;
	const top: string[] = [];
	const bottom: string[] = [];
	for (let i = 0; i <= 24; i++) {
		const u = i / 24;
		const half = most * Math.sin(Math.PI * u) ** 2;
		const at = x(new Date(from + u * (to - from))).toFixed(1);
		top.push(`${at},${(y - half).toFixed(1)}`);
		bottom.unshift(`${at},${(y + half).toFixed(1)}`);
	}
	return `M${top.join(' L')} L${bottom.join(' L')} Z`;
}

/** From when to when two lines bloom together, or nothing. */
export function together(a: Line, b: Line): { from: Date; to: Date } | undefined {
	if (!a.first || !a.last || !b.first || !b.last) return undefined;
	const from = a.first > b.first ? a.first : b.first;
	const to = a.last < b.last ? a.last : b.last;
	return from <= to ? { from: day(from), to: day(to) } : undefined;
}
