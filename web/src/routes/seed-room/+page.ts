import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import { ORDERED } from '$lib/seedroom/words';
import type { PageLoad } from './$types';

const SIZE = 60;

export const load: PageLoad = (at) => {
	const query = at.url.searchParams;
	const page = Number(query.get('page')) || 0;
	const order = ORDERED.find((one) => one === query.get('order')) ?? 'need';
	const gone = query.has('gone');
	const by = ({ need: 'NEED', crop: 'CROP', place: 'PLACE' } as const)[order];
	return {
		page,
		order,
		gone,
		found: records(at, () =>
			ask(GET('/api/seed-room', { params: { query: { page, size: SIZE, gone, by } } }))
		)
	};
};
