import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const open = !at.url.searchParams.has('all');
	const page = Number(at.url.searchParams.get('page')) || 0;
	return {
		found: records(at, () =>
			Promise.all([
				ask(GET('/api/orders', { params: { query: { open, page } } })),
				ask(GET('/api/customers')),
				ask(GET('/api/stocked')),
				ask(GET('/api/invoices', { params: { query: { open: true, size: 50 } } }))
			])
		)
	};
};
