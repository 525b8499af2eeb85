import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import { mothersOf } from '$lib/selection/selection';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	const planting = at.url.searchParams.get('planting') ?? '';
	/** Marked plants of all plantings of the variety may be mothers. */
	const markedOf = async (variety: string) => {
		const { plantings } = await ask(GET('/api/varieties/{id}', { params: { path: { id: variety } } }));
		return Promise.all(
			plantings.map(async (one) => ({
				season: one.season,
				marked: await ask(GET('/api/plantings/{id}/selection', { params: { path: { id: one.id! } } }))
			}))
		);
	};
	return {
		planting,
		found: records(at, async () => {
			const page = await ask(GET('/api/plantings/{id}/selection', { params: { path: { id: planting } } }));
			const marked = await markedOf(page.planting.variety.id);
			return { page, mothers: marked.flatMap((one) => mothersOf(one.season, one.marked.candidates)) };
		})
	};
};
