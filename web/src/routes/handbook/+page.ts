import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const q = at.url.searchParams.get('q') ?? '';
	return { found: records(at, () => ask(GET('/api/crops', { params: { query: { q } } }))) };
};
