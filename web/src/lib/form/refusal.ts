import type { Problem, Refusal, Schemas } from '$lib/api/api';
import { say } from '$lib/words/say';
import { capital, inWords } from '$lib/words/words';

type Refused = Partial<Pick<Problem, 'message' | 'field' | 'value' | 'refusal'>>;

/** A refusal in a sentence: the field by its label, what was given, what is allowed, measures in the reader's units. */
export function refusal(problem: Refused, label: string | undefined): string {
	const { field, value, refusal: why } = problem;
	if (!field || !why) return problem.message ?? '';
	const figures = { name: label ?? field, value };
	if (why.kind === 'AgainstRule') return say(`refused.${why.rule}`, { ...why.figures, ...figures });
	if (why.kind === 'Outside') return say('refused.Outside', { ...why, ...figures, ends: ends(why) });
	return say(`refused.${why.kind}`, { ...why, ...figures });
}

/** What is wrong about a stored value, in a sentence. */
export const wrong = (why: Schemas['Wrong']) => refusal(why, capital(inWords(why.field)));

/** Which of its ends a range has. */
function ends({ low, high }: Extract<Refusal, { kind: 'Outside' }>): string {
	if (low === high) return 'one';
	if (!Number.isFinite(Number(high))) return 'low';
	return Number.isFinite(Number(low)) ? 'both' : 'high';
}
