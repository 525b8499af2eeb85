import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answers, asked, forget } from '$lib/api/pretend';
import { Attempt } from '$lib/form/attempt.svelte';
import PickForm from './PickForm.svelte';

vi.mock('$lib/api/session.svelte', () => ({
	session: { units: 'METRIC', today: '2026-08-14', account: { name: 'hand' } }
}));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

describe('a pick', () => {
	const save = vi.fn(async () => {});
	const type = (label: string, value: string) =>
		fireEvent.input(screen.getByLabelText(label), { target: { value } });
	const choose = (label: string, value: string) =>
		fireEvent.change(screen.getByLabelText(label), { target: { value } });
	const into = () => fireEvent.click(screen.getByRole('button', { name: 'Into the lot' }));

	const TRIED = 'GET /api/plantings/{id}/picks/tried';

	beforeEach(() => {
		save.mockClear();
		forget();
		answers.set(TRIED, { earlyBy: 0 });
	});

	it('is of the whole planting, dry and ripe on the plant, unless it is said otherwise', async () => {
		render(PickForm, { attempt: new Attempt(), plantingId: 'p1', standing: 300, containers: 2, save });
		await type('Mass', '1.2');
		await type('Plants picked', '60');
		await into();
		await waitFor(() =>
			expect(save).toHaveBeenCalledWith({
				pickedOn: '2026-08-14',
				mass: 1200,
				plants: 60,
				pieces: undefined,
				containers: 2,
				dampness: 'DRY',
				pickedFrom: 'PLANTING',
				which: '',
				indoors: false,
				pickedBy: 'hand',
				note: ''
			})
		);
	});
	it('asks which only where it is not the whole', async () => {
		render(PickForm, { attempt: new Attempt(), plantingId: 'p1', standing: 300, save });
		expect(screen.queryByLabelText('Which')).toBeNull();
		await choose('Picked from', 'STRETCH');
		await type('Which', 'bed 3');
		await type('Mass', '0.5');
		await type('Plants picked', '9');
		await into();
		await waitFor(() =>
			expect(save).toHaveBeenCalledWith(expect.objectContaining({ pickedFrom: 'STRETCH', which: 'bed 3' }))
		);
	});
	it('begins with tagged fruit where flowers were pollinated by hand', () => {
		render(PickForm, { attempt: new Attempt(), plantingId: 'p1', standing: 14, tagged: true, save });
		expect((screen.getByLabelText('Picked from') as HTMLSelectElement).value).toBe('TAGGED');
	});
	it('waits for the label', async () => {
		render(PickForm, {
			attempt: new Attempt(),
			plantingId: 'p1',
			standing: 14,
			waits: 'First its label.',
			save
		});
		const into = screen.getByRole('button', { name: 'Into the lot' });
		expect(into.hasAttribute('disabled')).toBe(true);
		expect(document.getElementById(into.getAttribute('aria-describedby')!)?.textContent).toBe(
			'First its label.'
		);
	});
	it('names what is missing instead of sending nothing', async () => {
		render(PickForm, { attempt: new Attempt(), plantingId: 'p1', standing: 14, save });
		await type('Plants picked', 'some');
		await type('Mass', '1');
		await into();
		await waitFor(() =>
			expect(screen.getByLabelText('Plants picked').getAttribute('aria-invalid')).toBe('true')
		);
		expect(save).not.toHaveBeenCalled();
	});
	it('asks about a mass a thousand times off, and puts in what was meant', async () => {
		answers.set(TRIED, { usualLow: 1000, usualHigh: 4000, meant: 2500, earlyBy: 0 });
		render(PickForm, { attempt: new Attempt(), plantingId: 'p1', standing: 300, save });
		await type('Plants picked', '180');
		await type('Mass', '0.0025');
		await fireEvent.click(await screen.findByRole('button', { name: '2.5 kg' }));
		await waitFor(() => expect((screen.getByLabelText('Mass') as HTMLInputElement).value).toBe('2.5'));
		await into();
		await waitFor(() => expect(save).toHaveBeenCalledWith(expect.objectContaining({ mass: 2500 })));
		expect(asked.at(-1)?.path).toBe('/api/plantings/p1/picks/tried');
	});
	it('asks about fruit that cannot be ripe, and takes it all the same', async () => {
		answers.set(TRIED, { earlyBy: 58, ripeFrom: '2026-10-11' });
		render(PickForm, { attempt: new Attempt(), plantingId: 'p1', standing: 300, save });
		expect((await screen.findByText(/58 days after/)).textContent).toContain('11 Oct');
		await type('Plants picked', '18');
		await type('Mass', '5');
		await into();
		await waitFor(() => expect(save).toHaveBeenCalled());
	});
});
