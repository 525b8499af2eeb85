import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const key = at.params.crop;
	return {
		found: records(at, () => ask(GET('/api/crops/{key}/own', { params: { path: { key } } })))
	};
};
