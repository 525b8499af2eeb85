import { DAY_MS } from '$lib/words/dates';

/** A point by its figures. */
export type Point = [across: number, up: number];

/** Where figures lie on a chart, in pixels from its upper left corner. */
export interface Drawing {
	x: (across: number) => number;
	y: (up: number) => number;
	width: number;
	height: number;
	/** Points as a line through them is written. */
	line: (points: Point[]) => string;
}

/** A day or a moment as a figure: days. */
export const daysAt = (when: string) => Date.parse(when) / DAY_MS;

/** From the least to the most of figures, with room around those that differ little. */
export function ends(figures: number[], least = 0): [number, number] {
	const [low, high] = [Math.min(...figures), Math.max(...figures)];
	const spare = Math.max(0, least - (high - low)) / 2;
	return [low - spare, high + spare];
}
