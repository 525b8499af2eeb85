import { ask, GET } from '$lib/api/api';
import type { PageLoad } from './$types';

/** Shown to whoever is not in yet. */
export const load: PageLoad = () => {
	const found = ask(GET('/api/network'));
	found.catch(() => undefined);
	return { found };
};
