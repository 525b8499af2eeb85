import type { Schemas } from '$lib/api/api';

/** What a germination test lies on. */
export const METHOD: Record<Schemas['GerminationView']['method'], string> = {
	PAPER: 'paper',
	SAND: 'sand',
	SOIL: 'soil',
	HOME: 'home test, one sheet'
};

/** "4 × 100 on paper". */
export function size(test: Schemas['GerminationView']): string {
	return test.method === 'HOME'
		? `home test, ${test.perReplicate} seeds`
		: `${test.replicates} × ${test.perReplicate} on ${METHOD[test.method]}`;
}
