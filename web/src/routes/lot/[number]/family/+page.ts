import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const { number } = at.params;
	const page = Number(at.url.searchParams.get('page')) || 0;
	return {
		page,
		found: records(at, () =>
			Promise.all([
				ask(GET('/api/lots/{number}/family', { params: { path: { number } } })),
				ask(GET('/api/lots/{number}/holders', { params: { path: { number }, query: { page } } }))
			])
		)
	};
};
