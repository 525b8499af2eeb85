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

/** To a tenth, without it where it is none. */
export const plain = (value: number) => String(Math.round(value * 10) / 10);

/** Where the truth of a test lies. */
export const range = (result: Schemas['GerminationResult']) =>
	`${Math.round(result.lower)} to ${Math.round(result.upper)} %`;

/** What became of those that make no plant; classes nobody was in are left out. */
export const became = (classes: Schemas['SeedlingClasses']) =>
	(['abnormal', 'hard', 'fresh', 'dead'] as const)
		.filter((one) => classes[one] > 0)
		.map((one) => `${one} ${plain(classes[one])} %`)
		.join(', ') || 'all normal';
