import type { Units } from '$lib/units/units';

/** Whoever reads: whose numbers and dates are written, and in which units. The session says it once somebody signed in. */
class Reader {
	locale = $state('en-GB');
	units = $state<Units>('METRIC');
}

export const reader = new Reader();
