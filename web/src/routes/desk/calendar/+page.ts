import { ask, GET } from '$lib/api/api';
import { records, seasonOf } from '$lib/api/records';
import { session } from '$lib/api/session.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const asked = at.url.searchParams.get('season');
	return {
		found: records(at, () => {
			const season = seasonOf(asked);
			return Promise.all([
				ask(GET('/api/calendar', { params: { query: { season } } })),
				ask(GET('/api/seasons/{season}', { params: { path: { season } } })),
				ask(GET('/api/weather')),
				ask(GET('/api/farm')),
				session.grower ? ask(GET('/api/calendar/feeds')) : [],
				session.grower ? ask(GET('/api/weather/folder')) : undefined
			]);
		})
	};
};
