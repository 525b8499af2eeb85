import { ask, GET } from '$lib/api/api';
import { records, seasonOf } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const asked = at.url.searchParams.get('season');
	return {
		found: records(at, () => {
			const season = seasonOf(asked);
			const path = { season };
			return Promise.all([
				ask(GET('/api/ground', { params: { query: { season } } })),
				ask(GET('/api/seasons/{season}', { params: { path } })),
				ask(GET('/api/seasons/{season}/sites', { params: { path } })),
				ask(GET('/api/crops', { params: { query: { size: 200 } } })),
				ask(GET('/api/seasons/{season}/rings', { params: { path } }))
			]);
		})
	};
};
