import { ask, GET } from '$lib/api/api';

/** A planting with all that is told of it, and what was seen of its bloom; nothing was, of one in a scheme. */
export function looked(id: string, scheme?: string) {
	const params = { path: { id } };
	return Promise.all([
		ask(GET('/api/plantings/{id}', { params })),
		scheme ? [] : ask(GET('/api/plantings/{id}/bloom-looks', { params }))
	]);
}
