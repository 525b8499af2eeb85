import { reader } from './reader.svelte';

/** Days and hours as they are said, in the farm's own zone and as the reader's country writes them. */
const day = (options: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(reader.locale, options);
const asDate = (iso: string) => new Date(`${iso.slice(0, 10)}T12:00:00Z`);

/** "14 Aug", or "14 Aug 2025" when another year is meant. */
export function dayMonth(iso: string, thisYear?: string): string {
	const sameYear = !thisYear || iso.slice(0, 4) === thisYear.slice(0, 4);
	return day({
		day: 'numeric',
		month: 'short',
		timeZone: 'UTC',
		...(sameYear ? {} : { year: 'numeric' })
	}).format(asDate(iso));
}

export const DAY_MS = 86_400_000;
/** The day so many days after another. */
export const dayAfter = (iso: string, days: number): string =>
	new Date(Date.parse(iso) + days * DAY_MS).toISOString().slice(0, 10);

/** "14 Aug 2026". */
export function shortDay(iso: string): string {
	return day({ day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' }).format(asDate(iso));
}

/** "Friday 14 August". */
export function longDay(iso: string): string {
	return day({ weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' })
		.format(asDate(iso))
		.replace(',', '');
}

/** "Friday", or "Fri" in short. */
export function weekday(iso: string, length: 'long' | 'short'): string {
	return day({ weekday: length, timeZone: 'UTC' }).format(asDate(iso));
}

/** "24 July 2026". */
export function fullDay(iso: string): string {
	return day({ day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' }).format(asDate(iso));
}

/** "July 2026". */
export function monthYear(iso: string): string {
	return day({ month: 'long', year: 'numeric', timeZone: 'UTC' }).format(asDate(iso));
}

/** "July", or "Jul" in short. */
export function monthName(iso: string, month: 'long' | 'short'): string {
	return day({ month, timeZone: 'UTC' }).format(asDate(iso));
}

/** Hours after midnight as a clock shows them. */
export function clock(hours: number): string {
	const minutes = Math.round(hours * 60);
	return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}

/** A moment on the farm's clock: "Fri 11:20", or "14 Aug, 11:20" when it is more than six days off. */
export function moment(local: string, now: string): string {
	const apart = Math.abs(asDate(local).getTime() - asDate(now).getTime()) / DAY_MS;
	const time = local.slice(11, 16);
	if (apart < 0.5) return time;
	if (apart > 6) return `${dayMonth(local, now)}, ${time}`;
	return `${day({ weekday: 'short', timeZone: 'UTC' }).format(asDate(local))} ${time}`;
}

/** A moment of the world as local date and time in a zone, written as ISO without offset. */
export function inZone(instant: string, timeZone: string): string {
	const parts = Object.fromEntries(
		new Intl.DateTimeFormat('en-GB', {
			timeZone,
			year: 'numeric',
			month: '2-digit',
			day: '2-digit',
			hour: '2-digit',
			minute: '2-digit',
			hourCycle: 'h23'
		})
			.formatToParts(new Date(instant))
			.map((part) => [part.type, part.value])
	);
	return `${parts.year}-${parts.month}-${parts.day}T${parts.hour}:${parts.minute}`;
}

/** Hours from one local moment to another. */
export function hoursBetween(from: string, to: string): number {
	return (Date.parse(`${to.slice(0, 16)}:00Z`) - Date.parse(`${from.slice(0, 16)}:00Z`)) / 3_600_000;
}

/** Hours as they are said: "6 h", "2 days". */
export function hours(many: number): string {
	const whole = Math.round(Math.abs(many));
	return whole < 48 ? `${whole} h` : `${Math.round(whole / 24)} days`;
}
