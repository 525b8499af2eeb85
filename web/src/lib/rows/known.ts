import { Problem } from '$lib/api/api';
import { box } from './box';
import { signal } from './signal.svelte';

/** The server did not answer at all, or could not: nothing is known of what it would have said. */
export function unanswered(wrong: unknown): boolean {
	return wrong instanceof Problem && (wrong.status === 0 || wrong.status >= 500);
}

/**
 * The answer to a question, and without a signal the latest one that was heard.
 *
 * @param path under which the answer is kept
 */
export async function known<T>(path: string, question: Promise<T>): Promise<T> {
	try {
		const value = await question;
		signal.heard();
		await heard(path, value);
		return value;
	} catch (wrong) {
		if (!unanswered(wrong)) throw wrong;
		const kept = await box.answers.get(path);
		if (!kept) throw wrong;
		signal.lose(kept.askedAt);
		return kept.value as T;
	}
}

/** Keeps an answer that came without its question, as that to signing in does. */
export async function heard(path: string, value: unknown) {
	await box.answers.put({ path, value, askedAt: Date.now() });
}

/** What was heard belongs to whoever signed in; what was done in the rows stays. */
export async function forgetAnswers() {
	await box.answers.clear();
}
