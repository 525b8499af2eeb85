import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

/** What of a lot is told only with a signal. */
export const load: PageLoad = (at) => {
	const { number } = at.params;
	return {
		mixUps: records(at, () => ask(GET('/api/lots/{number}/mix-ups', { params: { path: { number } } })))
	};
};
