import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { answers, asked, forget, sent } from '$lib/api/pretend';
import BlendForm from './BlendForm.svelte';
import CleanAgainForm from './CleanAgainForm.svelte';
import PartForm from './PartForm.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const lot = (number: string, available: number, more: object = {}) =>
	({ number, season: 2026, grade: 'MARKET', available, mass: available, ...more }) as Schemas['Ingredient'];
const type = (label: string, value: string) =>
	fireEvent.input(screen.getByLabelText(label), { target: { value } });

beforeEach(forget);

describe('cleaning again', () => {
	it('sends the steps in the order they are done in, and goes on with the lot that is answered', async () => {
		const goesOn = vi.fn();
		answers.set('POST /api/lots/{number}/clean-again', { number: '26-PEA-09-K' });
		render(CleanAgainForm, { number: '26-PEA-01-V', goesOn });
		await fireEvent.click(screen.getByLabelText('hand-pick'));
		await fireEvent.click(screen.getByLabelText('screen'));
		await fireEvent.click(screen.getByText('Clean it again'));
		await waitFor(() => expect(goesOn).toHaveBeenCalledWith({ number: '26-PEA-09-K' }));
		expect(sent()).toEqual([
			{
				method: 'POST',
				path: '/api/lots/26-PEA-01-V/clean-again',
				body: { steps: ['SCREEN', 'HAND_PICK'], on: '2026-08-14' }
			}
		]);
	});
});

describe('blending and splitting lots', () => {
	const transferred = vi.fn();
	const show = () =>
		render(BlendForm, {
			lots: [
				lot('26-PEA-01-V', 900, {
					germination: 94,
					thousandSeedWeight: 240,
					moisture: { percent: 9, low: 9, high: 9, by: 'MEASURED' as const }
				}),
				lot('25-PEA-02-T', 400, { season: 2025 })
			],
			transferred
		});

	it('asks for a second lot before anything is transferred', () => {
		show();
		expect(screen.getByRole('button', { name: 'Blend' }).hasAttribute('disabled')).toBe(true);
		expect(
			screen.getByLabelText(/26-PEA-01-V/, { selector: '[type=checkbox]' }).hasAttribute('disabled')
		).toBe(true);
		expect(asked).toHaveLength(0);
	});
	it('says what would come of it, and what speaks against it, before it is done', async () => {
		answers.set('POST /api/blends/preview', {
			mass: 1200,
			grade: 'OWN_USE',
			season: 2025,
			left: [],
			purityTaken: 98,
			expected: { germination: 88.4, cautions: ['MOISTURE'] },
			cautions: ['GRADES_DIFFER', 'SEASONS_DIFFER']
		});
		answers.set('POST /api/blends', { number: '25-PEA-03-X' });
		show();
		await fireEvent.click(screen.getByLabelText(/25-PEA-02-T/, { selector: '[type=checkbox]' }));
		await type('From 25-PEA-02-T', '300');
		expect(await screen.findByText('1.2 kg')).toBeTruthy();
		expect(screen.getByText('88 %')).toBeTruthy();
		expect(screen.getByText(/the blend carries the oldest/)).toBeTruthy();
		expect(screen.getByText(/bring them to the same first/)).toBeTruthy();
		await fireEvent.click(screen.getByRole('button', { name: 'Blend' }));
		await waitFor(() => expect(transferred).toHaveBeenCalledWith({ number: '25-PEA-03-X' }));
		expect(sent().at(-1)!.body).toEqual({
			parts: [
				{ number: '26-PEA-01-V', mass: 900 },
				{ number: '25-PEA-02-T', mass: 300 }
			],
			transferredOn: '2026-08-14'
		});
	});
	it('says what is still to be done to seed that is not clean', async () => {
		answers.set('POST /api/blends/preview', {
			mass: 1300,
			grade: 'MARKET',
			season: 2026,
			left: ['THRESH', 'SCREEN'],
			purityTaken: 98,
			cautions: []
		});
		show();
		await fireEvent.click(screen.getByLabelText(/25-PEA-02-T/, { selector: '[type=checkbox]' }));
		expect(await screen.findByText(/still to thresh/)).toBeTruthy();
		expect(screen.queryByText(/would germinate/)).toBeNull();
	});
});

describe('parting a lot', () => {
	const parted = vi.fn();

	it('splits off one part or several', async () => {
		answers.set('POST /api/lots/{number}/parts', [{ number: 'a' }, { number: 'b' }]);
		render(PartForm, { lot: lot('26-PEA-01-V', 900), clean: true, parted });
		await type('Part 1', '200');
		await fireEvent.click(screen.getByRole('button', { name: 'another part' }));
		await type('Part 2', '150.5');
		await fireEvent.click(screen.getByRole('button', { name: 'Part it' }));
		await waitFor(() => expect(parted).toHaveBeenCalledWith([{ number: 'a' }, { number: 'b' }]));
		expect(sent().at(-1)).toEqual({
			method: 'POST',
			path: '/api/lots/26-PEA-01-V/parts',
			body: { masses: [200, 150.5], transferredOn: '2026-08-14' }
		});
	});
	it('parts all of it alike, and then asks for no masses', async () => {
		answers.set('POST /api/lots/{number}/parts', []);
		render(PartForm, { lot: lot('26-PEA-01-V', 900), clean: true, parted });
		await type('Or all of it into parts alike', '3');
		expect(screen.queryByLabelText('Part 1')).toBeNull();
		await fireEvent.click(screen.getByRole('button', { name: 'Part it' }));
		await waitFor(() => expect(sent().at(-1)?.body).toEqual({ parts: 3, transferredOn: '2026-08-14' }));
	});
	it('keeps what is typed when a part is no mass yet', async () => {
		render(PartForm, { lot: lot('26-PEA-01-V', 900), clean: true, parted });
		await fireEvent.click(screen.getByRole('button', { name: 'Part it' }));
		expect(await screen.findAllByText(/Each part is needed/)).not.toHaveLength(0);
		expect(sent()).toHaveLength(0);
	});
});
