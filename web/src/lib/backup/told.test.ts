import { expect, test } from 'vitest';
import { happened, megabytes } from './told';

test.each([
	[812, '1 kB'],
	[48_200, '49 kB'],
	[2_340_000, '2.3 MB'],
	[128_400_000, '130 MB']
])('%d bytes are %s', (bytes, said) => {
	expect(megabytes(bytes)).toBe(said);
});

test('what went wrong is not told as done', () => {
	for (const what of ['MADE', 'ELSEWHERE', 'TRIED'] as const) {
		expect(happened({ what, good: false })).toMatch(/[Nn]o/);
		expect(happened({ what, good: true })).not.toMatch(/\b[Nn]ot?\b/);
	}
});
