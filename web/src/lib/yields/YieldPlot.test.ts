import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { sized } from '$lib/chart/sized';
import YieldPlot from './YieldPlot.svelte';

type Row = Schemas['LotYieldRow'];
const row = (number: string, season: number, share: number, place?: Row['place']) =>
	({ number, season, share, place, variety: 'Made Up' }) as Row;

sized(640);

describe('lots as dots over their seasons', () => {
	const rows = [
		row('25-PEA-01-A', 2025, 0.2),
		row('26-PEA-01-B', 2026, 0.4, 'WITHIN'),
		row('26-PEA-02-C', 2026, 0.02, 'BELOW')
	];
	const show = (usual?: { low: number; high: number }) =>
		render(YieldPlot, {
			rows,
			of: (one: Row) => one.share,
			says: (share: number) => `${Math.round(100 * share)} %`,
			usual
		});
	const dot = (name: string) => screen.getByText(name).closest('circle')!;
	const at = (name: string, attribute: string) => Number(dot(name).getAttribute(attribute));

	it('draws more higher, later further right, and no two on one spot', () => {
		show();
		expect(at('26-PEA-01-B, Made Up: 40 %', 'cy')).toBeLessThan(at('25-PEA-01-A, Made Up: 20 %', 'cy'));
		expect(at('26-PEA-01-B, Made Up: 40 %', 'cx')).toBeGreaterThan(at('25-PEA-01-A, Made Up: 20 %', 'cx'));
		expect(at('26-PEA-01-B, Made Up: 40 %', 'cx')).not.toBe(at('26-PEA-02-C, Made Up: 2 %', 'cx'));
	});
	it('fills those that stand apart', () => {
		show();
		expect(dot('26-PEA-02-C, Made Up: 2 %').classList.contains('outside')).toBe(true);
		expect(dot('26-PEA-01-B, Made Up: 40 %').classList.contains('within')).toBe(true);
	});
	it('shows what is usual as a band and makes room for it', () => {
		show({ low: 0.25, high: 0.8 });
		expect(document.querySelector('rect')).toBeTruthy();
		expect(screen.getByText('80 %')).toBeTruthy();
		expect(at('26-PEA-01-B, Made Up: 40 %', 'cy')).toBeGreaterThan(100);
	});
});
