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

export const ARRIVAL_LABELS = {
	varietyId: 'Variety',
	way: 'How it came',
	mass: 'How much',
	grownIn: 'Year of its harvest',
	fromWhom: 'From whom',
	oldNumber: 'Its number until now',
	cameOn: 'Here since',
	grade: 'Grade it is taken to be',
	plants: 'Mother plants',
	theirGermination: 'Germination by their label',
	theirTestOn: 'Tested on',
	treatment: 'Treated with',
	note: 'Note'
};

/** "bought from Hill garden" */
export function cameFrom(arrival: Arrival): string {
	return arrival.way === 'BEFORE' ? WAY.BEFORE : `${WAY[arrival.way]} from ${arrival.fromWhom}`;
}

const LABELS = ARRIVAL_LABELS;

/** What is said of seed that came, and corrected of it. */
export const arrivalFields = (start: Partial<Pick<Arrival, 'way' | 'fromWhom'>> = {}) => ({
	way: choice(LABELS.way, WAY, { start: start.way }),
	mass: weight(LABELS.mass, { needed: true, scale: true }),
	grownIn: count(LABELS.grownIn, { needed: true }),
	fromWhom: text(LABELS.fromWhom, {
		needed: true,
		when: ({ way }) => way !== 'BEFORE',
		start: start.fromWhom,
		hint: 'a seed house, a neighbour'
	}),
	oldNumber: text(LABELS.oldNumber, {
		maxlength: 60,
		hint: 'it is kept, found and printed beside the new one'
	}),
	cameOn: day(LABELS.cameOn, { needed: true, start: session.today }),
	plants: count(LABELS.plants, { hint: 'if anybody knows' }),
	theirGermination: count(LABELS.theirGermination, {
		unit: '%',
		hint: 'as they say; your own test counts for selling'
	}),
	theirTestOn: day(LABELS.theirTestOn),
	treatment: text(LABELS.treatment, { hint: 'empty: untreated' }),
	note: text(LABELS.note)
});
