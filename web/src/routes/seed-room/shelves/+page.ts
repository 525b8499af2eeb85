import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	return {
		found: records(at, async () => {
			const shelves = await ask(GET('/api/shelves'));
			const of = shelves.map((shelf) => shelf.id);
			return {
				shelves,
				photos: of.length ? await ask(GET('/api/photos', { params: { query: { of } } })) : {}
			};
		})
	};
};
