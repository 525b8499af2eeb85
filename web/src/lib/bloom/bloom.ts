import { scaleUtc } from 'd3-scale';
import type { Schemas } from '$lib/api/api';
import { capital, cropWord } from '$lib/words/words';

type Planting = Schemas['PlantingView'];
type Neighbour = Schemas['NeighbourView'];

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

const day = (iso: string) => new Date(`${iso.slice(0, 10)}T12:00:00Z`);

/** The plantings of a season by what crosses with what; neighbours stand with the plantings they threaten. */
export function groups(plantings: Planting[], neighbours: Neighbour[]): Group[] {
	const placed = new Set<string>();
	const made: Group[] = [];
	for (const planting of plantings) {
		if (placed.has(planting.id!)) continue;
		const together = circle(planting, plantings);
		together.forEach((member) => placed.add(member.id!));
		const threatened = new Set(
			together.flatMap(
				(member) => member.isolation?.threats.filter((t) => t.neighbour).map((t) => t.sourceId) ?? []
			)
		);
		made.push({
			name: [...new Set(together.map((member) => capital(cropWord(member.variety.cropName))))].join(', '),
			lines: [
				...together.map(ownLine),
				...neighbours.filter((seen) => threatened.has(seen.id)).map((seen) => neighbourLine(seen))
			]
		});
	}
	return made;
}

function circle(start: Planting, all: Planting[]): Planting[] {
	const reached = new Set([start.id]);
	let grew = true;
	while (grew) {
		grew = false;
		for (const planting of all) {
			const linked =
				planting.isolation?.threats.some((threat) => !threat.neighbour && reached.has(threat.sourceId)) ||
				all.some(
					(other) => reached.has(other.id) && other.isolation?.threats.some((t) => t.sourceId === planting.id)
				);
			if (linked && !reached.has(planting.id)) {
				reached.add(planting.id);
				grew = true;
			}
		}
	}
	return all.filter((planting) => reached.has(planting.id));
}

function ownLine(planting: Planting): Line {
	const eaten = planting.purpose === 'EATING';
	return {
		id: planting.id!,
		name: planting.variety.name,
		detail: `${cropWord(planting.variety.cropName)} · ${planting.plotName.toLowerCase()}${eaten ? ' · to eat' : ''}`,
		neighbour: false,
		planting,
		from: planting.sownOn,
		to: planting.bloom?.ripeFrom ?? `${planting.season}-11-30`,
		first: planting.bloom?.first,
		last: planting.bloom?.last
	};
}

function neighbourLine(seen: Neighbour): Line {
	return {
		id: seen.id,
		name: seen.name,
		detail: seen.bloomFirst ? (seen.sure ? 'seen in bloom' : 'not sure') : 'bloom not known',
		neighbour: true,
		from: seen.bloomFirst ?? `${seen.season}-01-01`,
		to: seen.bloomLast ?? `${seen.season}-12-31`,
		first: seen.bloomFirst,
		last: seen.bloomLast
	};
}

/** Months of a season across so many pixels. */
export function yearScale(season: number, width: number) {
	return scaleUtc([day(`${season}-03-01`), day(`${season}-11-01`)], [0, width]).clamp(true);
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
