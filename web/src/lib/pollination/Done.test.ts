import { fireEvent, render, screen, waitFor, within } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { forget, sent } from '$lib/api/pretend';
import Done from './Done.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { works: true, today: '2026-08-14' } }));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const flower = (tag: number, took?: boolean): Schemas['FlowerView'] => ({
	id: `f${tag}`,
	version: 1,
	plantingId: 'p',
	mother: 3,
	fathers: [
		{ plantingId: 'p', plant: 7 },
		{ plantingId: 'p', plant: 11 },
		{ plantingId: 'other', plant: 4 }
	],
	tag: String(tag),
	pollinatedAt: '2026-08-07T05:40:00Z',
	took,
	note: '',
	recordedBy: 'hand'
});

describe('flowers that were pollinated', () => {
	const show = (flowers: Schemas['FlowerView'][]) =>
		render(Done, {
			page: { planting: { id: 'p' }, flowers } as Schemas['PollinationPage'],
			changed: () => {}
		});
	const dialog = () => within(screen.getByRole('dialog', { name: /^Correct/ }));

	beforeEach(() => {
		forget();
	});

	it('shows the newest dozen, and all on asking', async () => {
		show(Array.from({ length: 15 }, (_, i) => flower(i + 1)));
		expect(screen.getAllByRole('rowheader')).toHaveLength(12);
		expect(screen.getAllByRole('rowheader')[0].textContent).toContain('15');
		await fireEvent.click(screen.getByRole('button', { name: 'and 3 more' }));
		expect(screen.getAllByRole('rowheader')).toHaveLength(15);
	});
	it('corrects the fathers of this planting and keeps those of another', async () => {
		show([flower(9)]);
		await fireEvent.click(screen.getByRole('button', { name: 'Correct: flower 9' }));
		const fathers = screen.getByLabelText('Father plants') as HTMLInputElement;
		expect(fathers.value).toBe('7, 11');
		await fireEvent.input(fathers, { target: { value: '8 and 11' } });
		await fireEvent.input(screen.getByLabelText('Why it is corrected'), { target: { value: 'misread' } });
		await fireEvent.click(screen.getByRole('button', { name: 'Save correction' }));
		await waitFor(() => expect(sent()).toHaveLength(1));
		expect(sent()[0].path).toBe('/api/flowers/f9');
		expect(sent()[0].body).toMatchObject({
			version: 1,
			reason: 'misread',
			fathers: [
				{ plantingId: 'p', plant: 8 },
				{ plantingId: 'p', plant: 11 },
				{ plantingId: 'other', plant: 4 }
			]
		});
	});
	it('corrects whether a flower took only where it was said', async () => {
		show([flower(9), flower(8, true)]);
		expect(screen.queryByRole('button', { name: 'Correct: whether flower 9 took' })).toBeNull();
		await fireEvent.click(screen.getByRole('button', { name: 'Correct: whether flower 8 took' }));
		await fireEvent.click(dialog().getByLabelText('It took'));
		await fireEvent.input(dialog().getByLabelText('Why it is corrected'), { target: { value: 'fell off' } });
		await fireEvent.click(dialog().getByRole('button', { name: 'Save correction' }));
		await waitFor(() => expect(sent()).toHaveLength(1));
		expect(sent()[0]).toMatchObject({
			path: '/api/flowers/f8/took',
			body: { took: false, reason: 'fell off' }
		});
	});
});
