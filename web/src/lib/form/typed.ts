import { Problem } from '$lib/api/api';
import { numberTyped } from '$lib/units/units';

/** The number typed into a field, or a problem that names the field and keeps what was typed. */
export function numberIn(field: string, typed: string, valid = 'a number'): number {
	const value = numberTyped(typed);
	if (Number.isNaN(value)) throw notA(field, typed, valid);
	return value;
}

/** As numberIn; nothing typed is no number at all. */
export function maybeNumberIn(field: string, typed: string): number | undefined {
	return typed.trim() === '' ? undefined : numberIn(field, typed);
}

/** A mass in grams that was typed, or a problem that names the field. */
export function massIn(field: string, grams: number): number {
	if (!Number.isFinite(grams)) throw notA(field, 'what is typed', 'a mass such as 6.5');
	return grams;
}

function notA(field: string, typed: string, valid: string): Problem {
	const nothing = typed.trim() === '';
	const shown = nothing ? 'nothing' : typed;
	return new Problem(`${field}: ${shown} is not ${valid}`, 400, field, shown, valid);
}
