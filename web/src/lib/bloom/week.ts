import type { Schemas } from '$lib/api/api';
import { DAY_MS } from '$lib/words/dates';

interface Window {
	first: string;
	last: string;
}

/** The first may begin before the season does. */
const WEEKS = 53;

/**
 * How strongly a window blooms in the middle of a week of a season, 0 to 1.
 *
 * @param begins first day of the season's year
 */
export function bloomIn(window: Window | undefined, begins: string, week: number): number {
	if (!window) return 0;
	const first = Date.parse(window.first);
	const days = (Date.parse(window.last) - first) / DAY_MS + 1;
	const middle = (Date.parse(begins) - first) / DAY_MS + 7 * week + 3.5;
	const u = middle / days;
	return u <= 0 || u >= 1 ? 0 : Math.sin(Math.PI * u) ** 2;
}

export const windowOf = (seen: Schemas['NeighbourView']): Window | undefined =>
	seen.bloomFirst && seen.bloomLast ? { first: seen.bloomFirst, last: seen.bloomLast } : undefined;

/** How many of these windows are open in each week of a season. */
export function counts(windows: (Window | undefined)[], begins: string): number[] {
	return Array.from(
		{ length: WEEKS },
		(_, week) => windows.filter((window) => bloomIn(window, begins, week) > 0.02).length
	);
}

/** The day on which the week of another begins, on the weekday a farm begins its weeks with: 0 is Sunday. */
export function weekBegins(day: string, weekday: number): string {
	const at = new Date(`${day}T00:00:00Z`);
	at.setUTCDate(at.getUTCDate() - ((at.getUTCDay() - weekday + 7) % 7));
	return at.toISOString().slice(0, 10);
}

/** The week of a day in a season; of midsummer when the day lies in another. */
export function weekOf(day: string, begins: string): number {
	const days = (Date.parse(day) - Date.parse(begins)) / DAY_MS;
	return days < 0 || days >= 7 * WEEKS ? 27 : Math.floor(days / 7);
}
