import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { groups, swelling, together, yearScale, type Line } from './bloom';

const planting = (id: string, crop: string, threatenedBy: { id: string; neighbour?: boolean }[]) =>
	({
		id,
		season: 2026,
		variety: { name: id, cropName: crop },
		plotName: 'Plot 1',
		purpose: 'SEED',
		sownOn: '2026-04-01',
		bloom: { first: '2026-07-01', last: '2026-07-31', ripeFrom: '2026-09-01', spreadDays: 7 },
		isolation: {
			threats: threatenedBy.map(({ id: sourceId, neighbour = false }) => ({ sourceId, neighbour }))
		}
	}) as unknown as Schemas['PlantingView'];
const croft = { id: 'croft', name: 'Croft', season: 2026, sure: false } as Schemas['NeighbourView'];

const line = (first: string, last: string): Line => ({
	id: first,
	name: '',
	detail: '',
	neighbour: false,
	from: first,
	to: last,
	first,
	last
});

describe('bloom lines', () => {
	it('puts together what can cross, with the neighbours that threaten it', () => {
		const made = groups(
			[
				planting('ferry', 'Courgette', [{ id: 'moon' }]),
				planting('kale', 'Kale', [{ id: 'croft', neighbour: true }]),
				planting('moon', 'Pumpkin', [])
			],
			[croft]
		);
		expect(made.map((group) => group.lines.map(({ id }) => id))).toEqual([
			['ferry', 'moon'],
			['kale', 'croft']
		]);
		expect(made[0].name).toBe('Courgette, Pumpkin');
	});
	it('hatches only the days that both bloom', () => {
		const shared = together(line('2026-07-01', '2026-07-20'), line('2026-07-15', '2026-08-10'));
		expect(shared?.from.toISOString().slice(0, 10)).toBe('2026-07-15');
		expect(shared?.to.toISOString().slice(0, 10)).toBe('2026-07-20');
		expect(together(line('2026-07-01', '2026-07-10'), line('2026-07-15', '2026-08-10'))).toBeUndefined();
	});
	it('swells in the middle of the bloom and stays inside the year', () => {
		const x = yearScale(2026, 500);
		const path = swelling(line('2026-07-01', '2026-07-31'), x, 20, 12);
		const points = [...path.matchAll(/([\d.]+),([\d.-]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);
		expect(Math.min(...points.map(([, y]) => y))).toBe(8);
		expect(points.every(([px]) => px >= 0 && px <= 500)).toBe(true);
		expect(x(new Date('2020-01-01'))).toBe(0);
	});
});
