import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { BOX, layOut, type Laid } from './family';

type Family = Schemas['FamilyView'];
const lot = (number: string, season: number, parts: Partial<Schemas['Member']> = {}): Schemas['Member'] => ({
	number,
	season,
	origin: 'PICKED',
	variety: 'Early Row',
	grade: 'MARKET',
	generation: { grown: 1, exact: true },
	carries: true,
	here: true,
	plants: 200,
	picks: [],
	bulk: 100,
	packets: 0,
	...parts
});
/** A jar, a lot, half of it split off in the same year, sown the year after and again, a blend of both, and packets. */
const family: Family = {
	number: 'A',
	variety: 'Early Row',
	lots: [
		lot('A', 2024),
		lot('A2', 2024, { origin: 'PART' }),
		lot('B', 2025),
		lot('C', 2026),
		lot('AC', 2024, { origin: 'BLEND' })
	],
	elsewhere: [
		{ id: 'jar', supplier: 'a jar', theirNumber: '', grownIn: 2023, sownOn: '2024-03-20', to: ['A'] }
	],
	standing: [{ plantingId: 'p', variety: 'Early Row', ground: 'Plot 2', season: 2027 }],
	sown: [
		{ from: 'A2', mass: 95, on: '2025-03-20', to: ['B'] },
		{ from: 'B', mass: 20, on: '2026-03-20', to: ['C'] },
		{ from: 'C', mass: 5, on: '2027-03-20', to: [], standing: 'p' },
		{ from: 'nobody shown', mass: 5, on: '2026-03-20', to: ['C'] }
	],
	transferred: [
		{ from: 'A', to: 'A2', mass: 500, on: '2024-09-01' },
		{ from: 'A', to: 'AC', mass: 100, on: '2026-10-01' },
		{ from: 'C', to: 'AC', mass: 100, on: '2026-10-01' }
	],
	mixes: [],
	left: [{ number: 'A', packets: 120, bulk: 0, lastOn: '2025-02-01', customers: 1 }],
	customers: 1,
	packets: 120,
	bulk: 0
};
const at = (laid: Laid, id: string) => laid.boxes.find((box) => box.id === id)!;

describe('a family, drawn', () => {
	const laid = layOut(family, 1100);
	it('goes from left to right, from what was sown to what came of it', () => {
		const xs = ['jar', 'A', 'A2', 'B', 'C', 'AC', 'p'].map((id) => at(laid, id).x);
		expect(xs).toEqual([...xs].sort((a, b) => a - b));
		expect(new Set(xs).size).toBe(xs.length);
	});
	it('stands a blend in the year it was transferred, whatever the year of its oldest seed', () => {
		expect(at(laid, 'AC').year).toBe(2026);
		expect(at(laid, 'left A').year).toBe(2025);
		expect(laid.years.map(({ year }) => year)).toEqual([2023, 2024, 2025, 2026, 2027]);
	});
	it('puts no box on another, and all inside', () => {
		for (const one of laid.boxes) {
			expect(one.x + BOX.width).toBeLessThanOrEqual(laid.width);
			expect(one.y + BOX.height).toBeLessThanOrEqual(laid.height);
			for (const other of laid.boxes)
				if (one.id !== other.id && one.x === other.x)
					expect(Math.abs(one.y - other.y)).toBeGreaterThanOrEqual(BOX.height);
		}
	});
	it('draws a strand for each of what is shown, thicker for more, with a seed where it was sown', () => {
		expect(laid.strands).toHaveLength(8);
		expect(laid.strands.filter(({ sown }) => sown)).toHaveLength(4);
		const widths = laid.strands.map(({ width }) => width);
		expect(Math.max(...widths)).toBe(widths[0]);
	});
	it('says of seed that came with a number of its own not that it was sown', () => {
		const came = {
			...family,
			lots: family.lots.map((one) => (one.number === 'A' ? { ...one, origin: 'ELSEWHERE' as const } : one))
		};
		expect(layOut(came, 1100).strands.filter(({ sown }) => sown)).toHaveLength(3);
	});
	it('leads a strand past the boxes between, never behind one', () => {
		const mix = {
			...family,
			mixes: [
				{
					number: 'M',
					name: 'cover',
					mixedOn: '2026-09-01',
					from: [{ number: 'A', mass: 100 }],
					packets: 0,
					bulk: 0,
					packetsHere: 0,
					bulkHere: 100
				}
			]
		};
		const drawn = layOut(mix, 1100);
		const columns = new Set(drawn.boxes.map(({ x }) => x));
		for (const { path } of drawn.strands) {
			const points = [...path.matchAll(/(?:M|C[\d.-]+ [\d.-]+ [\d.-]+ [\d.-]+ )([\d.-]+) ([\d.-]+)/g)].map(
				([, x, y]) => ({ x: Number(x), y: Number(y) })
			);
			for (const { x, y } of points.slice(1, -1).filter((point) => columns.has(point.x)))
				for (const box of drawn.boxes.filter((one) => one.x === x))
					expect(y <= box.y || y >= box.y + BOX.height).toBe(true);
		}
		expect(drawn.boxes.map(({ id }) => id)).toContain('M');
	});
	it('widens what has no room, for whoever scrolls', () => {
		expect(layOut(family, 350).width).toBeGreaterThan(1100);
	});
	it('ends where records go round', () => {
		const round = {
			...family,
			transferred: [...family.transferred, { from: 'A2', to: 'A', mass: 1, on: '2024-09-02' }]
		};
		expect(layOut(round, 1100).boxes).toHaveLength(laid.boxes.length);
	});
});
