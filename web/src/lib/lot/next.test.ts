import { describe, expect, it } from 'vitest';
import { nextAct } from './next';

const clean = { clean: true, transferred: false };
const bulk = { bulk: 200, packets: 12 };

describe('where the next work on a lot is done', () => {
	it('at the stall once it may be sold: packed while there is bulk, then sold', () => {
		const free = { mayBeSold: true, reasons: [] };
		expect(nextAct(free, clean, bulk)).toBe('pack');
		expect(nextAct(free, clean, { bulk: 0, packets: 12 })).toBe('sell');
		expect(nextAct(free, clean, { bulk: 0, packets: 0 })).toBeUndefined();
	});
	it('at the bench until it is clean, whatever is untested', () => {
		const held = { mayBeSold: false, reasons: ['NOT_CLEAN' as const, 'UNTESTED' as const] };
		expect(nextAct(held, { clean: false, transferred: false }, bulk)).toBe('bench');
		expect(nextAct(held, { clean: false, transferred: true }, bulk)).toBeUndefined();
	});
	it('at the test table where a test can tell, and nowhere where only a decision can', () => {
		expect(nextAct({ mayBeSold: false, reasons: ['ON_HOLD', 'TEST_RUN_OUT'] }, clean, bulk)).toBe('tests');
		expect(nextAct({ mayBeSold: false, reasons: ['ON_HOLD'] }, clean, bulk)).toBeUndefined();
	});
});
