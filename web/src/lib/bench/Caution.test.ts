import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answers, forget, sent } from '$lib/api/pretend';
import Caution from './Caution.svelte';

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

describe('what can hurt', () => {
	beforeEach(() => {
		forget();
		answers.set('GET /api/cautions', ['WINNOW']);
		answers.set('POST /api/cautions', ['THRESH', 'WINNOW']);
	});

	it('stands large until it was read, and is a line from then on', async () => {
		render(Caution, { of: 'THRESH', says: 'Dust: mask, and outdoors.' });
		expect(screen.getByText(/rules of your place/)).toBeTruthy();
		await fireEvent.click(screen.getByRole('button', { name: 'I have read it' }));
		await waitFor(() => expect(screen.queryByRole('button')).toBeNull());
		expect(screen.getByText(/Dust: mask, and outdoors/)).toBeTruthy();
		expect(sent()).toEqual([{ method: 'POST', path: '/api/cautions', body: { caution: 'THRESH' } }]);
	});
	it('does not stand in the way of whoever has read it this season', async () => {
		render(Caution, { of: 'WINNOW', says: 'Dust and spores.' });
		await waitFor(() => expect(screen.queryByRole('button')).toBeNull());
		expect(sent()).toEqual([]);
	});
});
