import { written } from '$lib/units/units';
import type { Schemas } from '$lib/api/api';
import type { Entry } from '$lib/form/Amend.svelte';
import { countIn, numberIn } from '$lib/form/typed';
import { money } from '$lib/stall/words';

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

export const rateEntries = (rates: Schemas['MoneyRatesView']): Entry[] => {
	const said = rates.version >= 0;
	const of = (value: number) => (said ? written(value) : '');
	return [
		{ name: 'wage', label: 'An hour of work, your own too', value: of(rates.wage), type: 'number' },
		{ name: 'ground', label: 'A square metre of ground, a year', value: of(rates.ground), type: 'number' },
		{ name: 'packet', label: 'Bag and label of a packet', value: of(rates.packet), type: 'number' },
		{
			name: 'fees',
			label: 'Fees, % of the price',
			value: of(rates.fees),
			type: 'number',
			hint: 'what the stall, the post and the bank keep'
		},
		{ name: 'unsold', label: 'Packets never sold, %', value: of(rates.unsold), type: 'number' },
		{ name: 'margin', label: 'To keep, % of the price', value: of(rates.margin), type: 'number' }
	];
};
export const rateBody = (typed: Record<string, string>) => ({
	wage: numberIn('wage', typed.wage),
	ground: numberIn('ground', typed.ground),
	packet: numberIn('packet', typed.packet),
	fees: numberIn('fees', typed.fees),
	unsold: numberIn('unsold', typed.unsold),
	margin: numberIn('margin', typed.margin)
});

/** What hours or money may be written on. */
export interface Bearer {
	label: string;
	plantingId?: string;
	lotId?: string;
}
const onEntry = (bearers: Bearer[]): Entry => ({
	name: 'on',
	label: 'On',
	value: '0',
	choices: bearers.map((bearer, place) => ({ value: String(place), label: bearer.label }))
});
const bearer = (bearers: Bearer[], typed: Record<string, string>) => {
	if (typed.on === undefined) return {};
	const { plantingId, lotId } = bearers[Number(typed.on)];
	return { plantingId, lotId };
};

export const workEntries = (bearers: Bearer[], today: string, done?: Schemas['WorkDoneView']): Entry[] => [
	...(done ? [] : [onEntry(bearers)]),
	{
		name: 'kind',
		label: 'Work',
		value: done?.kind ?? 'TENDING',
		choices: Object.entries(WORK).map(([value, label]) => ({ value, label }))
	},
	{ name: 'doneOn', label: 'Day', value: done?.doneOn ?? today, type: 'date' },
	{ name: 'people', label: 'People', value: String(done?.people ?? 1), type: 'number' },
	{ name: 'minutes', label: 'Minutes each', value: String(done?.minutes ?? ''), type: 'number' },
	{ name: 'note', label: 'Note', value: done?.note ?? '' }
];
export const workBody = (bearers: Bearer[], typed: Record<string, string>) => ({
	...bearer(bearers, typed),
	kind: typed.kind as Work,
	doneOn: typed.doneOn,
	people: countIn('people', typed.people),
	minutes: numberIn('minutes', typed.minutes),
	note: typed.note
});

export const outlayEntries = (bearers: Bearer[], today: string, outlay?: Schemas['OutlayView']): Entry[] => [
	...(outlay ? [] : [onEntry(bearers)]),
	{
		name: 'kind',
		label: 'For',
		value: outlay?.kind ?? 'MATERIALS',
		choices: Object.entries(OUTLAY).map(([value, label]) => ({ value, label }))
	},
	{ name: 'what', label: 'What', value: outlay?.what ?? '' },
	{ name: 'amount', label: 'Amount', value: String(outlay?.amount ?? ''), type: 'number' },
	{ name: 'spentOn', label: 'Day', value: outlay?.spentOn ?? today, type: 'date' }
];
export const outlayBody = (bearers: Bearer[], typed: Record<string, string>) => ({
	...bearer(bearers, typed),
	kind: typed.kind as Schemas['OutlayView']['kind'],
	what: typed.what,
	amount: numberIn('amount', typed.amount),
	spentOn: typed.spentOn
});

export const byProductEntries = (
	bearers: Bearer[],
	today: string,
	sold?: Schemas['ByProductSaleView']
): Entry[] => [
	...(sold ? [] : [onEntry(bearers)]),
	{ name: 'what', label: 'What', value: sold?.what ?? '', hint: 'flesh, sauce, straw, cut flowers' },
	{ name: 'amount', label: 'Brought', value: String(sold?.amount ?? ''), type: 'number' },
	{ name: 'soldOn', label: 'Day', value: sold?.soldOn ?? today, type: 'date' }
];
export const byProductBody = (bearers: Bearer[], typed: Record<string, string>) => ({
	...bearer(bearers, typed),
	what: typed.what,
	amount: numberIn('amount', typed.amount),
	soldOn: typed.soldOn
});
