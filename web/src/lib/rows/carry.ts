import { ask, GET, type Schemas } from '$lib/api/api';
import { known } from './known';
import { signal } from './signal.svelte';

const IN_THE_FLOWERS: Schemas['Act']['kind'][] = [
	'POLLINATE',
	'LOOK_AT_FLOWERS',
	'SHAKE',
	'CLOSE_BUDS',
	'COVER',
	'BRING_INSECTS',
	'UNCOVER'
];

/** Takes along what today's work in the rows needs, one page after the other, so that it opens without a signal. */
export async function carry(acts: Schemas['Act'][]) {
	const plantings = (kinds: Schemas['Act']['kind'][]) =>
		acts.filter((act) => kinds.includes(act.kind)).map((act) => act.plantingId ?? '');
	for (const id of plantings(['WALK'])) {
		const question = () => GET('/api/plantings/{id}/walks', { params: { path: { id } } });
		await take(`/api/plantings/${id}/walks`, () => ask(question()));
	}
	for (const id of plantings(['LIFT', 'CHECK_STORE', 'REPLANT'])) {
		const question = () => GET('/api/plantings/{id}/stand', { params: { path: { id } } });
		await take(`/api/plantings/${id}/stand`, () => ask(question()));
	}
	for (const id of plantings(['WATCH_RIPENING', 'PICK'])) {
		const question = () => GET('/api/plantings/{id}/ripening', { params: { path: { id } } });
		await take(`/api/plantings/${id}/ripening`, () => ask(question()));
	}
	for (const id of plantings(IN_THE_FLOWERS)) {
		const question = () => GET('/api/plantings/{id}/pollination', { params: { path: { id } } });
		await take(`/api/plantings/${id}/pollination`, () => ask(question()));
	}
}

async function take(path: string, question: () => Promise<unknown>) {
	if (!signal.lost) await known(path, question()).catch(() => undefined);
}
