import type { Schemas } from '$lib/api/api';
import { session } from '$lib/api/session.svelte';
import type { MarkState } from '$lib/mark/mark';
import { mass } from '$lib/units/units';
import { many } from '$lib/words/words';
import { reader } from '$lib/words/reader.svelte';

export const CUSTOMER: Record<Schemas['CustomerView']['kind'], string> = {
	GROWER: 'grower',
	SHOP: 'shop',
	MARKET: 'market',
	SWAP: 'swaps seed',
	OTHER: 'other'
};
export const SALE: Record<Schemas['SaleView']['kind'], string> = {
	SALE: 'sale',
	GIFT: 'gift',
	SWAP: 'swap'
};
/** As it is said once it is done. */
export const SOLD: Record<Schemas['SaleView']['kind'], string> = {
	SALE: 'Sold',
	GIFT: 'Given',
	SWAP: 'Swapped'
};
export const ORDER: Record<Schemas['OrderView']['state'], { state: MarkState; label: string }> = {
	READY: { state: 'clear', label: 'all promised' },
	SHORT: { state: 'tight', label: 'not enough' },
	DONE: { state: 'clear', label: 'delivered' },
	CANCELLED: { state: 'crosses', label: 'cancelled' }
};

/** An amount in the farm's currency. */
export function money(amount: number): string {
	return new Intl.NumberFormat(reader.locale, {
		style: 'currency',
		currency: session.farm?.currency ?? 'EUR'
	}).format(amount);
}

/** What the cash box of a day at the stall says; nothing where nobody counted it. */
export function difference(
	day: Pick<Schemas['StallDayView'], 'difference'>
): { state: MarkState; label: string } | undefined {
	if (day.difference === undefined) return undefined;
	if (day.difference === 0) return { state: 'clear', label: 'nothing is missing' };
	return day.difference < 0
		? { state: 'crosses', label: `${money(-day.difference)} missing` }
		: { state: 'tight', label: `${money(day.difference)} too much` };
}

/** So many packets, or so much bulk, of a line of an order. */
export function much(
	line: Pick<Schemas['OrderView']['lines'][number], 'bulk' | 'seeds'>,
	amount: number
): string {
	if (line.bulk) return mass(amount, session.units);
	return many(amount, 'packet') + (line.seeds ? ` of ${line.seeds}` : '');
}

/** What a packet of a run promises. Those by weight filled long ago promise what they were filled with. */
export function packet(
	run: Pick<Schemas['PackingRunView'], 'metres' | 'seeds' | 'grams'> & { fill?: number }
): string {
	if (run.metres) return `sows ${run.metres} m`;
	return run.seeds ? `${run.seeds} seeds` : mass(run.grams ?? run.fill ?? 0, session.units);
}
