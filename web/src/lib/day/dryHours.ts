import type { Schemas } from '$lib/api/api';
import { clock } from '$lib/words/dates';

/** The hours in which a day is dry enough to cut seed, "13:00 to 20:00"; empty where it never is, or nobody says. */
export function dryHours(day: Schemas['ComingDay'] | undefined): string {
	return day?.from === undefined ? '' : `${clock(day.from)} to ${clock(day.from + day.dryHours)}`;
}
