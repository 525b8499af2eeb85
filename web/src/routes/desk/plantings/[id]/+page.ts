import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const params = { path: { id: at.params.id } };
	return {
		found: records(at, async () => {
			const found = await ask(GET('/api/plantings/{id}', { params }));
			const { season } = found.planting;
			const ground = await ask(GET('/api/ground', { params: { query: { season } } }));
			return {
				...found,
				plots: ground.plots.map((shape) => shape.plot),
				beds: ground.beds.map((shape) => shape.bed)
			};
		})
	};
};
