import type { Box } from './box';

/** The phone's own store. Its program is fetched beside the first page, which is drawn without it. */
export const store = (): Promise<Box> => import('./box').then(({ box }) => box);

/** Tells what a question to the store answers, now and whenever that changes, in whichever window of this browser. */
export async function watchStore<T>(question: (box: Box) => Promise<T>, tell: (answer: T) => void) {
	const { box, liveQuery } = await import('./box');
	liveQuery(() => question(box)).subscribe(tell);
}

/** Nothing of a farm that is gone stays on this device. */
export async function forgetAll() {
	const { waiting, answers, drafts } = await store();
	await Promise.all([waiting.clear(), answers.clear(), drafts.clear()]);
}
