import { weekBegins } from '$lib/bloom/week';
import { session } from '$lib/api/session.svelte';

/** A season as it is called: by the year of its seed; south of the equator by the two years its summer lies in. */
export function seasonName(season: number): string {
	return session.south ? `${season - 1}/${String(season % 100).padStart(2, '0')}` : String(season);
}

/** The first day of a season's year, in the cold before its summer. */
export function seasonBegins(season: number): string {
	return session.south ? `${season - 1}-07-01` : `${season}-01-01`;
}

/** The day on which the first week of a season begins, by the weekday on which weeks begin on this farm. */
export function weeksFrom(season: number): string {
	const WEEKDAYS = ['SUNDAY', 'MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY'];
	return weekBegins(seasonBegins(season), WEEKDAYS.indexOf(session.farm?.weekBegins ?? 'MONDAY'));
}
