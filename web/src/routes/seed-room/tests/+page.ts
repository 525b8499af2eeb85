import { ask, GET } from '$lib/api/api';
import { everything } from '$lib/api/pages';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => {
	return {
		found: records(at, () =>
			everything(async (page) => {
				const { lots } = await ask(GET('/api/seed-room', { params: { query: { page, size: 200 } } }));
				return lots;
			})
		)
	};
};
