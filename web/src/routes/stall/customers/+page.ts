import { ask, GET } from '$lib/api/api';
import { everything } from '$lib/api/pages';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	return {
		found: records(at, () =>
			Promise.all([
				ask(GET('/api/customers')),
				ask(GET('/api/price-lists')),
				everything((page) => ask(GET('/api/varieties', { params: { query: { page, size: 200 } } })))
			])
		)
	};
};
