import { Problem } from '$lib/api/api';
import { forgetSession } from '$lib/api/keptSession';
import type { Box } from './box';
import { noRoom } from './noRoom';
import { signal } from './signal.svelte';
import { store } from './store';

/** The server did not answer at all, or could not: nothing is known of what it would have said. */
export function unanswered(wrong: unknown): boolean {
	return wrong instanceof Problem && (wrong.status === 0 || wrong.status >= 500);
}

/**
 * The answer to a question, and without a signal the latest one that was heard.
 *
 * @param path under which the answer is kept
 * @param question asked just now
 * @param settle what is done in the phone's store together with keeping the answer, or not at all
 */
export async function known<T>(
	path: string,
	question: Promise<T>,
	settle: (box: Box) => Promise<void> = () => Promise.resolve()
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
		const kept = await (await store()).answers.get(path);
		if (!kept) throw wrong;
		signal.lose(kept.askedAt);
		return kept.value as T;
	}
}

/** Keeps an answer. What was asked earlier and came later is no news. */
async function heard(path: string, value: unknown, askedAt: number, settle: (box: Box) => Promise<void>) {
	const box = await store();
	await box.transaction('rw', box.answers, box.waiting, async () => {
		const kept = await box.answers.get(path);
		if (kept && kept.askedAt > askedAt) return;
		await box.answers.put({ path, value, askedAt });
		await settle(box);
	});
}

/** What was heard belongs to whoever signed in; what was done in the rows stays. */
export async function forgetAnswers() {
	forgetSession();
	await (await store()).answers.clear();
}
