import { ask, GET } from '$lib/api/api';
import { records } from '$lib/api/records';
import { sayTask } from '$lib/day/tasks';
import { carry } from '$lib/offline/carry';
import { known } from '$lib/offline/known';
import type { PageLoad } from './$types';

/** The day's work, and what it takes to do it without a signal. */
export const load: PageLoad = (at) => {
	const found = records(at, () => known('/api/today', ask(GET('/api/today'))));
	void found.then(
		(view) => carry(view.tasks.map((task) => sayTask(task).path)),
		() => undefined
	);
	return { found };
};
