import { inWords } from '$lib/words/words';

/** A part of a record as it was typed. */
export interface Part {
	/** As the server names it, such as offTypes[0].plants. */
	name: string;
	/** Its name in words. */
	says: string;
	typed: string;
	/** Whether it is a day. */
	day: boolean;
}

const CHOSEN = /^[A-Z][A-Z_]+$/;
const A_DAY = /^\d{4}-\d\d-\d\d$/;
const NOT_TYPED = /(^id|^version|^made$|Id)$/;

const isListOfNumbers = (list: unknown[]) => list.length > 0 && list.every((one) => typeof one === 'number');

/** What of a record can be typed anew: its numbers, days and texts; not its id, nor what it points to or was chosen. */
export function partsOf(value: unknown, name = '', says = ''): Part[] {
	if (Array.isArray(value) && !isListOfNumbers(value)) {
		return value.flatMap((one, i) => partsOf(one, `${name}[${i}]`, `${says} ${i + 1}:`));
	}
	if (typeof value === 'object' && value !== null && !Array.isArray(value)) {
		return Object.entries(value)
			.filter(([key]) => !NOT_TYPED.test(key))
			.flatMap(([key, one]) => partsOf(one, name ? `${name}.${key}` : key, `${says} ${inWords(key)}`.trim()));
	}
	const typed = Array.isArray(value) ? value.join(', ') : String(value);
	const isTyped =
		Array.isArray(value) || typeof value === 'number' || (typeof value === 'string' && !CHOSEN.test(value));
	return isTyped ? [{ name, says, typed, day: A_DAY.test(typed) }] : [];
}

/** Whether something in a record was chosen from a list. */
export function wasChosen(value: unknown): boolean {
	return typeof value === 'string'
		? CHOSEN.test(value)
		: typeof value === 'object' && value !== null && Object.values(value).some(wasChosen);
}

/** The record with its parts as they are now; a number that is none is sent as it was typed, for the server to refuse. */
export function mended(body: object, parts: Part[]): object {
	const now = new Map(parts.map((part) => [part.name, part.typed]));
	return anew(body, '', now) as object;
}

function anew(value: unknown, name: string, now: Map<string, string>): unknown {
	const typed = now.get(name);
	if (typed !== undefined) {
		if (Array.isArray(value)) {
			return typed
				.split(/[\s,;]+/)
				.filter(Boolean)
				.map(number);
		}
		return typeof value === 'number' ? number(typed) : typed;
	}
	if (typeof value !== 'object' || value === null) {
		return value;
	}
	if (Array.isArray(value)) {
		return value.map((one, i) => anew(one, `${name}[${i}]`, now));
	}
	const mendedParts = Object.entries(value).map(([key, one]) => [
		key,
		anew(one, name ? `${name}.${key}` : key, now)
	]);
	return Object.fromEntries(mendedParts) as object;
}

function number(typed: string) {
	const read = Number(typed);
	return typed.trim() && !Number.isNaN(read) ? read : typed;
}
