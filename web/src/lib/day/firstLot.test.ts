import { describe, expect, it } from 'vitest';
import { next, ways, type FirstLot } from './firstLot';

const first = (more: object = {}) => ({ over: false, done: [], ...more }) as unknown as FirstLot;
const TODAY = '2026-11-29';

describe('the way to a first lot', () => {
	it('begins with the ground, and shows where each step is done once it can be', () => {
		const all = ways(first(), TODAY);
		expect(all.map(({ step }) => step)).toEqual([
			'GROUND',
			'VARIETY',
			'PLANTING',
			'WALK',
			'HARVEST',
			'BENCH',
			'TESTS'
		]);
		expect(all.filter(({ path }) => path).map(({ step }) => step)).toEqual(['GROUND', 'VARIETY']);
		expect(next(all)?.step).toBe('GROUND');
	});
	it('goes on from what is there, in whatever order it was done', () => {
		const all = ways(first({ done: ['VARIETY'], variety: { id: 'v' } }), TODAY);
		expect(next(all)?.step).toBe('GROUND');
		expect(all[2].path).toBe('/desk/plantings/new?variety=v');
		const planted = { done: ['GROUND', 'VARIETY', 'PLANTING'], variety: { id: 'v' }, planting: { id: 'p' } };
		expect(next(ways(first(planted), TODAY))).toMatchObject({ step: 'WALK', path: '/walk/p' });
	});
	it('says when a step is due, and nothing of days gone by', () => {
		const planted = { planting: { id: 'p' }, walkFrom: '2027-06-12', pickFrom: '2026-08-20' };
		const all = ways(first(planted), TODAY);
		expect(all[3].when).toBe('about 12 Jun 2027');
		expect(all[4].when).toBeUndefined();
	});
	it('leads a numbered lot to its label, its bench and its tests', () => {
		const all = ways(first({ planting: { id: 'p' }, lot: '27-TOM-01-X' }), TODAY);
		expect(all.slice(4).map(({ path }) => path)).toEqual([
			'/harvest/p?lot=27-TOM-01-X',
			'/bench/27-TOM-01-X',
			'/lot/27-TOM-01-X/tests'
		]);
		expect(next(ways(first({ done: ways(first(), TODAY).map(({ step }) => step) }), TODAY))).toBeUndefined();
	});
});
