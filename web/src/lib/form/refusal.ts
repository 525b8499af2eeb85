import type { Problem } from '$lib/api/api';
import { mass, type Units } from '$lib/units/units';
import { validWords } from '$lib/words/words';

/** A refusal in a sentence: the field by its label, what was given, what would be taken, masses in the reader's units. */
export function refusal(problem: Problem, label: string | undefined, units: Units): string {
	if (!problem.field || !problem.valid || !problem.message.startsWith(`${problem.field}:`)) {
		return problem.message;
	}
	const name = label ?? problem.field;
	if (problem.value === 'nothing') return `${name} is needed.`;
	if (problem.message.includes(' is not ')) return `${name}: ${problem.value} is not ${problem.valid}.`;
	const grams = / g(?=[ ,]|$)/;
	const inUnits = (text?: string) =>
		grams.test(problem.valid!)
			? text?.replace(grams, '').replace(/\d+(\.\d+)?/g, (digits) => mass(Number(digits), units))
			: text;
	return `${name}: ${inUnits(problem.value)} cannot be. It takes ${validWords(inUnits(problem.valid)!)}.`;
}
