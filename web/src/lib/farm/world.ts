import { geoEquirectangular, geoPath } from 'd3-geo';
import { feature } from 'topojson-client';
import type { GeometryCollection, Topology } from 'topojson-specification';

/** A place in degrees, and what of the world is shown round it. */
export interface Spot {
	lat: number;
	lon: number;
}
export interface Frame {
	west: number;
	north: number;
	width: number;
}

/** Twice as wide as high, as the world is. */
export const HEIGHT = 0.5;
export const WORLD: Frame = { west: -180, north: 90, width: 360 };
const NARROWEST = 3;

/** So much of the world round a spot, never beyond its edges. */
export function frameAround({ lat, lon }: Spot, width: number): Frame {
	const wide = Math.min(360, Math.max(NARROWEST, width));
	const west = Math.min(180 - wide, Math.max(-180, lon - wide / 2));
	const north = Math.max(-90 + wide * HEIGHT, Math.min(90, lat + (wide * HEIGHT) / 2));
	return { west, north, width: wide };
}

/** Degrees between the lines that are drawn, so that there are some ten. */
export function linesEvery(width: number): number {
	return [30, 20, 10, 5, 2, 1, 0.5].find((degrees) => width / degrees >= 8) ?? 0.5;
}

/** The lines of a direction within a frame. */
export function linesIn(from: number, to: number, every: number): number[] {
	const first = Math.ceil(from / every);
	return Array.from({ length: Math.floor(to / every) - first + 1 }, (_, i) => (first + i) * every);
}

/** Coasts and borders as one path in degrees, north up; cut where the map ends. */
export async function coasts(): Promise<string> {
	const world = (await import('world-atlas/countries-110m.json')).default as unknown as Topology<{
		countries: GeometryCollection;
	}>;
	const degrees = geoEquirectangular()
		.scale(180 / Math.PI)
		.translate([0, 0])
		.precision(0.05);
	return geoPath(degrees).digits(2)(feature(world, world.objects.countries)) ?? '';
}
