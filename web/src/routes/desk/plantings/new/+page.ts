import { ask, GET } from '$lib/api/api';
import { records, seasonOf } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const asked = at.url.searchParams.get('season');
	return {
		found: records(at, () => {
			const season = seasonOf(asked);
			return Promise.all([
				ask(GET('/api/varieties', { params: { query: { size: 200 } } })),
				ask(GET('/api/ground', { params: { query: { season } } }))
			]);
		})
	};
};
