import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const season = Number(at.url.searchParams.get('season')) || undefined;
	return {
		found: records(at, () => ask(GET('/api/money', { params: { query: { season } } })))
	};
};
