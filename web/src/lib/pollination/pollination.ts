import type { Schemas } from '$lib/api/api';
import type { Waiting } from '$lib/offline/box';

type Page = Schemas['PollinationPage'];
type Flower = Schemas['FlowerRequest'];
export type Cross = Schemas['Cross'];

/** What was done in this planting and lies on the phone still. */
export interface OnPhone {
	flowers: Flower[];
	/** Flowers of which it was said whether they took. */
	looked: string[];
	evenings: Schemas['EveningRequest'][];
}

export function onPhone(planting: string, waiting: Waiting[]): OnPhone {
	const at = (path: string) =>
		waiting.filter((one) => one.path === `/api/plantings/${planting}/${path}`).map((one) => one.body);
	return {
		flowers: at('flowers') as Flower[],
		looked: waiting
			.map((one) => /^\/api\/flowers\/([^/]+)\/took$/.exec(one.path)?.[1] ?? '')
			.filter((id) => id !== ''),
		evenings: at('buds') as Schemas['EveningRequest'][]
	};
}

/** The crosses of this morning that are not done yet: one for each mother's flower is taken off. */
export function left(page: Page, phone: OnPhone, doneToday: { mother: number }[]): Cross[] {
	const done = [...doneToday, ...phone.flowers].map((flower) => flower.mother);
	return page.morning.crosses.filter((cross) => {
		const i = done.indexOf(cross.mother);
		if (i < 0) return true;
		done.splice(i, 1);
		return false;
	});
}

/** The number for the next tag, those on the phone counted in. */
export function nextTag(page: Page, phone: OnPhone): string {
	const numbers = phone.flowers.map((flower) => Number(flower.tag)).filter(Number.isInteger);
	return String(Math.max(Number(page.nextTag), ...numbers.map((number) => number + 1)));
}

/** "7, 11 and 12" as numbers of plants; nothing that is no number. */
export function plantsIn(typed: string): number[] {
	const numbers = (typed.match(/\d+/g) ?? []).map(Number);
	return numbers.filter((number, i) => numbers.indexOf(number) === i);
}

/** Numbers in words: "7, 11 and 12". */
export function listed(numbers: number[]): string {
	if (numbers.length < 2) return numbers.join('');
	return `${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}`;
}
