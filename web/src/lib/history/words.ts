import type { Schemas } from '$lib/api/api';
import { mass, tenth, type Units } from '$lib/units/units';

type Event = Schemas['Event'];

/** What was done when something was seen or decided. */
export const EVENT: Record<Event['kind'], string> = {
	WALK: 'walked',
	GERMINATION: 'germination counted',
	SEED_WEIGHT: 'seed weighed',
	PURITY: 'purity tested',
	MOISTURE: 'moisture measured',
	CUT: 'seed cut open',
	GROW_OUT: 'grown out',
	WEEVILS: 'looked for weevils',
	HELD: 'held'
};

/** What was found or why. */
export function eventSays(event: Event, units: Units): string {
	switch (event.kind) {
		case 'WALK':
			return `${event.found ? event.found : 'no'} off-type${event.found === 1 ? '' : 's'} in ${event.of}`;
		case 'GERMINATION':
			return `${event.figure} %${event.alarm ? ', replicates disagree' : ''}`;
		case 'SEED_WEIGHT':
			return `1,000 seeds ${mass(event.figure ?? 0, units)}${event.alarm ? ', weights spread' : ''}`;
		case 'PURITY':
			return `${event.figure} % pure${event.alarm ? ', the parts do not add up' : ''}`;
		case 'MOISTURE':
			return `${tenth(event.figure ?? 0)} %${event.alarm ? ', readings disagree' : ''}`;
		case 'CUT':
			return `${Math.round(event.figure ?? 0)} % full`;
		case 'GROW_OUT':
			return `${event.found ? event.found : 'no'} off-type${event.found === 1 ? '' : 's'} in ${event.of}`;
		case 'WEEVILS':
			return `${event.found ? event.found : 'none'} bored in ${event.of}`;
		case 'HELD':
			return event.because;
	}
}
