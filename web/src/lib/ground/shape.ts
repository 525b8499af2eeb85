import type { Schemas } from '$lib/api/api';

export type Metres = Schemas['Metres'];
type Outline = Schemas['Outline'];

/** The kinds of shape on the map, as the server calls them. */
export type Kind = 'PLOT' | 'BED' | 'BARRIER' | 'NEIGHBOUR';

/** One shape of the farm's ground, whatever its kind. */
export interface Shape {
	kind: Kind;
	id: string;
	version: number;
	name: string;
	corners: Metres[];
	plot?: Schemas['PlotView'];
	bed?: Schemas['BedView'];
	barrier?: Schemas['BarrierView'];
	neighbour?: Schemas['NeighbourView'];
	cropName?: string;
}

export function shapes(ground: Schemas['GroundView']): Shape[] {
	return [
		...ground.plots.map(({ plot, corners }) => ({ kind: 'PLOT' as const, ...core(plot), plot, corners })),
		...ground.beds.map(({ bed, corners }) => ({ kind: 'BED' as const, ...core(bed), bed, corners })),
		...ground.barriers.map(({ barrier, corners }) => ({
			kind: 'BARRIER' as const,
			...core(barrier),
			barrier,
			corners
		})),
		...ground.neighbours.map(({ neighbour, cropName, corners }) => ({
			kind: 'NEIGHBOUR' as const,
			...core(neighbour),
			neighbour,
			cropName,
			corners
		}))
	];
}

const core = ({ id, version, name }: { id: string; version: number; name: string }) => ({
	id,
	version,
	name
});

/** A rectangle by its numbers: middle, width along, length across, turned clockwise in degrees. */
export interface Rectangle {
	east: number;
	north: number;
	width: number;
	length: number;
	turned: number;
}

/** The numbers of a shape that is a rectangle, to a centimetre; nothing for any other. */
export function rectangleOf(corners: Metres[]): Rectangle | undefined {
	if (corners.length !== 4) return undefined;
	const [a, b, c, d] = corners;
	const width = Math.hypot(b.east - a.east, b.north - a.north);
	const length = Math.hypot(c.east - b.east, c.north - b.north);
	const middle = { east: (a.east + c.east) / 2, north: (a.north + c.north) / 2 };
	const other = { east: (b.east + d.east) / 2, north: (b.north + d.north) / 2 };
	const diagonals = Math.abs(
		Math.hypot(c.east - a.east, c.north - a.north) - Math.hypot(d.east - b.east, d.north - b.north)
	);
	const off = Math.hypot(middle.east - other.east, middle.north - other.north);
	if (diagonals > 0.05 || off > 0.05) return undefined;
	const turned = (-Math.atan2(b.north - a.north, b.east - a.east) * 180) / Math.PI;
	return { ...middle, width, length, turned };
}

/** The corners of a rectangle. */
export function cornersOf({ east, north, width, length, turned }: Rectangle): Metres[] {
	const straight = [
		[-1, -1],
		[1, -1],
		[1, 1],
		[-1, 1]
	].map(([x, y]) => ({ east: east + (x * width) / 2, north: north + (y * length) / 2 }));
	return turn(straight, turned);
}

const PATH_M = 0.5;
const BED_M = 1.2;

/**
 * Where the next bed of a plot would lie: as far beside the last one as that lies from the one before, or along the
 * plot's northern edge when it is the first. Nothing on a plot that is no rectangle.
 */
export function nextBed(plot: Metres[], beds: Metres[][]): Rectangle | undefined {
	const last = beds.length > 0 ? rectangleOf(beds[beds.length - 1]) : undefined;
	if (last) {
		const before = beds.length > 1 ? middleOf(beds[beds.length - 2]) : undefined;
		const step = before
			? { east: last.east - before.east, north: last.north - before.north }
			: turned({ east: 0, north: -(last.length + PATH_M) }, last.turned);
		return { ...last, east: last.east + step.east, north: last.north + step.north };
	}
	const under = rectangleOf(plot);
	if (!under) return undefined;
	const edge = turned({ east: 0, north: (under.length - BED_M) / 2 - PATH_M }, under.turned);
	return {
		east: under.east + edge.east,
		north: under.north + edge.north,
		width: under.width - 2 * PATH_M,
		length: BED_M,
		turned: under.turned
	};
}

/** Whether a spot lies inside a shape. */
export function inside(spot: Metres, corners: Metres[]): boolean {
	return corners.reduce((within, corner, i) => {
		const next = corners[(i + 1) % corners.length];
		const crosses =
			corner.north > spot.north !== next.north > spot.north &&
			spot.east <
				corner.east + ((spot.north - corner.north) / (next.north - corner.north)) * (next.east - corner.east);
		return crosses ? !within : within;
	}, false);
}

function turned({ east, north }: Metres, degrees: number): Metres {
	const angle = (-degrees * Math.PI) / 180;
	return {
		east: east * Math.cos(angle) - north * Math.sin(angle),
		north: east * Math.sin(angle) + north * Math.cos(angle)
	};
}

/** Corners turned about their middle, degrees clockwise. */
export function turn(corners: Metres[], degrees: number): Metres[] {
	const middle = middleOf(corners);
	return corners.map(({ east, north }) => {
		const now = turned({ east: east - middle.east, north: north - middle.north }, degrees);
		return { east: middle.east + now.east, north: middle.north + now.north };
	});
}

export function middleOf(corners: Metres[]): Metres {
	return {
		east: corners.reduce((sum, corner) => sum + corner.east, 0) / corners.length,
		north: corners.reduce((sum, corner) => sum + corner.north, 0) / corners.length
	};
}

/** Length of each side, round the edge. */
export function sides(corners: Metres[]): number[] {
	if (corners.length < 2) return [];
	return corners.map((corner, i) => {
		const next = corners[(i + 1) % corners.length];
		return Math.hypot(next.east - corner.east, next.north - corner.north);
	});
}

/** Square metres, for a shape that is still being drawn; what is kept is measured by the server. */
export function roughArea(corners: Metres[]): number {
	const twice = corners.reduce((sum, corner, i) => {
		const next = corners[(i + 1) % corners.length];
		return sum + corner.east * next.north - next.east * corner.north;
	}, 0);
	return Math.abs(twice) / 2;
}

export const byCorners = (corners: Metres[]): Outline => ({ corners });
