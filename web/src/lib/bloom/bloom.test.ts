import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { groups, monthNames, monthsOf, swelling, together, yearScale, type Line } from './bloom';

const planting = (id: string, group: string, species: string) =>
	({
		id,
		season: 2026,
		group,
		species,
		variety: { name: id, cropName: group },
		ground: 'Plot 1',
		plotName: 'Plot 1',
		purpose: 'SEED',
		sownOn: '2026-04-01',
		groundFrom: '2026-04-01',
		groundTo: '2026-09-20',
		bloom: { first: '2026-07-01', last: '2026-07-31', ripeFrom: '2026-09-01', ripeTo: '2026-09-20' },
		isolation: { threats: [] }
	}) as unknown as Schemas['PlantingView'];
const seen = (id: string, group: string) =>
	({
		group,
		neighbour: { id, name: id, season: 2026, sure: false }
	}) as unknown as Schemas['NeighbourShape'];

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
	it('puts together what can cross, with the neighbours of its group', () => {
		const made = groups(
			[
				planting('ferry', 'cucurbita-pepo', 'Cucurbita pepo'),
				planting('kale', 'brassica-oleracea', 'Brassica oleracea'),
				planting('moon', 'cucurbita-pepo', 'Cucurbita pepo')
			],
			[seen('croft', 'brassica-oleracea'), seen('inn', 'zea-mays')]
		);
		expect(made.map((group) => group.lines.map(({ id }) => id))).toEqual([
			['ferry', 'moon'],
			['kale', 'croft']
		]);
		expect(made[0].name).toBe('Cucurbita pepo');
	});
	it('hatches only the days that both bloom', () => {
		const shared = together(line('2026-07-01', '2026-07-20'), line('2026-07-15', '2026-08-10'));
		expect(shared?.from.toISOString().slice(0, 10)).toBe('2026-07-15');
		expect(shared?.to.toISOString().slice(0, 10)).toBe('2026-07-20');
		expect(together(line('2026-07-01', '2026-07-10'), line('2026-07-15', '2026-08-10'))).toBeUndefined();
	});
	it('swells in the middle of the bloom and stays inside the year', () => {
		const x = yearScale(monthsOf([line('2026-07-01', '2026-07-31')], '2026-01-01'), 500);
		const path = swelling(line('2026-07-01', '2026-07-31'), x, 20, 12);
		const points = [...path.matchAll(/([\d.]+),([\d.-]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);
		expect(Math.min(...points.map(([, y]) => y))).toBe(8);
		expect(points.every(([px]) => px >= 0 && px <= 500)).toBe(true);
		expect(x(new Date('2020-01-01'))).toBe(0);
	});
	it('draws the months that hold something, whatever the hemisphere', () => {
		const north = monthsOf(
			[line('2026-05-10', '2026-06-10'), line('2026-07-01', '2026-09-20')],
			'2026-01-01'
		);
		expect(north[0].toISOString().slice(0, 7)).toBe('2026-04');
		expect(north).toHaveLength(8);
		const south = monthsOf(
			[line('2027-09-20', '2027-11-05'), line('2028-01-15', '2028-04-10')],
			'2027-07-01'
		);
		expect(south[0].toISOString().slice(0, 7)).toBe('2027-08');
		expect(south.at(-1)?.toISOString().slice(0, 7)).toBe('2028-04');
		const x = yearScale(south, 400);
		expect(x(new Date('2028-03-01T12:00:00Z'))).toBeGreaterThan(300);
	});
	it('leaves out names of months where there is no room for them', () => {
		const months = monthsOf([line('2026-05-10', '2026-12-10')], '2026-01-01');
		expect(monthNames(months, 600).every((month) => month.name)).toBe(true);
		expect(monthNames(months, 150).filter((month) => month.name).length).toBeLessThan(months.length);
	});
});
