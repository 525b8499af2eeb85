import type { Schemas } from '$lib/api/api';
import { saying } from '$lib/words/say';

type Way = Schemas['WayView'];

/** A way out as it is said: the act, what it means, and what it costs. */
export function wayWords({ change, cost, targetName, verdict }: Way): {
	act: string;
	means: string;
	cost: string;
} {
	const told = { ...change, target: targetName, clears: verdict === 'CLEAR' };
	return {
		act: saying('way.act', told),
		means: saying('way.means', told),
		cost: saying('way.cost', cost)
	};
}
