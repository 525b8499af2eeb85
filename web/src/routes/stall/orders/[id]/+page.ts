import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const params = { path: { id: at.params.id } };
	return {
		found: records(at, () =>
			Promise.all([
				ask(GET('/api/orders/{id}', { params })),
				ask(GET('/api/orders/{id}/corrections', { params })),
				ask(GET('/api/orders/{id}/invoices', { params })),
				ask(GET('/api/orders/{id}/short', { params }))
			])
		)
	};
};
