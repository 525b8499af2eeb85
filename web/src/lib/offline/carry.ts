import { SvelteSet } from 'svelte/reactivity';
import { known } from './known';
import { questionAt } from './questions';
import { signal } from './signal.svelte';
import { store, watchStore } from './store';

/** Whoever comes back to Today soon need not take everything along again. */
const FRESH_FOR_MS = 2 * 60_000;

/** Paths of answers that lie on this phone. */
const here = new SvelteSet<string>();
let watching = false;

/** Whether the page at a path opens without a signal: it is one of those that can, and was taken along. */
export function along(path: string): boolean {
	watch();
	const question = questionAt(path);
	return question !== undefined && here.has(question.kept);
}

function watch() {
	if (watching) return;
	watching = true;
	void watchStore(
		(box) => box.answers.toCollection().primaryKeys(),
		(paths) => {
			const now = new Set(paths);
			for (const path of here) if (!now.has(path)) here.delete(path);
			for (const path of now) here.add(path);
		}
	);
}

/** Takes the pages of today's work along, one after the other, so that they open without a signal. */
export async function carry(paths: string[]) {
	for (const path of new Set(paths)) {
		const question = questionAt(path);
		if (!question || signal.lost) continue;
		const before = await (await store()).answers.get(question.kept);
		if (!before || before.askedAt < Date.now() - FRESH_FOR_MS) {
			await known(question.kept, question.ask()).catch(() => undefined);
		}
	}
}
