import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const { id } = at.params;
	return {
		found: records(at, async () => {
			const params = { path: { id } };
			const [variety, history, photos] = await Promise.all([
				ask(GET('/api/varieties/{id}', { params })),
				ask(GET('/api/varieties/{id}/walks', { params })),
				ask(GET('/api/photos', { params: { query: { of: [id] } } }))
			]);
			return { ...variety, history, pictures: photos[id] };
		})
	};
};
