import { render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import Curve from './Curve.svelte';
import HangingTag from './HangingTag.svelte';
import { left, waits } from './words';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));

type Hanging = Schemas['Hanging'];
const keeping = {
	standard: 75,
	now: { lower: 70, middle: 86, upper: 92 },
	below: { middle: '2028-03-01' },
	curve: [
		{ on: '2025-08-14', percent: 90 },
		{ on: '2026-08-14', percent: 86 },
		{ on: '2029-08-14', percent: 35 }
	]
} as Schemas['KeepingView'];

function hanging(more: object = {}): Hanging {
	return {
		need: 'NOTHING',
		shelves: ['Fridge'],
		keeping,
		stock: { bulk: 141, packets: 400 },
		lot: { number: '25-TOM-02-J', grade: 'MARKET' },
		variety: { name: 'Lantern Quay', cropName: 'Tomato' },
		germination: 92,
		running: [],
		bench: { clean: true, mass: 214 },
		gate: { mayBeSold: true, reasons: [], against: [] },
		...more
	} as unknown as Hanging;
}

describe('what a lot waits for', () => {
	const today = '2026-08-14';
	it.each([
		[hanging(), 'keeps until March 2028'],
		[hanging({ keeping: { ...keeping, below: {} } }), 'keeps over ten years'],
		[hanging({ need: 'COUNT', due: '2026-08-12' }), 'count the test today'],
		[hanging({ need: 'COUNT', due: '2026-08-20' }), 'count 20 Aug'],
		[hanging({ need: 'TEST', due: '2026-07-01' }), 'test again, due 1 Jul'],
		[hanging({ need: 'FALLING', due: '2026-11-02' }), 'below the standard November 2026'],
		[hanging({ need: 'HELD', lot: { hold: { reason: 'weevil' } } }), 'held: weevil'],
		[hanging({ need: 'NONE_LEFT', bench: { poured: true } }), 'all poured into other lots']
	])('is said in a few words', (lot, said) => {
		expect(waits(lot, today)).toBe(said);
	});
	it('names what holds it back, not what was overruled', () => {
		const against = [
			{ finding: { kind: 'NotWeighed' }, overruled: {} },
			{ finding: { kind: 'BelowStandard', germination: 65, grade: 'MARKET', needed: 70 } }
		];
		expect(waits(hanging({ need: 'HELD_BACK', gate: { against } }), today)).toBe(
			'germinates 65 %; market grade needs 70 %'
		);
	});
	it('says what is left, in bulk and in packets', () => {
		expect(left(hanging(), 'METRIC')).toBe('141 g + 400 pk');
		expect(left(hanging({ stock: { bulk: 0, packets: 0 } }), 'METRIC')).toBe('none left');
		const fresh = { stock: { bulk: 0, packets: 0 }, bench: { clean: false, mass: 900 } };
		expect(left(hanging(fresh), 'METRIC')).toBe('900 g');
		expect(left(hanging({ ...fresh, bench: undefined }), 'METRIC')).toBe('empty');
	});
});

describe('a tag in the seed room', () => {
	it('says where the lot stands, or that nobody put it away', () => {
		const { unmount } = render(HangingTag, { hanging: hanging() });
		expect(screen.getByText('Fridge')).toBeTruthy();
		unmount();
		render(HangingTag, { hanging: hanging({ shelves: [] }) });
		expect(screen.getByText('not put away')).toBeTruthy();
	});
	it('draws the course downwards, with today on it and its range', () => {
		const { container } = render(Curve, { keeping, today: '2026-08-14' });
		const heights = container
			.querySelector('polyline')!
			.getAttribute('points')!
			.split(' ')
			.map((point) => Number(point.split(',')[1]));
		expect(heights).toEqual([...heights].sort((a, b) => a - b));
		expect(Number(container.querySelector('circle')!.getAttribute('cy'))).toBeCloseTo(heights[1], 1);
		const range = container.querySelector('.range')!;
		expect(Number(range.getAttribute('y1'))).toBeGreaterThan(Number(range.getAttribute('y2')));
	});
});
