import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	return {
		found: records(at, async () => {
			const shelves = await ask(GET('/api/shelves'));
			const of = shelves.map((shelf) => shelf.id);
			const readings = await Promise.all(
				of.map((id) => ask(GET('/api/shelves/{id}/readings', { params: { path: { id } } })))
			);
			return {
				shelves: shelves.map((shelf, i) => ({ ...shelf, readings: readings[i] })),
				photos: of.length ? await ask(GET('/api/photos', { params: { query: { of } } })) : {}
			};
		})
	};
};
