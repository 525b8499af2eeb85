import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { forget, sent } from '$lib/api/pretend';
import ChainBoard from './ChainBoard.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { works: true, grower: true } }));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const CHOICE: Schemas['ChainChoice'] = {
	version: -1,
	now: ['EXTRACT', 'FERMENT', 'RINSE', 'DRY'],
	schools: [
		{ school: 'FERMENTED', steps: ['EXTRACT', 'FERMENT', 'RINSE', 'DRY'] },
		{ school: 'WASHED', steps: ['EXTRACT', 'RINSE', 'DRY'] }
	],
	own: [{ name: 'tub and jar', steps: ['EXTRACT', 'SOAK', 'RINSE', 'DRY', 'HAND_PICK'] }],
	last: [],
	shares: []
};

describe('the way a lot goes', () => {
	const changed = vi.fn();
	const look = vi.fn(() => Promise.resolve(CHOICE));
	const bodies = () => sent().map((one) => one.body);
	const steps = () => screen.getByRole('list', { name: 'Chain' }).textContent!;

	beforeEach(async () => {
		forget();
		changed.mockReset();
		look.mockClear();
		render(ChainBoard, {
			number: '26-TOM-01-X',
			cropKey: 'tomato',
			look,
			changed,
			bench: {
				chain: CHOICE.now,
				left: ['FERMENT', 'RINSE', 'DRY'],
				skipped: [] as number[]
			} as Schemas['BenchView']
		});
		const details = document.querySelector('details')!;
		details.open = true;
		await fireEvent(details, new Event('toggle'));
		await waitFor(() => expect(screen.getByRole('button', { name: 'wash' })).toBeTruthy());
	});

	it('tells what is done from what comes', () => {
		expect(steps()).toMatch(/extracted\s*ferment\s*rinse and pour off\s*dry/);
	});
	it('leaves a step out and keeps what is behind', async () => {
		await fireEvent.click(screen.getByRole('button', { name: 'Leave out ferment' }));
		await waitFor(() => expect(changed).toHaveBeenCalledOnce());
		expect(bodies()).toEqual([{ version: -1, steps: ['EXTRACT', 'RINSE', 'DRY'] }]);
	});
	it('goes back to the way before', async () => {
		await fireEvent.click(screen.getByRole('button', { name: 'Leave out ferment' }));
		await fireEvent.click(await screen.findByRole('button', { name: /^Undo/ }));
		await waitFor(() => expect(bodies()[1]).toEqual({ version: -1, steps: CHOICE.now }));
		expect(screen.queryByRole('button', { name: /^Undo/ })).toBeNull();
	});
	it('does a step earlier', async () => {
		await fireEvent.click(screen.getByRole('button', { name: 'Rinse and pour off earlier' }));
		await waitFor(() =>
			expect(bodies()).toEqual([{ version: -1, steps: ['EXTRACT', 'RINSE', 'FERMENT', 'DRY'] }])
		);
	});
	it('goes another way from where it stands', async () => {
		await fireEvent.click(screen.getByRole('button', { name: 'tub and jar' }));
		await waitFor(() =>
			expect(bodies()).toEqual([{ version: -1, steps: ['EXTRACT', 'SOAK', 'RINSE', 'DRY', 'HAND_PICK'] }])
		);
	});
	it('does not offer the way it goes already', () => {
		expect(screen.getByRole('button', { name: 'ferment' }).hasAttribute('disabled')).toBe(true);
		expect(screen.getByRole('button', { name: 'wash' }).hasAttribute('disabled')).toBe(false);
	});
	it('adds a step at the end', async () => {
		await fireEvent.change(screen.getByLabelText('Add a step'), { target: { value: 'FREEZE' } });
		await waitFor(() =>
			expect(bodies()).toEqual([{ version: -1, steps: ['EXTRACT', 'FERMENT', 'RINSE', 'DRY', 'FREEZE'] }])
		);
	});
	it('keeps the order under a name of the farm’s own', async () => {
		await fireEvent.input(screen.getByLabelText('Save this order as'), { target: { value: 'long ferment' } });
		await fireEvent.click(screen.getByRole('button', { name: 'Save' }));
		await waitFor(() => expect(bodies()).toEqual([{ name: 'long ferment', steps: CHOICE.now }]));
		await waitFor(() => expect(look).toHaveBeenCalledTimes(2));
	});
});

it('strikes out what was passed over', () => {
	render(ChainBoard, {
		number: '26-CUC-01-R',
		cropKey: 'cucumber',
		look: vi.fn(),
		changed: vi.fn(),
		bench: { chain: CHOICE.now, left: ['DRY'], skipped: [1] } as unknown as Schemas['BenchView']
	});
	expect(document.querySelector('.done s')!.textContent).toBe('ferment');
	expect(document.body.textContent).toContain('not done');
});
