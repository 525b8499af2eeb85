import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { daysOf, layOut, ribbonWidth, stopsOf } from './layout';

type Knot = Schemas['Knot'];
const knot = (dry: number, on: string, wet: boolean, leaving: Knot['leaving'] = []): Knot => ({
	recordId: on,
	on,
	mass: dry * 10,
	dry,
	wet,
	alarm: false,
	leaving
});
const tomato: Schemas['LotHistory'] = {
	estimated: true,
	starts: [],
	knots: [
		knot(2500, '2026-07-24', true),
		knot(480, '2026-07-24', true, [{ what: 'flesh', mass: 30000, goneTo: 'sauce' }]),
		knot(260, '2026-07-27', true),
		knot(190, '2026-07-31', false)
	],
	events: [],
	ends: [
		{ kind: 'PACKETS', mass: 30, packets: 312, sold: 188 },
		{ kind: 'BULK', mass: 170, packets: 0, sold: 0 }
	]
};

describe('the history', () => {
	it('narrows as mass leaves', () => {
		const widths = tomato.knots.map(({ dry }) => ribbonWidth(dry, 2500, 95));
		expect(widths).toEqual([...widths].sort((a, b) => b - a));
		expect(widths[0]).toBe(96);
		expect(Math.min(...widths)).toBeGreaterThan(12);
	});
	it.each([1094, 700, 330])('keeps every part inside %d px', (width) => {
		const laid = layOut(tomato, width);
		for (const { x, y } of [...laid.knots, ...laid.streams, ...laid.ends]) {
			expect(x).toBeGreaterThanOrEqual(0);
			expect(x).toBeLessThanOrEqual(width);
			expect(y).toBeLessThanOrEqual(laid.height);
		}
	});
	it('runs along the page where there is room and down it where there is none', () => {
		expect(layOut(tomato, 1094).across).toBe(true);
		const down = layOut(tomato, 330).knots;
		expect(down[1].y).toBeGreaterThan(down[0].y);
		expect(down[1].x).toBe(down[0].x);
	});
	it('is wet until it is dried, and open until it is clean', () => {
		expect(layOut(tomato, 1094).ribbons.map((ribbon) => ribbon.wet)).toEqual([true, true, true, false]);
		expect(layOut(tomato, 1094).open).toBeUndefined();
		expect(layOut({ ...tomato, ends: [] }, 1094).open).toBeDefined();
	});
	it('has no height before anything is picked', () => {
		expect(layOut({ starts: [], knots: [], events: [], ends: [], estimated: false }, 1094).height).toBe(0);
		expect(daysOf(tomato)).toBe(7);
	});
	it.each([1094, 330])('knots what was seen between the acts it lay between, at %d px', (width) => {
		const event = (before: number, on: string) => ({
			kind: 'WALK' as const,
			recordId: on,
			on,
			before,
			found: 0,
			of: 100,
			because: '',
			alarm: false
		});
		const seen = {
			...tomato,
			events: [event(0, '2026-06-01'), event(0, '2026-07-01'), event(2, '2026-07-25'), event(4, '2026-08-12')]
		};
		const laid = layOut(seen, width);
		const along = ({ x, y }: { x: number; y: number }) => (laid.across ? x : y);
		const order = stopsOf(seen).map((stop) =>
			along(stop.knot === undefined ? laid.events[stop.event] : laid.knots[stop.knot])
		);
		expect(order).toHaveLength(8);
		expect(order).toEqual([...order].sort((a, b) => a - b));
		expect(new Set(order).size).toBe(8);
		expect(Math.max(...laid.events.map(({ x }) => x))).toBeLessThan(width);
	});
});
