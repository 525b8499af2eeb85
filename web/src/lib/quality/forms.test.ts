import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { forget, sent } from '$lib/api/pretend';
import GerminationForm from './GerminationForm.svelte';
import MoistureForm from './MoistureForm.svelte';
import SeedWeightForm from './SeedWeightForm.svelte';
import SetForm from './SetForm.svelte';
import WeevilForm from './WeevilForm.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const number = '25-BEA-01-P';
const field = (label: string | RegExp) => screen.getByLabelText<HTMLInputElement>(label);
const type = (label: string | RegExp, value: string) => fireEvent.input(field(label), { target: { value } });
const choose = (label: string, value: string) => fireEvent.change(field(label), { target: { value } });
async function keep(button: string, kept: ReturnType<typeof vi.fn>) {
	await fireEvent.click(screen.getByText(button, { selector: 'button' }));
	await waitFor(() => expect(kept).toHaveBeenCalled());
	return sent()[0];
}
async function refused(button: string, kept: ReturnType<typeof vi.fn>) {
	await fireEvent.click(screen.getByText(button, { selector: 'button' }));
	await waitFor(() => expect(screen.getByRole('alert').textContent?.trim()).not.toBe(''));
	expect(kept).not.toHaveBeenCalled();
	expect(sent()).toEqual([]);
	return screen.getByRole('alert').textContent;
}

beforeEach(forget);

describe('setting a test', () => {
	const testing = {
		temperature: '20',
		firstCountDay: 4,
		finalCountDay: 7,
		dormancyTreatment: 'chill a week',
		weevils: false
	};
	const show = (sleeps = false, kept = vi.fn()) => {
		render(SetForm, { number, testing, sleeps, kept });
		return kept;
	};

	it('sends a full test on paper where nothing else is said', async () => {
		const kept = show();
		expect((await keep('Set it', kept)).body).toEqual({
			setOn: '2026-08-14',
			method: 'PAPER',
			treatment: '',
			perReplicate: 100,
			replicates: 4
		});
	});
	it('takes the usual treatment only where seed of the lot was seen to sleep', async () => {
		const kept = show(true);
		expect((await keep('Set it', kept)).body).toMatchObject({ treatment: 'chill a week' });
	});
	it('offers one sheet at home, and says how little it tells', async () => {
		const kept = show();
		await choose('On', 'HOME');
		expect([...(field('Seeds') as unknown as HTMLSelectElement).options].map((one) => one.label)).toEqual([
			'1 × 50',
			'1 × 25',
			'1 × 100'
		]);
		expect(document.body.textContent).toContain('within wide limits');
		expect((await keep('Set it', kept)).body).toMatchObject({ perReplicate: 50, replicates: 1 });
	});
});

describe('a test that was counted elsewhere', () => {
	it('is sent with the normal seedlings alone, and with the others where they are known', async () => {
		const kept = vi.fn();
		render(GerminationForm, { number, kept });
		await type('Set on', '2026-07-01');
		for (const [i, normal] of ['91', '94', '90', '93'].entries())
			await type(`Normal seedlings of replicate ${i + 1}`, normal);
		expect(screen.queryByLabelText('Dead of replicate 1')).toBeNull();
		expect((await keep('Save test', kept)).body).toMatchObject({
			setOn: '2026-07-01',
			countedOn: '2026-08-14',
			perReplicate: 100,
			counts: [91, 94, 90, 93]
		});
		forget();
		kept.mockClear();
		await fireEvent.click(field('It is known what became of the others'));
		await type('Dead of replicate 2', '6');
		expect((await keep('Save test', kept)).body).toMatchObject({ dead: [0, 6, 0, 0] });
	});
	it('asks for the reason of a correction and sends from which version it was made', async () => {
		const kept = vi.fn();
		const test = {
			id: 't1',
			version: 4,
			setOn: '2026-07-01',
			countedOn: '2026-07-12',
			perReplicate: 50,
			replicates: 2,
			method: 'SAND',
			treatment: '',
			counts: [44, 46],
			seedlings: [44, 46].map((normal) => ({ normal, abnormal: 0, hard: 0, fresh: 0, dead: 0 })),
			note: ''
		} as unknown as Schemas['GerminationView'];
		render(GerminationForm, { number, test, kept });
		await type('Normal seedlings of replicate 2', '45');
		await type('Why it is corrected', 'one was counted twice');
		expect(await keep('Save correction', kept)).toMatchObject({
			method: 'PUT',
			path: '/api/germination/t1',
			body: { counts: [44, 45], method: 'SAND', version: 4, reason: 'one was counted twice' }
		});
	});
});

describe('moisture', () => {
	it('is sent as the meter read it, without the fields left empty', async () => {
		const kept = vi.fn();
		render(MoistureForm, { number, kept });
		await type('Reading 1, percent', '7,2');
		await type('Reading 3, percent', '7.4');
		expect((await keep('Save moisture', kept)).body).toMatchObject({
			measuredOn: '2026-08-14',
			readings: [7.2, 7.4]
		});
	});
	it('is sent as the dishes weighed, and warns of hot ones', async () => {
		const kept = vi.fn();
		render(MoistureForm, { number, kept });
		await fireEvent.click(screen.getByText('Oven'));
		expect(document.body.textContent).toContain('Hot dishes burn.');
		await type('Dish 1, empty, with lid, grams', '20.1');
		await type('Dish 1, with seed, grams', '25.1');
		await type('Dish 1, after the oven, grams', '24.7');
		const body = (await keep('Save moisture', kept)).body;
		expect(body).toMatchObject({ dishes: [{ empty: 20.1, before: 25.1, after: 24.7 }] });
		expect(body).not.toHaveProperty('readings');
	});
	it('names a dish that is not weighed out, and keeps what was typed', async () => {
		const kept = vi.fn();
		render(MoistureForm, { number, kept });
		await fireEvent.click(screen.getByText('Oven'));
		await type('Dish 2, empty, with lid, grams', '20.1');
		expect(await refused('Save moisture', kept)).toContain('The dish');
		expect(field('Dish 2, empty, with lid, grams').value).toBe('20.1');
	});
});

describe('seed weight', () => {
	it('is sent without the weighings that were not made', async () => {
		const kept = vi.fn();
		render(SeedWeightForm, { number, kept });
		await type('Weight 1 of 100 seeds, grams', '24.1');
		await type('Weight 2 of 100 seeds, grams', '24,3');
		expect((await keep('Save weights', kept)).body).toEqual({
			weighedOn: '2026-08-14',
			grams: [24.1, 24.3]
		});
	});
	it('is not sent while a weight is no number', async () => {
		const kept = vi.fn();
		render(SeedWeightForm, { number, kept });
		await type('Weight 1 of 100 seeds, grams', '24.1');
		await type('Weight 3 of 100 seeds, grams', 'a pinch');
		expect(await refused('Save weights', kept)).toContain('Weights');
		expect(field('Weight 3 of 100 seeds, grams').getAttribute('aria-invalid')).toBe('true');
		expect(field('Weight 1 of 100 seeds, grams').getAttribute('aria-invalid')).toBe('false');
	});
});

describe('a look for weevils', () => {
	it('is sent with what was looked at and what was bored', async () => {
		const kept = vi.fn();
		render(WeevilForm, { number, kept });
		await type('Seeds looked at', '400');
		await type(/bored/i, '6');
		expect((await keep('Save look', kept)).body).toMatchObject({ seeds: 400, bored: 6 });
	});
});
