import type { Schemas } from '$lib/api/api';

type Family = Schemas['FamilyView'];

/** What stands in the drawing: a lot, seed from elsewhere, a planting without a lot, a mix, or what others have of a lot. */
export type What =
	| { kind: 'lot'; lot: Schemas['Member'] }
	| { kind: 'from'; bought: Schemas['Bought'] }
	| { kind: 'standing'; standing: Schemas['Standing'] }
	| { kind: 'mix'; mix: Schemas['Mixed'] }
	| { kind: 'left'; left: Schemas['Left'] };
export interface Box {
	id: string;
	what: What;
	year: number;
	x: number;
	y: number;
}
export interface Strand {
	path: string;
	width: number;
	/** Where the seed lies on the strand when it was sown, and how much; no grams when it was not weighed. */
	sown?: { x: number; y: number; mass?: number };
}
export interface Laid {
	width: number;
	height: number;
	years: { year: number; x: number }[];
	boxes: Box[];
	strands: Strand[];
}
interface Link {
	from: string;
	to: string;
	mass?: number;
	sown: boolean;
}

export const BOX = { width: 206, height: 62 };
const TOP = 44;
const ROW = 92;
const BETWEEN = 76;
const GAP = 10;
const THIN = 3;
const THICK = 16;

const yearOf = (day: string) => Number(day.slice(0, 4));

function links(family: Family): Link[] {
	return [
		...family.transferred.map(({ from, to, mass }) => ({ from, to, mass, sown: false })),
		...family.sown.flatMap(({ from, to, standing, mass }) =>
			[...to, ...(standing ? [standing] : [])].map((end) => ({ from, to: end, mass, sown: true }))
		),
		...family.elsewhere.flatMap((seed) =>
			seed.to.map((end) => ({ from: seed.id, to: end, mass: seed.mass, sown: wasSown(family, seed) }))
		),
		...family.mixes.flatMap(({ number: to, from }) =>
			from.map(({ number, mass }) => ({ from: number, to, mass, sown: false }))
		),
		...family.left.map(({ number, bulk }) => ({
			from: number,
			to: `left ${number}`,
			mass: bulk || undefined,
			sown: false
		}))
	];
}

function boxes(family: Family): Box[] {
	const at = (id: string, what: What, year: number): Box => ({ id, what, year, x: 0, y: 0 });
	const transferred = new Map(family.transferred.map(({ to, on }) => [to, yearOf(on)]));
	return [
		...family.elsewhere.map((bought) =>
			at(bought.id, { kind: 'from', bought }, bought.grownIn ?? yearOf(bought.sownOn) - 1)
		),
		...family.lots.map((lot) =>
			at(lot.number, { kind: 'lot', lot }, Math.max(lot.season, transferred.get(lot.number) ?? 0))
		),
		...family.standing.map((standing) =>
			at(standing.plantingId, { kind: 'standing', standing }, standing.season)
		),
		...family.mixes.map((mix) => at(mix.number, { kind: 'mix', mix }, yearOf(mix.mixedOn))),
		...family.left.map((left) => at(`left ${left.number}`, { kind: 'left', left }, yearOf(left.lastOn)))
	];
}

/** Which of the columns of its year a box stands in: behind all of that year that it came of. */
function depths(byId: Map<string, Box>, before: Map<string, string[]>): Map<string, number> {
	const found = new Map<string, number>();
	function depth(box: Box): number {
		const known = found.get(box.id);
		if (known !== undefined) return known;
		found.set(box.id, 0);
		const same = (before.get(box.id) ?? [])
			.map((id) => byId.get(id))
			.filter((one): one is Box => one?.year === box.year);
		const own = Math.max(-1, ...same.map(depth)) + 1;
		found.set(box.id, own);
		return own;
	}
	byId.forEach(depth);
	return found;
}

/** Gives what goes no further a row of its own, and what went on a place amid what came of it; none stands on another. */
function rows(all: Box[], byId: Map<string, Box>, threads: Link[]) {
	const ends = new Map<string, Box[]>();
	for (const { from, to } of threads) ends.set(from, [...(ends.get(from) ?? []), byId.get(to)!]);
	const placed = new Set<string>();
	let next = TOP;
	function place(box: Box) {
		if (placed.has(box.id)) return;
		placed.add(box.id);
		const after = (ends.get(box.id) ?? []).toSorted((a, b) => a.x - b.x);
		if (after.length === 0) {
			box.y = next;
			next += ROW;
			return;
		}
		after.forEach(place);
		const ys = after.map((one) => one.y);
		box.y = (Math.min(...ys) + Math.max(...ys)) / 2;
	}
	all.toSorted((a, b) => a.x - b.x).forEach(place);
	const columns = new Map<number, Box[]>();
	for (const box of all) columns.set(box.x, [...(columns.get(box.x) ?? []), box]);
	for (const column of columns.values()) {
		column.sort((a, b) => a.y - b.y);
		column.forEach((box, i) => {
			if (i > 0) box.y = Math.max(box.y, column[i - 1].y + ROW);
		});
	}
}

/** Whether seed from elsewhere was sown; else it was given a number of its own as it came. */
export const wasSown = (family: Family, { to }: Schemas['Bought']) =>
	!family.lots.some(({ number, origin }) => origin === 'ELSEWHERE' && to.includes(number));

/** A family drawn from the left, where it is from, to the right, where it went: a column for each year, wider where seed was transferred in it. */
export function layOut(family: Family, room: number): Laid {
	const all = boxes(family);
	const byId = new Map(all.map((box) => [box.id, box]));
	const threads = links(family).filter(({ from, to }) => byId.has(from) && byId.has(to));
	const before = new Map<string, string[]>();
	for (const { from, to } of threads) before.set(to, [...(before.get(to) ?? []), from]);
	const depth = depths(byId, before);
	const columns = [...new Set(all.map((box) => box.year))]
		.sort((a, b) => a - b)
		.flatMap((year) => {
			const deep = Math.max(...all.filter((box) => box.year === year).map((box) => depth.get(box.id) ?? 0));
			return Array.from({ length: deep + 1 }, (_, at) => ({ year, at }));
		});
	const step = Math.max(
		BOX.width + BETWEEN,
		columns.length > 1 ? (room - BOX.width - 4) / (columns.length - 1) : 0
	);
	for (const [i, column] of columns.entries())
		for (const box of all)
			if (box.year === column.year && depth.get(box.id) === column.at) box.x = 2 + i * step;
	rows(all, byId, threads);
	const lowest = Math.max(TOP, ...all.map((box) => box.y));
	const most = Math.max(1, ...threads.map(({ mass }) => mass ?? 0));
	return {
		width: Math.max(room, 4 + (columns.length - 1) * step + BOX.width),
		height: lowest + BOX.height + 28,
		years: columns.flatMap(({ year, at }, i) => (at === 0 ? [{ year, x: 2 + i * step }] : [])),
		boxes: all,
		strands: threads.map((thread) => strand(thread, byId, most))
	};
}

function strand({ from, to, mass, sown }: Link, byId: Map<string, Box>, most: number): Strand {
	const [start, end] = [byId.get(from)!, byId.get(to)!];
	const points = [
		{ x: start.x + BOX.width, y: start.y + BOX.height / 2 },
		...passing(start, end, [...byId.values()]),
		{ x: end.x, y: end.y + BOX.height / 2 }
	];
	const [first, second] = points;
	const middle = (first.x + second.x) / 2;
	return {
		path: points
			.map(({ x, y }, i) => {
				if (i === 0) return `M${x} ${y}`;
				const before = points[i - 1];
				const half = (before.x + x) / 2;
				return `C${half} ${before.y} ${half} ${y} ${x} ${y}`;
			})
			.join(''),
		width: Math.max(THIN, THICK * Math.sqrt((mass ?? 0) / most)),
		sown: sown ? { x: middle, y: (first.y + second.y) / 2, mass } : undefined
	};
}

/** Where a strand goes by the boxes of the columns between: never behind one, as if the seed had gone through it. */
function passing(start: Box, end: Box, all: Box[]): { x: number; y: number }[] {
	const between = [...new Set(all.map(({ x }) => x))]
		.filter((x) => x > start.x && x < end.x)
		.sort((a, b) => a - b);
	return between.flatMap((x) => {
		const wanted = start.y + ((end.y - start.y) * (x - start.x)) / (end.x - start.x) + BOX.height / 2;
		const taken = all.filter((box) => box.x === x).map(({ y }) => y + BOX.height / 2);
		const free = (y: number) => taken.every((other) => Math.abs(other - y) >= BOX.height / 2 + GAP);
		const y = [wanted, ...taken.flatMap((other) => [other - ROW / 2, other + ROW / 2])]
			.filter(free)
			.sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0];
		return [
			{ x, y: y ?? wanted },
			{ x: x + BOX.width, y: y ?? wanted }
		];
	});
}
