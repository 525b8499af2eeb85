import { describe, expect, it } from 'vitest';
import { bloomIn, counts, weekBegins, weekOf } from './week';

const july = { first: '2026-07-01', last: '2026-07-31' };

describe('a week of the season', () => {
	it('blooms most in the middle of a window and not outside it', () => {
		const strength = [24, 25, 26, 27, 28, 29, 30, 31].map((week) => bloomIn(july, '2026-01-01', week));
		expect(strength[0]).toBe(0);
		expect(strength.at(-1)).toBe(0);
		expect(Math.max(...strength)).toBeGreaterThan(0.9);
		expect(bloomIn(undefined, '2026-01-01', 28)).toBe(0);
	});
	it('counts what is open in it', () => {
		const all = counts([july, july, undefined, { first: '2026-05-01', last: '2026-05-31' }], '2026-01-01');
		expect(all).toHaveLength(53);
		expect(Math.max(...all)).toBe(2);
		expect(all[weekOf('2026-07-15', '2026-01-01')]).toBe(2);
		expect(all[weekOf('2026-05-14', '2026-01-01')]).toBe(1);
		expect(all[2]).toBe(0);
	});
	it('is midsummer when today lies in another year', () => {
		expect(weekOf('2026-08-14', '2027-01-01')).toBe(27);
		expect(weekOf('2026-01-01', '2026-01-01')).toBe(0);
		expect(weekOf('2026-12-31', '2025-12-29')).toBe(52);
		expect(weekOf('2027-12-31', '2027-07-01')).toBe(26);
	});
	it('begins on the weekday that weeks begin on, on or before a day', () => {
		expect(weekBegins('2026-01-01', 1)).toBe('2025-12-29');
		expect(weekBegins('2026-01-01', 0)).toBe('2025-12-28');
		expect(weekBegins('2026-01-01', 4)).toBe('2026-01-01');
	});
});
