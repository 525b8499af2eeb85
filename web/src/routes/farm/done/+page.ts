import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import { session } from '$lib/api/session.svelte';
import type { PageLoad } from './$types';

const LINES = 100;

export const load: PageLoad = (at) => {
	const query = at.url.searchParams;
	const day = query.get('day');
	const by = query.get('by') ?? '';
	const page = Number(query.get('page')) || 0;
	return {
		by,
		page,
		found: records(at, () => {
			const asked = { day: day ?? session.today, ...(by ? { by } : {}), page, size: LINES };
			return ask(GET('/api/done', { params: { query: asked } }));
		})
	};
};
