import { Problem } from '$lib/api/api';
import { box, noRoom } from './box';
import { signal } from './signal.svelte';

/** The server did not answer at all, or could not: nothing is known of what it would have said. */
export function unanswered(wrong: unknown): boolean {
	return wrong instanceof Problem && (wrong.status === 0 || wrong.status >= 500);
}

/**
 * The answer to a question, and without a signal the latest one that was heard.
 *
 * @param path under which the answer is kept
 * @param question asked just now
 * @param settle what is done on the phone together with keeping the answer, or not at all
 */
export async function known<T>(
	path: string,
	question: Promise<T>,
	settle: () => Promise<void> = () => Promise.resolve()
): Promise<T> {
	const asked = Date.now();
	try {
		const value = await question;
		signal.heard();
		await heard(path, value, asked, settle).catch((failed: unknown) => {
			// A full phone keeps no answers; what was asked is answered all the same.
			if (!noRoom(failed)) throw failed;
		});
		return value;
	} catch (wrong) {
		if (!unanswered(wrong)) throw wrong;
		const kept = await box.answers.get(path);
		if (!kept) throw wrong;
		signal.lose(kept.askedAt);
		return kept.value as T;
	}
}

/**
 * Keeps an answer, also one that came without its question, as that to signing in does. What was asked earlier and came
 * later is no news.
 */
export async function heard(
	path: string,
	value: unknown,
	askedAt = Date.now(),
	settle: () => Promise<void> = () => Promise.resolve()
) {
	await box.transaction('rw', box.answers, box.waiting, async () => {
		const kept = await box.answers.get(path);
		if (kept && kept.askedAt > askedAt) return;
		await box.answers.put({ path, value, askedAt });
		await settle();
	});
}

/** What was heard belongs to whoever signed in; what was done in the rows stays. */
export async function forgetAnswers() {
	await box.answers.clear();
}
