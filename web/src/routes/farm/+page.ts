import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	return {
		found: records(at, () => Promise.all([ask(GET('/api/farm')), ask(GET('/api/letterhead'))]))
	};
};
