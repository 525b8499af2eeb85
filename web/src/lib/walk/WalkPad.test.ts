import { fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import WalkPad from './WalkPad.svelte';

describe('the walk pad', () => {
	const look = vi.fn();
	let pad: HTMLElement;

	beforeEach(() => {
		vi.useFakeTimers();
		look.mockReset();
		HTMLElement.prototype.setPointerCapture = () => {};
		render(WalkPad, { lookedAt: 12, look });
		pad = screen.getByRole('button');
	});
	afterEach(() => vi.useRealTimers());

	const press = (type: string, clientX = 100) =>
		fireEvent(pad, new MouseEvent(type, { bubbles: true, clientX }));

	it('shows the count large and says how it is used', () => {
		expect(pad.querySelector('strong')?.textContent).toBe('12');
		expect(pad.getAttribute('aria-label')).toContain('Tap for one, hold for ten');
	});
	it('counts one for a tap', async () => {
		await press('pointerdown');
		vi.advanceTimersByTime(200);
		await press('pointerup');
		expect(look.mock.calls).toEqual([[1]]);
	});
	it('counts tens while it is held, and nothing more when it is let go', async () => {
		await press('pointerdown');
		vi.advanceTimersByTime(1300);
		await press('pointerup');
		expect(look.mock.calls).toEqual([[10], [10]]);
	});
	it('takes one back for a slide to the left', async () => {
		await press('pointerdown', 200);
		await press('pointermove', 120);
		vi.advanceTimersByTime(900);
		await press('pointerup', 120);
		expect(look.mock.calls).toEqual([[-1]]);
	});
	it('stops counting when the finger is lost', async () => {
		await press('pointerdown');
		await press('pointercancel');
		vi.advanceTimersByTime(5000);
		expect(look).not.toHaveBeenCalled();
	});
	it('is worked by keys too', async () => {
		await fireEvent.keyDown(pad, { key: 'Enter' });
		await fireEvent.keyDown(pad, { key: 'ArrowUp' });
		await fireEvent.keyDown(pad, { key: 'ArrowDown' });
		await fireEvent.keyDown(pad, { key: 'x' });
		expect(look.mock.calls).toEqual([[1], [1], [-1]]);
	});
});
