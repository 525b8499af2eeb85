import type { Units } from '$lib/units/units';

/** Whoever reads: whose numbers and dates are written, in which units, and what time it is. The session says it. */
class Reader {
	locale = $state('en-GB');
	units = $state<Units>('METRIC');
	/** On the farm, as ISO without an offset. */
	today = $state('');
	now = $state('');
}

export const reader = new Reader();
