import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const params = { path: { number: at.params.number } };
	return {
		found: records(at, () =>
			Promise.all([
				ask(GET('/api/lots/{number}/together', { params })),
				ask(GET('/api/lots/{number}', { params }))
			])
		)
	};
};
