import type { Schemas } from '$lib/api/api';
import { countIn } from '$lib/form/typed';

/** What a seed on the paper turned into, in the order in which it is counted. */
export const CLASSES = [
	{ name: 'normal', label: 'Normal', key: 'n', hint: 'would make a plant' },
	{ name: 'abnormal', label: 'Abnormal', key: 'a', hint: 'would make none' },
	{ name: 'hard', label: 'Hard', key: 'h', hint: 'took no water' },
	{ name: 'fresh', label: 'Fresh', key: 'f', hint: 'sound, but sleeps' },
	{ name: 'dead', label: 'Dead', key: 'd', hint: 'rotten or soft' }
] as const;
export type SeedClass = (typeof CLASSES)[number]['name'];

/** One replicate as it is typed. */
export type Counted = Record<SeedClass, string>;

export const nothingCounted = (): Counted => ({ normal: '', abnormal: '', hard: '', fresh: '', dead: '' });

/** A replicate that was counted, as it would be typed. */
export const countsOf = (one: Schemas['Replicate']): Counted => ({
	normal: String(one.normal),
	abnormal: String(one.abnormal),
	hard: String(one.hard),
	fresh: String(one.fresh),
	dead: String(one.dead)
});

const whole = (typed: string) => (/^\d+$/.test(typed.trim()) ? Number(typed) : 0);

/** Seeds of a replicate nobody told of yet; below 0 when there are too many. */
export const untold = (row: Counted, perReplicate: number) =>
	perReplicate - CLASSES.reduce((sum, { name }) => sum + whole(row[name]), 0);

/** One more, or one less, of a class. */
export function tallied(row: Counted, name: SeedClass, by: 1 | -1): Counted {
	return { ...row, [name]: String(Math.max(0, whole(row[name]) + by)) };
}

/** As it is sent; only normal seedlings where nobody told of the others. */
export function sent(rows: Counted[], normalOnly: boolean) {
	const column = (name: SeedClass) =>
		rows.map((row) => (name !== 'normal' && row[name].trim() === '' ? 0 : countIn(name, row[name])));
	const counts = rows.map((row) => countIn('counts', row.normal));
	if (normalOnly) return { counts };
	return {
		counts,
		abnormal: column('abnormal'),
		hard: column('hard'),
		fresh: column('fresh'),
		dead: column('dead')
	};
}
