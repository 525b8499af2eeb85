import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import { session } from '$lib/api/session.svelte';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const page = Number(at.url.searchParams.get('page')) || 0;
	const lots = Number(at.url.searchParams.get('lots')) || 0;
	return {
		found: records(at, () =>
			Promise.all([
				ask(GET('/api/stall', { params: { query: { page: lots } } })),
				ask(GET('/api/sales', { params: { query: { page } } })),
				session.grower ? ask(GET('/api/price-lists')) : []
			])
		)
	};
};
