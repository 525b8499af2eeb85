import { describe, expect, it } from 'vitest';
import { questionAt } from './questions';

describe('pages that open without a signal', () => {
	it.each([
		['/walk/p1', '/api/plantings/p1/walks'],
		['/walk/p1/found', '/api/plantings/p1/walks'],
		['/pollination/p1#took', '/api/plantings/p1/pollination'],
		['/harvest/p1?lot=26-PEA-01-X', '/api/plantings/p1/open-lots'],
		['/bench/26-PEA-01-X', '/api/lots/26-PEA-01-X/bench'],
		['/lot/26-PEA-01-X/tests', '/api/lots/26-PEA-01-X'],
		['/lot/26-PEA-01-X', '/api/lots/26-PEA-01-X'],
		['/stall/26-PEA-01-X', '/api/lots/26-PEA-01-X/for-sale'],
		['/stall/days/d1', '/api/stall-days/d1']
	])('%s asks what is kept as %s', (page, kept) => {
		expect(questionAt(page)?.kept).toBe(kept);
	});
	it.each([
		'/desk?planting=p1',
		'/field?season=2026',
		'/stall/orders/o1',
		'/stall/days',
		'/bench',
		'/lot/n/blend'
	])('%s needs one', (page) => {
		expect(questionAt(page)).toBeUndefined();
	});
});
