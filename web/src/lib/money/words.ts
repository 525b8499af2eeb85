import type { Schemas } from '$lib/api/api';
import { session } from '$lib/api/session.svelte';
import { amount, choice, count, day, figure, pick, text } from '$lib/form/kinds';
import { money } from '$lib/stall/words';

const NEEDED = { needed: true } as const;

export type Work = Schemas['WorkDoneView']['kind'];

/** Kinds of work, in the order of the year. */
export const WORK: Record<Work, string> = {
	GROUND: 'soil and beds',
	SOWING: 'sowing, setting out',
	TENDING: 'weeding, watering, staking',
	WALKING: 'walks, selecting',
	POLLINATION: 'pollination, cages',
	PICKING: 'picking',
	BENCH: 'bench',
	TESTING: 'tests',
	PACKING: 'packing',
	SELLING: 'selling'
};
export const OUTLAY: Record<Schemas['OutlayView']['kind'], string> = {
	MATERIALS: 'materials',
	OWN_SEED: 'seed that was sown'
};

/** So many hours. */
export function hoursWord(hours: number): string {
	return `${hours >= 10 ? Math.round(hours) : Math.round(hours * 10) / 10} h`;
}

/** All hours together. */
export function allHours(byWork: Record<string, number>): number {
	return Object.values(byWork).reduce((sum, hours) => sum + hours, 0);
}

/** What a rate is calculated with, in a line. */
export function ratesWord(rates: Schemas['MoneyRatesView']): string {
	return (
		`${money(rates.wage)} an hour, ${money(rates.ground)} a square metre and year, ${money(rates.packet)} a bag and label; ` +
		`${rates.fees} % fees, ${rates.unsold} % never sold, ${rates.margin} % to keep`
	);
}

/** What hours, ground and packets cost. */
export const rateFields = () => ({
	wage: amount('An hour of work, your own too', NEEDED),
	ground: amount('A square metre of ground, a year', NEEDED),
	packet: amount('Bag and label of a packet', NEEDED),
	fees: figure('Fees, % of the price', { ...NEEDED, hint: 'what the stall, the post and the bank keep' }),
	unsold: figure('Packets never sold, %', NEEDED),
	margin: figure('To keep, % of the price', NEEDED)
});

/** What hours or money may be written on. */
export interface Bearer {
	label: string;
	plantingId?: string;
	lotId?: string;
}
/** What it is written on: of a record that stands it is known. */
const on = (bearers?: Bearer[]) => ({
	on: pick(
		'On',
		(bearers ?? []).map(({ label }, place) => ({ value: String(place), label })),
		{
			when: () => bearers !== undefined
		}
	)
});
/** What was written, on what it was chosen for. */
export function borne<T extends { on?: string }>(bearers: Bearer[], { on: place, ...body }: T) {
	const { plantingId, lotId } = place === undefined ? {} : bearers[Number(place)];
	return { ...body, plantingId, lotId };
}
const today = () => ({ needed: true, start: session.today }) as const;

export const workFields = (bearers?: Bearer[]) => ({
	...on(bearers),
	kind: choice('Work', WORK, { start: 'TENDING' }),
	doneOn: day('Day', today()),
	people: count('People', { needed: true, start: 1 }),
	minutes: figure('Minutes each', NEEDED),
	note: text('Note')
});

export const outlayFields = (bearers?: Bearer[]) => ({
	...on(bearers),
	kind: choice('For', OUTLAY),
	what: text('What'),
	amount: amount('Amount', NEEDED),
	spentOn: day('Day', today())
});

export const byProductFields = (bearers?: Bearer[]) => ({
	...on(bearers),
	what: text('What', { hint: 'flesh, sauce, straw, cut flowers' }),
	amount: amount('Brought', NEEDED),
	soldOn: day('Day', today())
});
