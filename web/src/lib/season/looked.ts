import { ask, GET } from '$lib/api/api';

/** A planting with all that is told of it, and what was seen of its bloom. */
export function looked(id: string) {
	const params = { path: { id } };
	return Promise.all([
		ask(GET('/api/plantings/{id}', { params })),
		ask(GET('/api/plantings/{id}/bloom-looks', { params }))
	]);
}
