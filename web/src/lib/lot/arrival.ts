import type { Schemas } from '$lib/api/api';
import { session } from '$lib/api/session.svelte';
import { choice, count, day, text, weight } from '$lib/form/kinds';

type Arrival = Schemas['ArrivalView'];

/** How seed came that no planting here gave. */
export const WAY: Record<Arrival['way'], string> = {
	BOUGHT: 'bought',
	SWAPPED: 'swapped',
	GIVEN: 'given',
	BEFORE: 'grown here, before these records'
};

/** "bought from Hill garden" */
export function cameFrom(arrival: Arrival): string {
	return arrival.way === 'BEFORE' ? WAY.BEFORE : `${WAY[arrival.way]} from ${arrival.fromWhom}`;
}

/** What is said of seed that came, and corrected of it. */
export const arrivalFields = (start: Partial<Pick<Arrival, 'way' | 'fromWhom'>> = {}) => ({
	way: choice('How it came', WAY, { start: start.way }),
	mass: weight('How much', { needed: true, scale: true }),
	grownIn: count('Year of its harvest', { needed: true }),
	fromWhom: text('From whom', {
		needed: true,
		when: ({ way }) => way !== 'BEFORE',
		start: start.fromWhom,
		hint: 'a seed house, a neighbour'
	}),
	oldNumber: text('Its number until now', {
		maxlength: 60,
		hint: 'it is kept, found and printed beside the new one'
	}),
	cameOn: day('Here since', { needed: true, start: session.today }),
	plants: count('Mother plants', { hint: 'if anybody knows' }),
	theirGermination: count('Germination by their label', {
		unit: '%',
		hint: 'as they say; your own test counts for selling'
	}),
	theirTestOn: day('Tested on'),
	treatment: text('Treated with', { hint: 'empty: untreated' }),
	note: text('Note')
});
