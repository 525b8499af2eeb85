import { render, screen, within } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { sized } from '$lib/chart/sized';
import AirLog from './AirLog.svelte';
import AirStrip from './AirStrip.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));

sized(564);

describe('the air of a place over the year', () => {
	const shelf = { id: 's1', name: 'Fridge' } as Schemas['ShelfView'];
	const reading = (day: string, celsius: number, humidity?: number) =>
		({
			id: day,
			readAt: `${day}T08:00:00Z`,
			celsius,
			humidity,
			source: 'typed'
		}) as Schemas['ShelfReadingView'];
	const show = (readings: Schemas['ShelfReadingView'][]) => {
		const { container } = render(AirLog, { shelf, readings });
		return [...container.querySelectorAll('polyline')].map((line) => points(line.getAttribute('points')!));
	};
	const points = (line: string) => line.split(' ').map((point) => point.split(',').map(Number));

	it('puts readings where their day is, not evenly', () => {
		const [warmth] = show([reading('2026-01-01', 4), reading('2026-01-03', 5), reading('2026-01-11', 6)]);
		expect(warmth.map(([x]) => x)).toEqual([0, 100, 500]);
	});
	it('draws an even year as a level line, not as noise or nothing', () => {
		const [warmth] = show([reading('2026-01-01', 4, 60), reading('2026-06-01', 4, 60)]);
		const heights = warmth.map(([, y]) => y);
		expect(heights[0]).toBe(heights[1]);
		expect(Number.isFinite(heights[0])).toBe(true);
	});
	it('stands where all was read at one moment, as at first', () => {
		const [warmth] = show([reading('2026-01-01', 4), { ...reading('2026-01-01', 5), id: 'again' }]);
		expect(warmth.flat().every(Number.isFinite)).toBe(true);
		expect(screen.getAllByText('1 Jan').filter((one) => one.closest('svg'))).toHaveLength(1);
	});
	it('says between what warmth went, and draws no humidity from a single reading of it', () => {
		expect(show([reading('2026-01-01', 4, 60), reading('2026-06-01', 6)])).toHaveLength(1);
		const drawn = within(screen.getByRole('img'));
		expect(drawn.getByText('4 °C')).toBeTruthy();
		expect(drawn.getByText('6 °C')).toBeTruthy();
	});
});

describe('the air of all places', () => {
	const shelf = (air: Partial<Schemas['ShelfView']['air']>, more: Partial<Schemas['ShelfView']> = {}) =>
		({
			id: 's1',
			name: 'Cool room',
			kind: 'COOL_ROOM',
			air: { celsius: 14.8, humidity: 53.4, settlesAt: 11.5, sum: 112, source: 'typed', ...air },
			...more
		}) as Schemas['ShelfView'];

	it('says where warmth and damp together are too much', () => {
		render(AirStrip, { shelves: [shelf({})] });
		expect(screen.getByRole('link').textContent).toContain(
			'Rule of thumb: °F + % RH is 112, should be under 100'
		);
	});
	it('says nothing of it where they are not, and that nobody ever read there', () => {
		render(AirStrip, { shelves: [shelf({ sum: 80, readAt: undefined })] });
		expect(screen.getByRole('link').textContent).not.toContain('Rule of thumb');
		expect(screen.getByRole('link').textContent).toContain('usual, never read');
	});
	it('lets only sealed and dry seed into a freezer', () => {
		render(AirStrip, { shelves: [shelf({ celsius: -18 }, { kind: 'FREEZER' })] });
		expect(screen.getByRole('link').textContent).toContain('sealed and dry only');
	});
});
