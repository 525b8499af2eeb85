import { v7 as newId } from 'uuid';
import { ask, PUT } from '$lib/api/api';
import { session } from '$lib/api/session.svelte';
import { known } from './known';
import { store } from './store';

const KEPT_AS = 'theriseed.phone';
const ASIDE = /^\/api\/plantings\/[^/]+\/numbers-aside$/;

/** What this phone is known by where numbers are set aside; the same through every visit. */
function phone(): string {
	const before = localStorage.getItem(KEPT_AS);
	if (before) return before;
	const id = newId();
	localStorage.setItem(KEPT_AS, id);
	return id;
}

/** A machine without a touch screen stands where the server is heard. */
const carried = () => matchMedia('(pointer: coarse)').matches;

const keptAt = (planting: string) => `/api/plantings/${planting}/numbers-aside`;

/** Has lot numbers set aside for what is picked of a planting with this phone. */
export async function setAside(planting: string) {
	if (!session.works || !carried()) return;
	const params = { path: { id: planting, phone: phone() } };
	await known(keptAt(planting), ask(PUT('/api/plantings/{id}/numbers-aside/{phone}', { params })));
}

/** Takes a number that lies on this phone for a planting, which is never taken again; nothing where there is none. */
export async function takeAside(planting: string): Promise<string | undefined> {
	const box = await store();
	return box.transaction('rw', box.answers, box.waiting, async () => {
		const kept = await box.answers.get(keptAt(planting));
		const waiting = await box.waiting.toArray();
		const given = waiting.flatMap(({ body }) => (body as { number?: string } | undefined)?.number ?? []);
		const number = (kept?.value as string[] | undefined)?.find((one) => !given.includes(one));
		await box.answers
			.filter(({ path }) => ASIDE.test(path))
			.modify((answer) => {
				answer.value = (answer.value as string[]).filter((one) => one !== number);
			});
		return number;
	});
}
