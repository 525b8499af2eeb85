import type { Schemas } from '$lib/api/api';
import { mass, type Units } from '$lib/units/units';
import { say } from '$lib/words/say';
import { many } from '$lib/words/words';

/** How often seed was grown here: "generation 2 grown here". */
export const generation = ({ grown, exact }: Schemas['SeedGeneration']) =>
	say('family.SeedGeneration', { grown, exact: String(exact) });

/** The same, short. */
export const gen = ({ grown, exact }: Schemas['SeedGeneration']) => `gen. ${grown}${exact ? '' : '+'}`;

/** Packets and bulk in words; a dash for none of either. */
export const amount = (packets: number, bulk: number, units: Units) =>
	[packets ? many(packets, 'packet') : '', bulk ? mass(bulk, units) : ''].filter(Boolean).join(', ') || '–';

/** Seed from elsewhere in a line. */
export const bought = (seed: Schemas['ElsewhereView'] | Schemas['Bought'], units: Units) =>
	[
		seed.supplier,
		seed.theirNumber ? `their number ${seed.theirNumber}` : '',
		seed.grownIn ? `harvest ${seed.grownIn}` : '',
		'treatment' in seed && seed.treatment ? `treated: ${seed.treatment}` : '',
		seed.mass ? mass(seed.mass, units) : ''
	]
		.filter(Boolean)
		.join(', ');
