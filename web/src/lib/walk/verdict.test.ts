import { describe, expect, it } from 'vitest';
import { tell } from './verdict';

const table = {
	tolerance: 0.01,
	stand: 400,
	letPass: 4,
	at: [1, 100, 200, 400],
	rows: [
		{ shownFrom: 299, overUpTo: 0, upper: [0.95, 0.0295, 0.0149, 0.0075], overlooked: 0.1 },
		{ shownFrom: 400, overUpTo: 5, upper: [1, 0.0466, 0.0235, 0.0118], overlooked: 0.19 }
	]
};

describe('the verdict carried into the rows', () => {
	it('says how many more, and then that it is shown', () => {
		expect(tell(table, 100, 0)).toMatchObject({ mark: 'NOT_YET', more: 199, upper: 0.0295 });
		expect(tell(table, 299, 0)).toMatchObject({ mark: 'SHOWN', more: 0 });
	});
	it('reads limits between the numbers of the table', () => {
		const upper = tell(table, 150, 0)!.upper;
		expect(upper).toBeGreaterThan(0.0149);
		expect(upper).toBeLessThan(0.0295);
		expect(upper).toBeCloseTo(0.0149 + (0.0295 - 0.0149) / 3, 6);
	});
	it('is over from the start, and judges a stand looked at whole as it is', () => {
		expect(tell(table, 5, 1)?.mark).toBe('OVER');
		expect(tell(table, 400, 1)).toMatchObject({ mark: 'SHOWN', whole: true, overlooked: 0.19 });
		expect(tell({ ...table, letPass: 0 }, 400, 1)?.mark).toBe('OVER');
	});
	it('counts plants walked past twice once', () => {
		expect(tell(table, 800, 1)?.lookedAt).toBe(400);
	});
	it('says nothing where the table says nothing', () => {
		expect(tell(table, 0, 0)).toBeUndefined();
		expect(tell(table, 100, 2)).toBeUndefined();
	});
});
