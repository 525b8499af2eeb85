import { session } from '$lib/api/session.svelte';
import { MEASURES, written, type Units } from '$lib/units/units';
import { countIn, dayIn, maybeCountIn, maybeDayIn, maybeNumberIn, missing, numberIn } from './typed';

/** What stands in the fields of a form, by name. */
export type Typed = Record<string, string>;
/** What is said of a field: always the same, or by what else is typed. */
export type Said<T> = T | ((typed: Typed) => T);
export const said = <T>(what: Said<T>, typed: Typed): T =>
	typeof what === 'function' ? (what as (typed: Typed) => T)(typed) : what;

export interface Choice {
	value: string;
	label: string;
}
type Choices = Choice[] | Record<string, string>;

/** What may be said of any field beside its label. */
export interface More {
	hint?: Said<string | undefined>;
	/** What stands there before anybody typed. */
	start?: string | number | boolean;
	/** Whether it is asked at all; what is not asked is not sent. */
	when?: (typed: Typed) => boolean;
	/** Whether it is asked only once the server has refused to do without it. */
	ifRefused?: boolean;
	/** What the server may call it when it refuses it, where that is not its name. */
	refusedAs?: Said<string[]>;
	/** What follows when something else is typed or chosen. */
	then?: (now: string) => void;
	/** Whether it takes the whole breadth of the form. */
	wide?: boolean;
	unit?: Said<string | undefined>;
	placeholder?: Said<string | undefined>;
	maxlength?: number;
	/** The last day that may be chosen. */
	max?: string;
	/** What is known already and offered while one types. */
	known?: Said<string[]>;
	/** Whether a mass is typed in the larger unit first. */
	heavy?: boolean;
	/** Whether a mass may be taken from the scale. */
	scale?: boolean;
	/** The key that does so. */
	scaleKey?: string;
	/** Other units than the reader's. */
	units?: Units;
	/** What the browser should know of it. */
	type?: 'text' | 'email' | 'password' | 'time';
	autocomplete?: 'off' | 'email' | 'current-password' | 'new-password';
	/** How many lines there are to write in. */
	rows?: number;
}
/** With whether it cannot be left empty. */
export type Needed = More & { needed: true };

/** How one field of a request is asked, typed and sent; the type is that of what is sent. */
export interface Kind<T> extends More {
	control: 'text' | 'day' | 'moment' | 'count' | 'number' | 'mass' | 'measure' | 'choice' | 'yes' | 'lines';
	label: Said<string>;
	needed?: Said<boolean>;
	measure?: keyof typeof MEASURES;
	choices?: Said<Choices>;
	/** What is sent of what was typed; a problem that names the field, where that cannot be. */
	read: (name: string, typed: string) => T;
}

/** A box that is ticked, as it is typed. */
export const YES = 'yes';

/** How a value that is known stands in a field. */
export function shown(value: unknown): string {
	if (value === undefined || value === null || value === false) return '';
	if (value === true) return YES;
	return typeof value === 'number' ? written(value) : String(value);
}

const maybe = (_name: string, typed: string) => typed || undefined;
const asTyped = (_name: string, typed: string) => typed;
const chosen = (name: string, typed: string) => typed || missing(name);

export function text(label: Said<string>, more?: More & { needed?: boolean }): Kind<string> {
	return { ...more, control: 'text', label, read: asTyped };
}

/** Several lines. */
export function lines(label: Said<string>, rows: number, more?: More): Kind<string> {
	return { ...more, control: 'lines', label, rows, read: asTyped };
}

export function day(label: Said<string>, more: Needed): Kind<string>;
export function day(label: Said<string>, more?: More): Kind<string | undefined>;
export function day(label: Said<string>, more?: More & { needed?: boolean }): Kind<string | undefined> {
	return { ...more, control: 'day', label, read: more?.needed ? dayIn : maybeDayIn };
}

/** A day with its hour, on the farm's clock; empty where nothing is said. */
export function moment(label: Said<string>, more?: More): Kind<string> {
	return { ...more, control: 'moment', label, read: (name, typed) => maybeDayIn(name, typed) ?? '' };
}

export function count(label: Said<string>, more: Needed): Kind<number>;
export function count(label: Said<string>, more?: More): Kind<number | undefined>;
export function count(label: Said<string>, more?: More & { needed?: boolean }): Kind<number | undefined> {
	return { ...more, control: 'count', label, read: more?.needed ? countIn : maybeCountIn };
}

export function figure(label: Said<string>, more: Needed): Kind<number>;
export function figure(label: Said<string>, more?: More): Kind<number | undefined>;
export function figure(label: Said<string>, more?: More & { needed?: boolean }): Kind<number | undefined> {
	return { ...more, control: 'number', label, read: more?.needed ? numberIn : maybeNumberIn };
}

/** Money of the farm. */
export function amount(label: Said<string>, more: Needed): Kind<number>;
export function amount(label: Said<string>, more?: More): Kind<number | undefined>;
export function amount(label: Said<string>, more?: More & { needed?: boolean }): Kind<number | undefined> {
	return figure(label, { unit: () => session.farm?.currency, ...more } as Needed);
}

/** A mass, in grams. */
export function weight(label: Said<string>, more: Needed): Kind<number>;
export function weight(label: Said<string>, more?: More): Kind<number | undefined>;
export function weight(label: Said<string>, more?: More & { needed?: boolean }): Kind<number | undefined> {
	return { ...figure(label, more as Needed), control: 'mass' };
}

/** A length, ground or warmth, in metres, square metres or °C. */
export function measure(label: Said<string>, measure: keyof typeof MEASURES, more: Needed): Kind<number>;
export function measure(
	label: Said<string>,
	measure: keyof typeof MEASURES,
	more?: More
): Kind<number | undefined>;
export function measure(
	label: Said<string>,
	measure: keyof typeof MEASURES,
	more?: More & { needed?: boolean }
): Kind<number | undefined> {
	return { ...figure(label, more as Needed), control: 'measure', measure };
}

/** One of several; the first stands there before anybody chose. */
export function choice<T extends string>(
	label: Said<string>,
	choices: Said<Record<T, string>>,
	more?: More & { needed?: boolean }
): Kind<T> {
	return { ...more, control: 'choice', label, choices, read: (_name, typed) => typed as T };
}

/** One of several that somebody made, or none while the first is empty. */
export function pick(label: Said<string>, choices: Said<Choice[]>, more: Needed): Kind<string>;
export function pick(label: Said<string>, choices: Said<Choice[]>, more?: More): Kind<string | undefined>;
export function pick(
	label: Said<string>,
	choices: Said<Choice[]>,
	more?: More & { needed?: boolean }
): Kind<string | undefined> {
	return { ...more, control: 'choice', label, choices, read: more?.needed ? chosen : maybe };
}

/** Whether it is so: a box to tick. */
export function yes(label: Said<string>, more?: More): Kind<boolean> {
	return { ...more, control: 'yes', label, read: (_name, typed) => typed === YES };
}

/** Those of several that may be chosen. */
export const only = <T extends string>(words: Record<T, string>, which: (one: T) => boolean) =>
	Object.fromEntries(Object.entries(words).filter(([one]) => which(one as T))) as Record<T, string>;

/** What may be chosen, in its order. */
export function choicesOf(kind: Kind<unknown>, typed: Typed): Choice[] {
	const choices = said(kind.choices ?? [], typed);
	return Array.isArray(choices)
		? choices
		: Object.entries(choices).map(([value, label]) => ({ value, label }));
}
