import { session } from '$lib/api/session.svelte';
import { count, day, figure, text } from '$lib/form/kinds';

const NEEDED = { needed: true } as const;
const none = { needed: true, start: 0 } as const;
const today = () => ({ needed: true, start: session.today }) as const;

/** A sample that is sorted and weighed by its parts. */
export const purityFields = () => ({
	testedOn: day('Tested on', today()),
	initial: figure('Sample, g', NEEDED),
	pure: figure('Pure seed, g', NEEDED),
	other: figure('Seed of other crops, g', none),
	weed: figure('Weed seed, g', none),
	inert: figure('Chaff, soil, broken seed, g', none),
	note: text('Which seeds')
});

/** Seeds that are cut open. */
export const cutFields = () => ({
	cutOn: day('Cut on', today()),
	sound: count('Full and firm', NEEDED),
	empty: count('Empty', none),
	eaten: count('Eaten by insects', none),
	shrunken: count('Shrunken or rotten', none),
	note: text('Note')
});

/** A sample sown beside true plants. */
export const growOutFields = () => ({
	sownOn: day('Sown on', NEEDED),
	examinedOn: day('Looked at on', today()),
	plants: count('Plants looked at', NEEDED),
	offTypes: count('Off-types among them', none),
	note: text('What they looked like')
});

/** Bored seeds, and what lives in them. */
export const weevilFields = () => ({
	seeds: count('Seeds looked at', { needed: true, start: 200 }),
	bored: count('Bored', NEEDED),
	alive: count('Living weevils', none),
	lookedOn: day('Looked on', today())
});
