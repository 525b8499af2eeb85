import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const params = { path: { key: at.params.crop } };
	return {
		found: records(at, () =>
			Promise.all([
				ask(GET('/api/crops/{key}', { params })),
				ask(GET('/api/crops/{key}/figures', { params }))
			])
		)
	};
};
