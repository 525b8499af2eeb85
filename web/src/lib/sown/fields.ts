import { count, day, text, weight } from '$lib/form/kinds';

/** Seed that is of no lot of the farm, and what a planting was sown with of it. */
export const elsewhereFields = (sownOn?: string) => ({
	supplier: text('From whom', { hint: 'a seed house, a neighbour, an old jar' }),
	theirNumber: text('Their lot number', { hint: 'so that their recall finds it' }),
	grownIn: count('Year of its harvest'),
	treatment: text('Treated with', { hint: 'empty: untreated' }),
	mass: weight('How much, if weighed'),
	sownOn: day('On', { needed: true, start: sownOn }),
	note: text('Note', { hint: 'may be left empty' })
});
