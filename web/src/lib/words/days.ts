import { reader } from './reader.svelte';

/** A day as its reader's country writes it in figures, and as it is typed. */
const YEAR_DIGITS = 4;
const CENTURY = 2000;

type Part = 'day' | 'month' | 'year';
const figures = () =>
	new Intl.DateTimeFormat(reader.locale, {
		day: '2-digit',
		month: '2-digit',
		year: 'numeric',
		timeZone: 'UTC'
	});
const partsOf = (iso: string) => figures().formatToParts(new Date(`${iso}T12:00:00Z`));
const isPart = (type: string): type is Part => ['day', 'month', 'year'].includes(type);
/** In which order the parts of a day stand. */
const order = () =>
	partsOf('2026-12-31')
		.map(({ type }) => type)
		.filter(isPart);

/** "14/08/2026"; with its hour, where it has one, "14/08/2026 10:05". What is no day stays as it is. */
export function dayWritten(iso: string): string {
	const [day, time] = iso.split('T');
	if (!isDay(day)) return iso;
	const written = partsOf(day)
		.map(({ value }) => value)
		.join('');
	return time ? `${written} ${time.slice(0, 5)}` : written;
}

/** How a day is written: "dd/mm/yyyy". */
export function dayPattern(): string {
	const signs = { day: 'dd', month: 'mm', year: 'yyyy' };
	return partsOf('2026-12-31')
		.map(({ type, value }) => (isPart(type) ? signs[type] : value))
		.join('');
}

/**
 * The day that was typed, as ISO: in the order of the reader's country, its month by figures or by name, without a year in
 * this one; or as ISO already. What is none stays as it was typed.
 */
export function dayTyped(typed: string, withTime = false): string {
	const text = typed.trim();
	if (!text) return '';
	if (!withTime) return dayIn(text) ?? typed;
	const [, said, hour, minute] = /^(.*?)[ T,]+(\d{1,2})[:.](\d{2})$/.exec(text) ?? [];
	const day = said === undefined ? undefined : dayIn(said);
	if (!day || Number(hour) > 23 || Number(minute) > 59) return typed;
	return `${day}T${hour.padStart(2, '0')}:${minute}`;
}

/** Whether that is a day, or a moment of one. */
export function isDay(iso: string): boolean {
	const day = /^\d{4}-\d{2}-\d{2}(?=$|T\d{2}:\d{2})/.exec(iso)?.[0];
	if (!day) return false;
	const date = new Date(`${day}T12:00:00Z`);
	return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(day);
}

function dayIn(text: string): string | undefined {
	if (isDay(text)) return text.slice(0, 10);
	const named = monthIn(text);
	const numbers = text.match(/\d+/g)?.map(Number) ?? [];
	const asked = order().filter((part) => !(named && part === 'month'));
	const said = numbers.length === asked.length ? asked : asked.filter((part) => part !== 'year');
	if (numbers.length !== said.length) return undefined;
	const parts: Partial<Record<Part, number>> = Object.fromEntries(said.map((part, i) => [part, numbers[i]]));
	const year = parts.year ?? Number(reader.today.slice(0, YEAR_DIGITS));
	const iso = [
		String(year < 100 ? CENTURY + year : year).padStart(YEAR_DIGITS, '0'),
		...[named ?? parts.month, parts.day].map((part) => String(part).padStart(2, '0'))
	].join('-');
	return isDay(iso) ? iso : undefined;
}

/** The month that is named, by three letters at least. */
function monthIn(text: string): number | undefined {
	const word = /\p{L}{3,}/u.exec(text)?.[0].toLowerCase();
	if (!word) return undefined;
	const name = new Intl.DateTimeFormat(reader.locale, { month: 'long', timeZone: 'UTC' });
	const months = Array.from({ length: 12 }, (_, i) =>
		name.format(new Date(Date.UTC(2026, i, 15))).toLowerCase()
	);
	const at = months.findIndex((month) => month.startsWith(word) || word.startsWith(month));
	return at < 0 ? undefined : at + 1;
}
