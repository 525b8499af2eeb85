import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import SeedByPlant from './SeedByPlant.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', works: true } }));

const seed = (plant: string, mass: number) =>
	({
		id: plant,
		version: 0,
		plant,
		mass,
		weighedOn: '2026-07-22',
		recordedBy: 'hand'
	}) as Schemas['SeedView'];

describe('seed weighed plant by plant', () => {
	const weigh = vi.fn(async () => {});
	const show = (seeds: Schemas['SeedView'][], effectiveSize?: Schemas['EffectiveSize']) =>
		render(SeedByPlant, {
			stand: { seeds, effectiveSize } as Schemas['StandPage'],
			weigh,
			changed: () => {}
		});
	const plant = () => screen.getByLabelText('Plant') as HTMLInputElement;
	const text = () => document.body.textContent!.replace(/\s+/g, ' ');

	beforeEach(() => weigh.mockClear());

	it('goes on to the next plant by itself', async () => {
		show([seed('7', 12), seed('8', 30)]);
		expect(plant().value).toBe('9');
		await fireEvent.input(screen.getByLabelText('Its seed'), { target: { value: '14.5' } });
		await fireEvent.click(screen.getByRole('button', { name: 'Weighed' }));
		await waitFor(() => expect(weigh).toHaveBeenCalledWith('9', 14.5));
		expect(plant().value).toBe('10');
		expect((screen.getByLabelText('Its seed') as HTMLInputElement).value).toBe('');
	});
	it('takes no plant twice', async () => {
		show([seed('7', 12)]);
		await fireEvent.input(plant(), { target: { value: '7' } });
		expect(screen.getByText('Plant 7 is weighed already.')).toBeTruthy();
		expect(screen.getByRole('button', { name: 'Weighed' }).hasAttribute('disabled')).toBe(true);
	});
	it('says the effective size of uneven plants beside even ones', () => {
		show([seed('1', 60), seed('2', 5)], { plants: 40, weighed: 2, effective: 21.34, ifAlike: 36.9 });
		expect(text()).toContain(
			'40 plants picked, an effective population size of 21.3, 36.9 if all had given alike'
		);
	});
	it('says nothing of unevenness from a single plant', () => {
		show([seed('1', 60)], { plants: 40, weighed: 1, effective: 36.9, ifAlike: 36.9 });
		expect(text()).not.toContain('if all had given alike');
	});
});
