import { Problem, type Refusal } from '$lib/api/api';
import { countTyped, numberTyped } from '$lib/units/units';
import { isDay } from '$lib/words/days';
import { refusal } from './refusal';

/** The number typed into a field, or a problem that names the field and keeps what was typed. */
export function numberIn(field: string, typed: string): number {
	const value = numberTyped(typed);
	if (Number.isNaN(value)) throw notA(field, typed, 'number');
	return value;
}

/** A count that was typed, or a problem that names the field. */
export function countIn(field: string, typed: string): number {
	const value = countTyped(typed);
	if (Number.isNaN(value)) throw notA(field, typed, 'wholeNumber');
	return value;
}

/** As numberIn; nothing typed is no number at all. */
export function maybeNumberIn(field: string, typed: string): number | undefined {
	return typed.trim() === '' ? undefined : numberIn(field, typed);
}

/** As countIn; nothing typed is no count at all. */
export function maybeCountIn(field: string, typed: string): number | undefined {
	return typed.trim() === '' ? undefined : countIn(field, typed);
}

/** The day that was typed, as ISO, or a problem that names the field. */
export function dayIn(field: string, typed: string): string {
	if (!isDay(typed)) throw notA(field, typed, 'day');
	return typed;
}

/** As dayIn; nothing typed is no day at all. */
export function maybeDayIn(field: string, typed: string): string | undefined {
	return typed.trim() === '' ? undefined : dayIn(field, typed);
}

/** Several figures that were typed, or a problem that names the one that is none; those left empty are left out. */
export function numbersIn(field: string, typed: string[]): number[] {
	return typed.flatMap((one, i) => (one.trim() === '' ? [] : [numberIn(`${field}[${i}]`, one)]));
}

function notA(field: string, typed: string, what: 'number' | 'wholeNumber' | 'day'): Problem {
	const nothing = typed.trim() === '';
	const why: Refusal = nothing
		? { kind: 'Missing' }
		: { kind: 'AgainstRule', rule: `notA.${what}`, figures: {} };
	const told = new Problem('', 400, field, nothing ? 'nothing' : typed, why);
	return new Problem(refusal(told, undefined), 400, field, told.value, why);
}

/** Says that nothing was chosen where something must be. */
export function missing(field: string): never {
	throw notA(field, '', 'number');
}
