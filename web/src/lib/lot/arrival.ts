import type { Schemas } from '$lib/api/api';
import type { Entry } from '$lib/form/Amend.svelte';
import { countIn, maybeCountIn, numberIn } from '$lib/form/typed';

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

/** What of it is corrected. */
export const arrivalEntries = (came: Arrival, oldNumber: string): Entry[] => [
	{
		name: 'way',
		label: ARRIVAL_LABELS.way,
		value: came.way,
		choices: Object.entries(WAY).map(([value, label]) => ({ value, label }))
	},
	{ name: 'fromWhom', label: ARRIVAL_LABELS.fromWhom, value: came.fromWhom },
	{ name: 'oldNumber', label: ARRIVAL_LABELS.oldNumber, value: oldNumber },
	{ name: 'mass', label: 'How much, g', value: String(came.mass), type: 'number' },
	{ name: 'grownIn', label: ARRIVAL_LABELS.grownIn, value: String(came.grownIn), type: 'number' },
	{ name: 'cameOn', label: ARRIVAL_LABELS.cameOn, value: came.cameOn, type: 'date' },
	{ name: 'plants', label: ARRIVAL_LABELS.plants, value: String(came.plants ?? ''), type: 'number' },
	{
		name: 'theirGermination',
		label: 'Germination by their label, %',
		value: String(came.theirGermination ?? ''),
		type: 'number'
	},
	{ name: 'theirTestOn', label: ARRIVAL_LABELS.theirTestOn, value: came.theirTestOn ?? '', type: 'date' },
	{ name: 'treatment', label: ARRIVAL_LABELS.treatment, value: came.treatment },
	{ name: 'note', label: ARRIVAL_LABELS.note, value: came.note }
];

export function arrivalBody(typed: Record<string, string>) {
	return {
		way: typed.way as Arrival['way'],
		fromWhom: typed.fromWhom,
		oldNumber: typed.oldNumber,
		mass: numberIn('mass', typed.mass),
		grownIn: countIn('grownIn', typed.grownIn),
		cameOn: typed.cameOn,
		plants: maybeCountIn('plants', typed.plants),
		theirGermination: maybeCountIn('theirGermination', typed.theirGermination),
		theirTestOn: typed.theirTestOn || undefined,
		treatment: typed.treatment,
		note: typed.note
	};
}
