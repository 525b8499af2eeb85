import { render, screen } from '@testing-library/svelte';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import Thread from './Thread.svelte';

const thread: Schemas['MassThread'] = {
	estimated: true,
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
	ends: [
		{ kind: 'PACKETS', mass: 25, packets: 312, sold: 188 },
		{ kind: 'BULK', mass: 179, packets: 0, sold: 0 }
	]
};

describe('the drawn thread', () => {
	beforeAll(() => {
		globalThis.ResizeObserver = class {
			observe() {}
			unobserve() {}
			disconnect() {}
		};
		Object.defineProperty(HTMLElement.prototype, 'clientWidth', { configurable: true, value: 1000 });
	});

	it('says every act, what left and where it went, and what it ends in', () => {
		render(Thread, { thread });
		for (const words of [
			'picked',
			'squeezed out',
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
		const { container } = render(Thread, { thread });
		expect(container.querySelector('title')?.textContent).toContain(
			'From 36.2 kg picked in 2 steps over 7 days'
		);
	});
	it('says that a width which rests on usual moistures is no figure', () => {
		render(Thread, { thread });
		expect(screen.getByText(/a drawing, not a figure/)).toBeTruthy();
	});
});
