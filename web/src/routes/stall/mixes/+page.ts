import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const page = Number(at.url.searchParams.get('page')) || 0;
	return {
		found: records(at, () =>
			Promise.all([ask(GET('/api/mixes', { params: { query: { page } } })), ask(GET('/api/stocked'))])
		)
	};
};
