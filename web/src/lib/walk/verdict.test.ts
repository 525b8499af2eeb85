import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import type { Waiting } from '$lib/offline/box';
import { tableFor, tell } from './verdict';
import type { Counted } from './walk.svelte';

const table = {
	tolerance: 0.01,
	standing: 400,
	seen: 0,
	reach: 400,
	at: [1, 100, 200, 400],
	rows: [
		{ shownFrom: 299, overUpTo: 0, most: [380, 11, 6, 1] },
		{ shownFrom: 0, overUpTo: 5, most: [390, 18, 9, 2] }
	]
};

describe('the verdict carried into the rows', () => {
	it('says how many more, and then that it is shown', () => {
		expect(tell(table, 100, 0)).toMatchObject({ mark: 'NOT_YET', more: 199, most: 11 });
		expect(tell(table, 299, 0)).toMatchObject({ mark: 'SHOWN', more: 0 });
	});
	it('says no fewer may stand than at the number before', () => {
		expect(tell(table, 199, 0)).toMatchObject({ most: 11, upper: 11 / 400 });
	});
	it('is over from the start, and never shown where this walk cannot', () => {
		expect(tell(table, 5, 1)?.mark).toBe('OVER');
		expect(tell(table, 400, 1)).toMatchObject({ mark: 'NOT_YET', whole: true, more: 0 });
	});
	it('lets what is left standing stand', () => {
		expect(tell(table, 400, 1, 1)).toMatchObject({ most: 3, mark: 'SHOWN' });
		expect(tell({ ...table, tolerance: 0.002 }, 400, 1, 1)?.mark).toBe('OVER');
		expect(tell(table, 200, 1, 1)).toMatchObject({ most: 10, mark: 'NOT_YET' });
	});
	it('counts no more plants than stand', () => {
		expect(tell(table, 800, 0)?.lookedAt).toBe(400);
	});
	it('says nothing where the table says nothing', () => {
		expect(tell(table, 0, 0)).toBeUndefined();
		expect(tell(table, 100, 2)).toBeUndefined();
	});
});

describe('which plants a walk goes through', () => {
	const others = { ...table, reach: 200 };
	const page = (rows: number[], rowsInAll: number) =>
		({
			planting: { id: 'p' },
			tables: [
				{ stage: '', others: table },
				{ stage: 'tassel', others, again: table }
			],
			walks: [{ id: 'w', stage: 'tassel', rows, rowsInAll }]
		}) as unknown as Schemas['WalkPage'];
	const walk = (now: Partial<Counted>) =>
		({ stage: 'tassel', row: 1, rows: [], inRow: 0, rowsInAll: 4, others: false, ...now }) as Counted;
	const none: Waiting[] = [];

	it('knows by the rows', () => {
		expect(tableFor(page([1, 2], 4), walk({ row: 3, inRow: 7 }), none)).toBe(others);
		expect(tableFor(page([1, 2], 4), walk({ rows: [2], row: 3, inRow: 7 }), none)).toBe(table);
	});
	it('takes them to be the same where nobody said', () => {
		expect(tableFor(page([], 1), walk({ rowsInAll: 1, inRow: 9 }), none)).toBe(table);
		expect(tableFor(page([], 1), walk({ rowsInAll: 1, inRow: 9, others: true }), none)).toBe(others);
	});
	it('is of a stage with no inspection recorded', () => {
		const fresh = walk({ stage: 'silk', inRow: 3 });
		expect(tableFor(page([1], 4), fresh, none)).toBe(table);
	});
});
