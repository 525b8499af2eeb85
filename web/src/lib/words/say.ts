import { IntlMessageFormat } from 'intl-messageformat';
import { area, distance, figure, mass, percent, percentage, temperature, type Units } from '$lib/units/units';
import { fullDay, shortDay } from './dates';
import catalogue from './en.json';
import { reader } from './reader.svelte';

/** Figures of a record the server told, which says of which kind it is. */
interface Told {
	kind: string;
}
type Figures = object;

/** English with the numbers and dates of a country, by language tag. */
export const COUNTRIES: Record<string, string> = catalogue.countries;

const sentences = new Map<string, string>();
(function collect(before: string, part: object) {
	for (const [name, value] of Object.entries(part)) {
		if (typeof value === 'string') sentences.set(before + name, value);
		else collect(`${before}${name}.`, value as object);
	}
})('', catalogue);

/** Argument types beside those of ICU messages: measures for the reader, and words for a value of a kind. */
const OWN_TYPE = /\{(\w+), (?!number\}|date\}|time\})(\w+)\}/g;

const MEASURES: Record<string, (value: number, units: Units) => string> = {
	mass,
	distance,
	area,
	temperature,
	percent: percentage,
	share: percent,
	figure
};

const ready = new Map<
	string,
	{ message: IntlMessageFormat; own: [name: string, of: string, type: string][] }
>();

/** What a section of the catalogue says of a record, by the record's kind. */
export function saying(section: string, told: Told): string {
	return say(`${section}.${told.kind}`, told);
}

/** A sentence by its key, its figures written for the reader. */
export function say(key: string, figures: Figures = {}): string {
	const { message, own } = prepared(key);
	const values: Record<string, string | number> = {};
	for (const [name, value] of Object.entries(figures)) {
		values[name] = typeof value === 'number' ? value : value === undefined ? 'none' : String(value);
	}
	for (const [name, of, type] of own) values[name] = told((figures as Record<string, unknown>)[of], type);
	return String(message.format(values));
}

function prepared(key: string) {
	const at = `${reader.locale} ${key}`;
	let found = ready.get(at);
	if (!found) {
		const own: [string, string, string][] = [];
		const pattern = sentence(key).replace(OWN_TYPE, (_, of: string, type: string) => {
			own.push([`${of}_${type}`, of, type]);
			return `{${of}_${type}}`;
		});
		found = { message: new IntlMessageFormat(pattern, reader.locale), own };
		ready.set(at, found);
	}
	return found;
}

function told(value: unknown, type: string): string {
	if (value === undefined || value === null) return '';
	if (type === 'day') return shortDay(String(value));
	if (type === 'longDay') return fullDay(String(value));
	if (type in MEASURES) return MEASURES[type](Number(value), reader.units);
	return sentence(`words.${type}.${String(value)}`);
}

function sentence(key: string): string {
	const found = sentences.get(key);
	if (found === undefined) throw new Error(`The catalogue has no sentence ${key}`);
	return found;
}
