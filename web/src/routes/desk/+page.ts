import { ask, GET } from '$lib/api/api';
import { records, seasonOf } from '$lib/api/records';
import { session } from '$lib/api/session.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const asked = at.url.searchParams.get('season');
	return {
		/** What cannot be looked up proposes nothing; the season stands without it. */
		proposed: records(at, async () => {
			if (!session.grower || seasonOf(asked) < Number(session.today.slice(0, 4))) return [];
			return ask(GET('/api/regeneration')).catch(() => []);
		}),
		found: records(at, () => {
			const season = seasonOf(asked);
			return Promise.all([
				ask(GET('/api/seasons/{season}', { params: { path: { season } } })),
				ask(GET('/api/ground', { params: { query: { season } } }))
			]);
		})
	};
};
