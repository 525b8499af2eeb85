import { render, screen } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { reader } from '$lib/words/reader.svelte';
import { sized } from '$lib/chart/sized';
import Curve from './Curve.svelte';
import HangingTag from './HangingTag.svelte';
import { left, waits } from './words';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));

sized(140);

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
		need: { kind: 'Nothing', keepsUntil: '2028-03-01' },
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
	beforeEach(() => {
		reader.today = '2026-08-14';
	});
	afterEach(() => {
		reader.today = '';
	});
	const below = { kind: 'BelowStandard', germination: 65, grade: 'MARKET', needed: 70 } as const;
	it.each<[Hanging['need'], string]>([
		[{ kind: 'Nothing', keepsUntil: '2028-03-01' }, 'keeps until March 2028'],
		[{ kind: 'Nothing' }, 'keeps over ten years'],
		[{ kind: 'Count', due: '2026-08-12', today: true }, 'count the test today'],
		[{ kind: 'Count', due: '2026-08-20', today: false }, 'count 20 Aug'],
		[{ kind: 'Retest', due: '2026-07-01' }, 'test again, due 1 Jul'],
		[{ kind: 'Falling', on: '2026-11-02' }, 'below the standard November 2026'],
		[{ kind: 'Held', why: 'weevil' }, 'held: weevil'],
		[{ kind: 'NoneLeft', transferred: true }, 'all transferred into other lots'],
		[{ kind: 'HeldBack', because: below }, 'germinates 65 %; market grade needs 70 %']
	])('is said in a few words', (need, said) => {
		expect(waits(hanging({ need }))).toBe(said);
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
