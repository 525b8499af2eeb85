import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import History from './History.svelte';

const history: Schemas['LotHistory'] = {
	estimated: true,
	starts: [],
	knots: [
		{ recordId: 'h', on: '2026-07-24', mass: 36200, dry: 2500, wet: true, alarm: false, leaving: [] },
		{
			step: 'EXTRACT',
			recordId: 'a',
			on: '2026-07-24',
			mass: 6100,
			dry: 480,
			wet: true,
			alarm: false,
			leaving: [{ what: 'flesh', mass: 30100, goneTo: 'sauce' }]
		},
		{
			step: 'DRY',
			recordId: 'b',
			on: '2026-07-31',
			mass: 204,
			dry: 190,
			wet: false,
			alarm: true,
			leaving: []
		}
	],
	events: [
		{
			kind: 'WALK',
			recordId: 'w',
			on: '2026-06-10',
			before: 0,
			found: 2,
			of: 320,
			because: '',
			alarm: true
		},
		{
			kind: 'GERMINATION',
			recordId: 'g',
			on: '2026-08-12',
			before: 3,
			figure: 91,
			because: '',
			alarm: false
		}
	],
	ends: [
		{ kind: 'PACKETS', mass: 25, packets: 312, sold: 188 },
		{ kind: 'BULK', mass: 179, packets: 0, sold: 0 }
	]
};

const STEPS = [
	{
		id: 'a',
		kind: 'EXTRACT',
		massIn: 36200,
		waterAdded: 0,
		massOut: 6100,
		share: 0.1685,
		people: 2,
		minutes: 50,
		way: 'squeezed',
		recordedBy: 'hand'
	}
] as unknown as Schemas['StepView'][];

describe('the drawn history', () => {
	beforeAll(() => {
		globalThis.ResizeObserver = class {
			observe() {}
			unobserve() {}
			disconnect() {}
		};
		Object.defineProperty(HTMLElement.prototype, 'clientWidth', { configurable: true, value: 1000 });
	});

	it('says every act, what left and where it went, and what it ends in', () => {
		render(History, { history, planting: 'p', steps: STEPS });
		for (const words of [
			'picked',
			'extracted',
			'dried',
			'30.1 kg flesh',
			'sauce',
			'312 packets',
			'188 sold, 124 left',
			'179 g bulk'
		]) {
			expect(screen.getByText(words)).toBeTruthy();
		}
	});
	it('sums itself up for those who do not see it', () => {
		const { container } = render(History, { history, planting: 'p', steps: STEPS });
		expect(container.querySelector('title')?.textContent).toContain(
			'From 36.2 kg picked in 2 steps over 7 days'
		);
	});
	it('says that a width which rests on usual moistures is no figure', () => {
		render(History, { history, planting: 'p', steps: STEPS });
		expect(screen.getByText(/a drawing, not a figure/)).toBeTruthy();
	});
	it('is walked by the arrow keys from the first walk to the last test, and tells each stop', async () => {
		render(History, { history, planting: 'p', steps: STEPS });
		const walked = screen.getByLabelText(
			'walked, 10 June 2026: 2 off-types in 320'.replace('June 2026', 'Jun')
		);
		expect(walked.getAttribute('tabindex')).toBe('0');
		walked.focus();
		expect(await screen.findByText(/2 off-types in 320/)).toBeTruthy();
		await fireEvent.keyDown(walked, { key: 'ArrowRight' });
		await fireEvent.keyDown(document.activeElement!, { key: 'ArrowRight' });
		expect(document.activeElement?.getAttribute('href')).toBe('#record-a');
		expect(await screen.findByText(/36.2 kg in/)).toBeTruthy();
		expect(screen.getByText(/squeezed · 50 min, 2 people · hand/)).toBeTruthy();
		await fireEvent.keyDown(document.activeElement!, { key: 'End' });
		expect(await screen.findByText(/91 %/)).toBeTruthy();
		await fireEvent.keyDown(document.activeElement!, { key: 'ArrowRight' });
		expect(document.activeElement?.getAttribute('href')).toBe('#tests');
		await fireEvent.keyDown(document.activeElement!, { key: 'Home' });
		expect(document.activeElement).toBe(walked);
	});
});
