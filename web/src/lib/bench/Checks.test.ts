import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { answers, forget, sent } from '$lib/api/pretend';
import Checks from './Checks.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const CHECK = {
	id: 'c1',
	version: 2,
	lookedOn: '2026-08-14',
	look: 'DISCARD_CUT',
	seeds: 20,
	found: 2,
	discarded: 300,
	setting: { share: 0.1, lost: 30, lostShare: 0.02, verdict: 'LOOK_AT_MORE' },
	enough: 60
} as unknown as Schemas['SettingCheckView'];
const step = (more: object) =>
	({
		id: 's1',
		kind: 'SCREEN',
		massOut: 2000,
		byProducts: [],
		...more
	}) as unknown as Schemas['StepView'];
const type = (label: string, value: string) =>
	fireEvent.input(screen.getByLabelText(label), { target: { value } });

beforeEach(() => {
	forget();
});

it('asks only about what was kept when nothing was weighed as thrown out', async () => {
	answers.set('POST /api/steps/{id}/checks', {});
	const changed = vi.fn();
	render(Checks, { step: step({}), checks: [], changed });
	await fireEvent.click(screen.getByRole('button', { name: /Check the setting/ }));
	expect(screen.queryByText('seed thrown out, cut open')).toBeNull();
	await type('Sound ones, or broken ones of the kept', '3');
	await fireEvent.click(screen.getByText('Save'));
	await waitFor(() => expect(changed).toHaveBeenCalledOnce());
	expect(sent().at(-1)!.body).toMatchObject({ look: 'KEPT_BROKEN', seeds: 50, found: 3 });
});

it('says how many more would tell, and corrects a check with its reason', async () => {
	answers.set('PUT /api/setting-checks/{id}', {});
	const changed = vi.fn();
	render(Checks, { step: step({ byProducts: [{ mass: 300 }] }), checks: [CHECK], changed });
	expect(screen.getByText('look at 60 in all to tell')).toBeTruthy();
	await fireEvent.click(screen.getByRole('button', { name: /Correct: the check/ }));
	await type('Seeds looked at', '60');
	await type('Why it is corrected', 'looked at more');
	await fireEvent.click(screen.getByText('Save correction'));
	await waitFor(() => expect(changed).toHaveBeenCalledOnce());
	expect(sent().at(-1)!.body).toMatchObject({
		seeds: 60,
		discarded: 300,
		version: 2,
		reason: 'looked at more'
	});
});

it('only tells where nothing may be written', () => {
	render(Checks, { step: step({}), checks: [CHECK] });
	expect(screen.queryByRole('button')).toBeNull();
	expect(screen.getByText(/about 30 g of sound seed thrown out/)).toBeTruthy();
});
