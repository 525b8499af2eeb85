import type { Schemas } from '$lib/api/api';

/** Plain with a tick, hatched, or filled. */
export type MarkState = 'clear' | 'tight' | 'crosses';

interface Marked {
	state: MarkState;
	label: string;
}

/** The mark of an isolation verdict. */
export function ofVerdict(verdict: Schemas['Isolation']['verdict']): Marked {
	return {
		CLEAR: mark('clear', 'clear'),
		TIGHT: mark('tight', 'tight'),
		CROSSES: mark('crosses', 'crosses')
	}[verdict];
}

/** The mark of whether its seed ripens here. */
export function ofRipens(ripens: Schemas['Ripens']['mark']): Marked {
	return {
		RIPENS: mark('clear', 'ripens'),
		AT_RISK: mark('tight', 'may not ripen'),
		WILL_NOT: mark('crosses', 'will not ripen')
	}[ripens];
}

/** The mark of a population against its grade. */
export function ofPopulation(population: Schemas['Population']['mark']): Marked {
	return { CLEAR: mark('clear', 'enough'), TIGHT: mark('tight', 'tight'), SHORT: mark('crosses', 'too few') }[
		population
	];
}

/** The mark of what walks have shown. */
export function ofWalk(walk: Schemas['WalkVerdict']['mark']): Marked {
	return {
		SHOWN: mark('clear', 'shown'),
		NOT_YET: mark('tight', 'not shown yet'),
		OVER: mark('crosses', 'over the limit')
	}[walk];
}

/** The mark of a lot at the gate. */
export function ofGate(gate: Schemas['GateView'], grade: string): Marked {
	if (gate.reasons.includes('ON_HOLD')) return mark('crosses', 'on hold');
	if (!gate.mayBeSold) return mark('tight', 'held back');
	return mark('clear', `may be sold as ${grade} seed`);
}

function mark(state: MarkState, label: string): Marked {
	return { state, label };
}
