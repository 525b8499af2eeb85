import type { Schemas } from '$lib/api/api';

interface Window {
	first: string;
	last: string;
}

const DAY = 86_400_000;
const WEEKS = 52;

/** How strongly a window blooms in the middle of a week of the year, 0 to 1. */
export function bloomIn(window: Window | undefined, season: number, week: number): number {
	if (!window) return 0;
	const first = Date.parse(window.first);
	const days = (Date.parse(window.last) - first) / DAY + 1;
	const middle = (Date.UTC(season, 0, 1 + 7 * week + 3) - first) / DAY + 0.5;
	const u = middle / days;
	return u <= 0 || u >= 1 ? 0 : Math.sin(Math.PI * u) ** 2;
}

export const windowOf = (seen: Schemas['NeighbourView']): Window | undefined =>
	seen.bloomFirst && seen.bloomLast ? { first: seen.bloomFirst, last: seen.bloomLast } : undefined;

/** How many of these windows are open in each week of a season. */
export function counts(windows: (Window | undefined)[], season: number): number[] {
	return Array.from(
		{ length: WEEKS },
		(_, week) => windows.filter((window) => bloomIn(window, season, week) > 0.02).length
	);
}

/** The week of a day in a season; of midsummer when the day lies in another year. */
export function weekOf(day: string, season: number): number {
	if (!day.startsWith(String(season))) return 27;
	return Math.min(WEEKS - 1, Math.floor((Date.parse(day) - Date.UTC(season, 0, 1)) / DAY / 7));
}
