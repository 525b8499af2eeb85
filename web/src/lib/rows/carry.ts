import { ask, GET, type Schemas } from '$lib/api/api';
import { known } from './known';
import { signal } from './signal.svelte';

type ToDo = Schemas['Task']['toDo'];
/** A kind of task, or of the work the calendar plans. */
type Kind = ToDo['kind'] | Extract<ToDo, { kind: 'Planned' }>['work'];

const IN_THE_ROWS: Kind[] = ['WalkStage', 'WalkFirst', 'WalkOn', 'WalkOver', 'LookAtBloom'];
const IN_THE_STORE: Kind[] = ['LIFT', 'CHECK_STORE', 'REPLANT'];
const RIPENING: Kind[] = ['WATCH_RIPENING', 'LookWhetherRipe'];
const IN_THE_FLOWERS: Kind[] = [
	'Pollinate',
	'SeeWhatTook',
	'Shake',
	'CLOSE_BUDS',
	'COVER',
	'BRING_INSECTS',
	'UNCOVER'
];

/** Takes along what today's work in the rows needs, one page after the other, so that it opens without a signal. */
export async function carry(tasks: Schemas['Task'][]) {
	const plantings = (kinds: Kind[]) =>
		tasks
			.filter(({ toDo }) => kinds.includes(toDo.kind === 'Planned' ? toDo.work : toDo.kind))
			.flatMap(({ plantingId }) => plantingId ?? []);
	for (const id of plantings(IN_THE_ROWS)) {
		const question = () => GET('/api/plantings/{id}/walks', { params: { path: { id } } });
		await take(`/api/plantings/${id}/walks`, () => ask(question()));
	}
	for (const id of plantings(IN_THE_STORE)) {
		const question = () => GET('/api/plantings/{id}/stand', { params: { path: { id } } });
		await take(`/api/plantings/${id}/stand`, () => ask(question()));
	}
	for (const id of plantings(RIPENING)) {
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
