import { fireEvent, render, screen, waitFor, within } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { forget, sent } from '$lib/api/pretend';
import Walked from './Walked.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { works: true, today: '2026-08-14' } }));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const WALK: Schemas['WalkView'] = {
	id: 'w1',
	version: 2,
	stage: 'spring',
	walkedOn: '2026-06-18',
	lookedAt: 62,
	rows: [1, 2],
	rowsInAll: 4,
	others: false,
	offTypes: [
		{ kind: 'wrong midrib colour', plants: 2, fate: 'PULLED', reason: '' },
		{ kind: 'early bolters', plants: 1, fate: 'LEFT', reason: 'at the edge' }
	],
	offTypesInAll: 3,
	pulled: 2,
	sick: 1,
	stressed: 0,
	notFlowered: false,
	bolted: 0,
	sheddingSince: '2026-06-12',
	note: '',
	photos: [],
	recordedBy: 'grower'
};

describe('the walks through a planting', () => {
	const put = () => sent().map((one) => one.body as Record<string, unknown>);
	const changed = vi.fn();
	const dialog = () => within(screen.getByRole('dialog'));
	const type = (label: string, value: string) =>
		fireEvent.input(dialog().getByLabelText(label), { target: { value } });
	const keep = async () => {
		await type('Why it is corrected', 'counted again');
		await fireEvent.click(dialog().getByRole('button', { name: 'Save correction' }));
	};

	beforeEach(async () => {
		forget();
		changed.mockReset();
		render(Walked, { walk: { walks: [WALK] } as unknown as Schemas['WalkPage'], changed });
		await fireEvent.click(screen.getByRole('button', { name: 'Correct: the walk of 18 Jun' }));
	});

	it('says what was found, and what is no off-type apart', () => {
		expect(
			screen.getByText(/2 wrong midrib colour, pulled; 1 early bolters, left standing; 1 sick/)
		).toBeTruthy();
	});
	it('corrects a number and leaves all else as it was', async () => {
		await type('Plants looked at', '60');
		await keep();
		await waitFor(() => expect(changed).toHaveBeenCalledOnce());
		expect(put()[0]).toMatchObject({
			lookedAt: 60,
			stage: 'spring',
			rows: [1, 2],
			sick: 1,
			sheddingSince: '2026-06-12',
			version: 2,
			reason: 'counted again'
		});
		expect(put()[0].offTypes).toEqual(WALK.offTypes);
	});
	it('drops a kind that was not there and adds one that was forgotten', async () => {
		await type('early bolters, left standing', '0');
		await type('Another kind of off-type', 'plain leaf');
		await type('Plants of it, pulled', '3');
		await keep();
		await waitFor(() => expect(put()).toHaveLength(1));
		expect(put()[0].offTypes).toEqual([
			WALK.offTypes[0],
			{ kind: 'plain leaf', plants: 3, fate: 'PULLED', reason: '' }
		]);
	});
	it('takes back that pollen was shed', async () => {
		await type('An off-type shed pollen since', '');
		await keep();
		await waitFor(() => expect(put()).toHaveLength(1));
		expect(put()[0].sheddingSince).toBeUndefined();
		expect(put()[0].notFlowered).toBe(true);
	});
	it('sends nothing while a number is none', async () => {
		await type('Sick', 'a few');
		await keep();
		await waitFor(() => expect(dialog().getByLabelText('Sick').getAttribute('aria-invalid')).toBe('true'));
		expect(put()).toHaveLength(0);
	});
});
