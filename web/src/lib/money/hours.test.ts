import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, expect, it, vi } from 'vitest';
import { answers, forget, sent } from '$lib/api/pretend';
import Hours from './Hours.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

beforeEach(() => {
	forget();
});

async function write(minutes: string) {
	await fireEvent.click(screen.getByText('write down hours'));
	await fireEvent.input(screen.getByLabelText('Minutes each'), { target: { value: minutes } });
	await fireEvent.click(screen.getByText('Save'));
}

it('sends what bears the hours and says what was written', async () => {
	answers.set('POST /api/money/work', { kind: 'TENDING', people: 2, minutes: 90 });
	render(Hours, { bearers: [{ label: '25-POP-01-E', lotId: 'l1' }] });
	await write('90');
	await waitFor(() => expect(screen.getByRole('status').textContent).toContain('3 h of weeding'));
	expect(sent()[0].body).toMatchObject({ lotId: 'l1', kind: 'TENDING', doneOn: '2026-08-14', minutes: 90 });
});

it('says nothing was written while the minutes are none', async () => {
	render(Hours, { bearers: [{ label: 'Slate', plantingId: 'p1' }] });
	await write('an afternoon');
	await waitFor(() =>
		expect(screen.getByRole('alert', { hidden: true }).textContent).toContain('Minutes each')
	);
	expect(screen.queryByRole('status')).toBeNull();
	expect(sent()).toEqual([]);
});
