import { render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { sized } from '$lib/chart/sized';
import RipeningCurve from './RipeningCurve.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));

const course = ['2026-08-10', '2026-08-14', '2026-08-17', '2026-08-20'].map((on, i) => ({
	on,
	ripe: i / 3,
	onPlants: i / 4
}));
const watch = (best: string) =>
	({ course, best: { on: best, share: 0.62 } }) as unknown as Schemas['RipeningWatch'];
const visit = (visitedOn: string) =>
	({ id: visitedOn, visitedOn, ripe: 12, lookedAt: 24 }) as unknown as Schemas['RipeningVisitView'];
const show = (best: string, visits: Schemas['RipeningVisitView'][] = []) =>
	render(RipeningCurve, { watch: watch(best), visits, best: { on: best, share: 0.62 } }).container;

sized(640);

describe('ripening, day by day', () => {
	it('names the best day and what a single cut then collects', () => {
		show('2026-08-17');
		expect(screen.getByText('17 Aug, 62 %')).toBeTruthy();
		expect(screen.getByText('today')).toBeTruthy();
	});
	it('leaves out a best day and visits that are not on the drawing', () => {
		const drawn = show('2026-09-30', [visit('2026-08-12'), visit('2026-07-01')]);
		expect(screen.queryByText(/62 %/)).toBeNull();
		expect(drawn.querySelectorAll('circle')).toHaveLength(1);
	});
	it('puts days where they are, from edge to edge', () => {
		const line = show('2026-08-17').querySelector('polyline')!.getAttribute('points')!;
		const x = line.split(' ').map((point) => Number(point.split(',')[0]));
		expect(x[0]).toBe(0);
		expect(x.at(-1)).toBe(624);
		expect(x[1] - x[0]).toBeCloseTo((4 / 10) * 624);
	});
});
