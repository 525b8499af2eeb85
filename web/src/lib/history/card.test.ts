import { render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { answers, forget } from '$lib/api/pretend';
import { sized } from '$lib/chart/sized';
import KnotCard from './KnotCard.svelte';
import { eventSays } from './words';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

type Event = Schemas['Event'];
const event = (kind: Event['kind'], more: object = {}): Event => ({
	kind,
	recordId: 'r',
	on: '2026-08-01',
	before: 0,
	because: '',
	alarm: false,
	...more
});
const knot = {
	recordId: 's',
	on: '2026-08-02',
	mass: 300,
	leaving: [],
	alarm: false
} as unknown as Schemas['Knot'];

sized(220);
beforeEach(forget);

describe('what lies behind a knot', () => {
	it('draws the weighings of a tray from first to last', async () => {
		const read = (takenAt: string, value: number, quantity = 'MASS') => ({ takenAt, value, quantity });
		answers.set('GET /api/steps/{id}/readings', [
			read('2026-08-01T08:00:00Z', 480),
			read('2026-08-01T20:00:00Z', 19, 'AIR'),
			read('2026-08-02T08:00:00Z', 350),
			read('2026-08-02T20:00:00Z', 310)
		]);
		const step = { id: 's', kind: 'DRY', read: true, massIn: 480, waterAdded: 0, massOut: 300, people: 1 };
		const { container } = render(KnotCard, {
			begun: 'picked',
			knot,
			step: step as unknown as Schemas['StepView']
		});
		expect(await screen.findByRole('img', { name: '3 readings over time' })).toBeTruthy();
		expect(screen.getByText('480 g')).toBeTruthy();
		const points = container.querySelector('polyline')!.getAttribute('points')!.split(' ');
		expect(points).toHaveLength(3);
		expect(points.map((point) => Number(point.split(',')[0]))).toEqual([0, 141.3, 212]);
		expect(Number(points[0].split(',')[1])).toBeLessThan(Number(points[2].split(',')[1]));
	});
	it('says how a lot began that nobody picked', () => {
		render(KnotCard, { begun: 'transferred in', knot });
		expect(screen.getByText('transferred in 2 Aug')).toBeTruthy();
	});
});

describe('what was seen and decided', () => {
	it.each([
		[event('WALK', { found: 0, of: 320 }), 'no off-types in 320'],
		[event('WALK', { found: 1, of: 320, alarm: true }), '1 off-type in 320'],
		[event('GERMINATION', { figure: 84, alarm: true }), '84 %, replicates disagree'],
		[event('SEED_WEIGHT', { figure: 2.94 }), '1,000 seeds 2.94 g'],
		[event('WEEVILS', { found: 0, of: 200 }), 'none bored in 200'],
		[event('HELD', { because: 'label came off', alarm: true }), 'label came off']
	])('is said in a few words', (one, words) => {
		expect(eventSays(one, 'METRIC')).toBe(words);
	});
});
