import type { Schemas } from '$lib/api/api';
import type { MarkState } from '$lib/mark/mark';
import { mass, whole, type Units } from '$lib/units/units';

/** How much seed is in a mix, and how it is sown: "about 18 seeds in a gram, 90 % of them germinate; sow 4.5 g on a square metre". */
export const sowing = (of: Schemas['SeedMix'], rate: number | undefined, units: Units) =>
	[
		`about ${whole(of.seedsPerGram)} seeds in a gram, ${whole(of.germination)} % of them germinate`,
		rate === undefined ? '' : `sow ${mass(rate, units)} on a square metre`
	]
		.filter(Boolean)
		.join('; ');

/** What is left of a mix: packets, then what is not packed. */
export const left = (mix: Schemas['MixView'], units: Units) =>
	[mix.packets ? `${whole(mix.packets)} packets` : '', mix.bulk > 0 ? mass(mix.bulk, units) : '']
		.filter(Boolean)
		.join(' and ') || 'none left';

/** Whether a mix may leave, as a mark. */
export const gateOf = ({ mayBeSold, onHold }: Schemas['MixView']): { state: MarkState; label: string } =>
	mayBeSold
		? { state: 'clear', label: 'may be sold' }
		: { state: 'crosses', label: onHold ? 'on hold' : 'held back' };
