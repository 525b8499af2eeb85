import { IntlMessageFormat } from 'intl-messageformat';
import {
	area,
	digits,
	distance,
	figure,
	mass,
	percent,
	percentage,
	temperature,
	type Units
} from '$lib/units/units';
import { dayMonth, moment, monthYear, shortDay } from './dates';
import catalogue from './en.json';
import { reader } from './reader.svelte';
import { capital, cropWord, placed } from './words';

/** A record the server told, which says of which kind it is. */
interface Told {
	kind: string;
}

/** English with the numbers and dates of a country, by language tag. */
export const COUNTRIES: Record<string, string> = catalogue.countries;

const sentences = new Map<string, string>();

/** Adds a part of the catalogue that not every page needs. */
export function teach(part: object, before = '') {
	for (const [name, value] of Object.entries(part)) {
		if (typeof value === 'string') sentences.set(before + name, value);
		else teach(value as object, `${before}${name}.`);
	}
}
teach(catalogue);

/** Argument types beside those of ICU messages: measures for the reader, and words for a value of a kind. */
const OWN_TYPE = /\{(\w+), (?!number\}|date\}|time\})(\w+)\}/g;
/** What a sentence chooses by; where such a figure is not there it may say so for `none`. */
const CHOICE = /\{(\w+), select,/g;

const MEASURES: Record<string, (value: number, units: Units) => string> = {
	mass,
	distance,
	area,
	temperature,
	percent: percentage,
	share: percent,
	figure
};

interface Prepared {
	message: IntlMessageFormat;
	/** Arguments of our own types: how the message calls it, of which figure, and its type. */
	own: [name: string, of: string, type: string][];
	choices: string[];
}
const ready = new Map<string, Prepared>();

/** What a section of the catalogue says of a record, by the record's kind. */
export function saying(section: string, told: Told): string {
	return say(`${section}.${told.kind}`, told);
}

/** A sentence by its key, its figures written for the reader. */
export function say(key: string, figures: object = {}): string {
	const known = figures as Record<string, unknown>;
	const { message, own, choices } = prepared(key);
	const values: Record<string, string | number> = {};
	for (const name of choices) values[name] = 'none';
	for (const [name, value] of Object.entries(known)) {
		if (value !== undefined && value !== null) {
			values[name] = typeof value === 'number' ? value : String(value);
		}
	}
	for (const [name, of, type] of own) values[name] = told(known[of], type, known);
	return String(message.format(values));
}

function prepared(key: string): Prepared {
	const at = `${reader.locale} ${key}`;
	let found = ready.get(at);
	if (!found) {
		const own: Prepared['own'] = [];
		const pattern = sentence(key).replace(OWN_TYPE, (_, of: string, type: string) => {
			own.push([`${of}_${type}`, of, type]);
			return `{${of}_${type}}`;
		});
		const choices = [...pattern.matchAll(CHOICE)].map(([, name]) => name);
		found = { message: new IntlMessageFormat(pattern, reader.locale), own, choices };
		ready.set(at, found);
	}
	return found;
}

function told(value: unknown, type: string, figures: Record<string, unknown>): string {
	if (value === undefined || value === null) return '';
	if (type === 'day') return shortDay(String(value));
	if (type === 'dayMonth') return dayMonth(String(value), reader.today);
	if (type === 'moment') return moment(String(value), reader.now);
	if (type === 'cropWord') return cropWord(String(value));
	if (type === 'lower') return String(value).toLowerCase();
	if (type === 'capital') return capital(String(value));
	if (type === 'measured') return measured(value, String(figures.unit), true);
	if (type === 'bare') return measured(value, String(figures.unit), false);
	if (type === 'month') return monthYear(String(value));
	if (type === 'year') return String(value);
	if (type === 'hours') return `${digits(Number(value), 0)} h`;
	if (type === 'placed') return placed(String(value));
	if (type === 'finding') return saying('gate.found', value as Told);
	if (type === 'found') return (value as Told[]).map((one) => saying('gate.found', one)).join('; ');
	if (type in MEASURES) return MEASURES[type](Number(value), reader.units);
	return sentence(`words.${type}.${String(value)}`);
}

/** Measures by their unit. */
const IN_UNITS: Record<string, (value: number, units: Units) => string> = {
	g: mass,
	m: distance,
	m2: area,
	C: temperature
};

/** A figure in its unit; where it is not named only a measure is, for the unit is said once for two. */
function measured(value: unknown, unit: string, named: boolean): string {
	const number = Number(value);
	if (Number.isNaN(number)) return String(value);
	if (unit in IN_UNITS) return IN_UNITS[unit](number, reader.units);
	const plain = digits(number, 6);
	return named && unit ? `${plain} ${sentences.get(`words.unit.${unit}`) ?? unit}` : plain;
}

function sentence(key: string): string {
	const found = sentences.get(key);
	if (found === undefined) throw new Error(`The catalogue has no sentence ${key}`);
	return found;
}
