import type { Problem } from '$lib/api/api';
import { area, distance, mass, temperature, type Units } from '$lib/units/units';
import { validWords } from '$lib/words/words';

const SAID: Record<string, (si: number, units: Units) => string> = {
	g: mass,
	m: distance,
	m2: area,
	C: temperature
};
const UNIT = / (g|m|m2|C)(?=[ ,]|$)/;

/** A refusal in a sentence: the field by its label, what was given, what would be taken, measures in the reader's units. */
export function refusal(problem: Problem, label: string | undefined, units: Units): string {
	if (!problem.field || !problem.valid || !problem.message.startsWith(`${problem.field}:`)) {
		return problem.message;
	}
	const name = label ?? problem.field;
	if (problem.value === 'nothing') return `${name} is needed.`;
	if (problem.message.includes(' is not ')) return `${name}: ${problem.value} is not ${problem.valid}.`;
	const unit = UNIT.exec(problem.valid)?.[1];
	const inUnits = (text = '') =>
		unit
			? text.replace(UNIT, '').replace(/-?\d+(\.\d+)?/g, (digits) => SAID[unit](Number(digits), units))
			: text;
	return `${name}: ${inUnits(problem.value)} cannot be. It takes ${validWords(inUnits(problem.valid))}.`;
}
