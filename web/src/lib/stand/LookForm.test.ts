import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import LookForm from './LookForm.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));

describe('a look through the store', () => {
	const look = vi.fn(async () => {});
	const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
	const record = () => screen.getByRole('button', { name: 'Record this look' });

	beforeEach(() => {
		look.mockClear();
		render(LookForm, { there: 40, look });
	});

	it('counts what is thrown out with one thumb', async () => {
		await press('One more thrown out');
		await press('One more thrown out');
		await press('One less');
		await fireEvent.click(record());
		expect(look).toHaveBeenCalledWith({ pieces: 40, thrownOut: 1 });
	});
	it('refuses more than lie there, in words', async () => {
		await fireEvent.input(screen.getByLabelText('Looked at'), { target: { value: '41' } });
		expect(screen.getByText('Between 1 and 40 pieces lie there.')).toBeTruthy();
		expect(record().hasAttribute('disabled')).toBe(true);
	});
	it('does not take sizes that add up to more than are sound', async () => {
		await press('One more thrown out');
		await fireEvent.click(screen.getByLabelText('graded by size'));
		await fireEvent.input(screen.getByLabelText('Small'), { target: { value: '20' } });
		await fireEvent.input(screen.getByLabelText('Large'), { target: { value: '20' } });
		expect(screen.getByText('The sizes add up to 40; only 39 are sound.')).toBeTruthy();
		await fireEvent.input(screen.getByLabelText('Large'), { target: { value: '19' } });
		await fireEvent.click(record());
		expect(look).toHaveBeenCalledWith({ pieces: 40, thrownOut: 1, small: 20, medium: 0, large: 19 });
	});
});
