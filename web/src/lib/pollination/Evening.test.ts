import 'fake-indexeddb/auto';
import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { box } from '$lib/offline/box';
import Evening from './Evening.svelte';

const planting = { id: 'p', plants: 14 } as Schemas['PlantingView'];

describe('an evening in the flowers', () => {
	const close = vi.fn(async () => {});
	const press = (name: RegExp) => fireEvent.click(screen.getByRole('button', { name }));

	beforeEach(async () => {
		close.mockClear();
		await box.drafts.clear();
	});

	it('closes buds plant by plant and records them together', async () => {
		render(Evening, { planting, tonight: [], close });
		await press(/^female bud/);
		await press(/^female bud/);
		await press(/^Plant after/);
		await press(/^male bud/);
		expect(screen.getByText(/2 females and 1 male, on plants 1 and 2/)).toBeTruthy();
		await press(/^Record 3 closed buds/);
		const closed = [
			{ plant: 1, females: 2, males: 0 },
			{ plant: 2, females: 0, males: 1 }
		];
		expect(close).toHaveBeenCalledWith(closed, 'buds p');
	});
	it('takes a plant back', async () => {
		render(Evening, { planting, tonight: [], close });
		await press(/^male bud/);
		await press(/^take plant 1 back/);
		expect(screen.queryByRole('button', { name: /^Record/ })).toBeNull();
	});
	it('goes no farther than the last plant', async () => {
		render(Evening, { planting, tonight: [], close });
		const number = screen.getByRole('textbox') as HTMLInputElement;
		await fireEvent.change(number, { target: { value: '99' } });
		expect(number.value).toBe('14');
		await press(/^Plant after/);
		expect(number.value).toBe('14');
	});
	it('is still there after the page was lost', async () => {
		const { unmount } = render(Evening, { planting, tonight: [], close });
		await press(/^female bud/);
		await waitFor(async () => expect(await box.drafts.get('buds p')).toBeTruthy());
		unmount();
		render(Evening, { planting, tonight: [], close });
		await waitFor(() => expect(screen.getByRole('button', { name: 'Record 1 closed bud' })).toBeTruthy());
	});
});
