import { PAGES } from '$lib/shell/pages';
import { questionAt } from './questions';

/** The pages that open without a signal for whoever works in the rows and at the bench. */
export const withoutSignal = () =>
	Object.keys(PAGES).filter((route) => questionAt(route.replace(/\[\w+\]/g, 'x')) !== undefined);

/** Has the screens of somebody's work kept on this phone, beside those everybody has; whoever only looks keeps what was opened. */
export async function keepScreens(works: boolean) {
	if (!works) return;
	const there = await navigator.serviceWorker?.ready;
	there?.active?.postMessage({ take: ['beside', ...withoutSignal()] });
}
