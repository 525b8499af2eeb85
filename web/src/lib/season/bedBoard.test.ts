import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { linesOf, movable, movedTo, onGroundFrom, plantOn, type Row } from './bedBoard';

const planting = {
	id: 'p',
	season: 2027,
	variety: { id: 'v' },
	plotId: 'one',
	stretches: [{ bedId: 'b1', from: 10, to: 30 }],
	rootStretches: [],
	sownOn: '2027-03-30',
	setOutOn: '2027-05-02',
	version: 3
} as unknown as Schemas['PlantingView'];
const bed = (id: string, length: number) => ({ id, length }) as Schemas['BedView'];
const row = (id: string, length: number): Row => ({ plotId: 'two', bed: bed(id, length), name: id });

describe('moving a planting on the board of beds', () => {
	it('takes as many metres of another bed, from its beginning, and its days along', () => {
		const then = movedTo(planting, row('b2', 40.6), 5);
		expect(then).toMatchObject({
			plotId: 'two',
			stretches: [{ bedId: 'b2', from: 0, to: 20 }],
			sownOn: '2027-04-04',
			setOutOn: '2027-05-07',
			version: 3
		});
		expect(then.clearedOn).toBeUndefined();
	});
	it('takes no more of a shorter bed than there is', () => {
		expect(movedTo(planting, row('b2', 12.5), 0).stretches).toEqual([{ bedId: 'b2', from: 0, to: 12 }]);
	});
	it('stays where it is on its own bed, and has no beds where a plot has none', () => {
		expect(movedTo(planting, { ...row('b1', 40), plotId: 'one' }, 0).stretches).toEqual(planting.stretches);
		expect(movedTo(planting, { plotId: 'two', name: 'two' }, 0).stretches).toEqual([]);
	});
	it('is for plans only: what was sown is where it is', () => {
		expect(movable(planting, '2027-03-29')).toBe(true);
		expect(movable(planting, '2027-03-30')).toBe(false);
	});
	it('begins what is proposed on the day that was pressed: set out then, or sown then', () => {
		const proposal = { sownOn: '2027-03-30', setOutOn: '2027-05-02', plants: 20 } as Schemas['ProposalView'];
		expect(onGroundFrom(proposal, '2027-05-12')).toEqual({
			sownOn: '2027-04-09',
			setOutOn: '2027-05-12',
			plants: 20
		});
		const sown = { sownOn: '2027-03-30', plants: 20 } as Schemas['ProposalView'];
		expect(onGroundFrom(sown, '2027-04-01').sownOn).toBe('2027-04-01');
	});
	it('leads to a new planting on free ground from a day on', () => {
		expect(plantOn(row('b2', 40), 2027, '2027-06-01')).toBe(
			'/desk/plantings/new?season=2027&plot=two&from=2027-06-01&bed=b2'
		);
		expect(plantOn({ plotId: 'two', name: '' }, 2027, '2027-06-01')).not.toContain('bed=');
	});
});

describe('plantings that share a bed', () => {
	const stay = (id: string, from: string, to: string) => ({ id, from, to });

	it('lie on lines of their own while they stand beside each other, and follow on one after another', () => {
		const { lines, line } = linesOf([
			stay('kale', '2027-05-01', '2027-09-01'),
			stay('pea', '2027-03-01', '2027-07-01'),
			stay('leek', '2027-07-02', '2027-12-01')
		]);
		expect(lines).toBe(2);
		expect(line).toEqual({ pea: 0, kale: 1, leek: 0 });
	});
	it('are not on one line on the day one goes and the other comes', () => {
		expect(
			linesOf([stay('a', '2027-03-01', '2027-07-01'), stay('b', '2027-07-01', '2027-08-01')]).lines
		).toBe(2);
	});
	it('are one line where there is none', () => {
		expect(linesOf([])).toEqual({ lines: 1, line: {} });
	});
});
