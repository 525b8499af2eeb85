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

/** Corners turned about their middle, degrees clockwise. */
export function turn(corners: Metres[], degrees: number): Metres[] {
	const middle = middleOf(corners);
	const angle = (-degrees * Math.PI) / 180;
	return corners.map(({ east, north }) => {
		const x = east - middle.east;
		const y = north - middle.north;
		return {
			east: middle.east + x * Math.cos(angle) - y * Math.sin(angle),
			north: middle.north + x * Math.sin(angle) + y * Math.cos(angle)
		};
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
