import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import type { PageLoad } from './$types';

export const load: PageLoad = (at) => ({
	places: records(at, () => ask(GET('/api/session/places'))),
	list: records(at, () => ask(GET('/api/morning-list')))
});
