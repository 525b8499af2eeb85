import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { answers, forget, sent } from '$lib/api/pretend';
import TypedForecast from './TypedForecast.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

describe('a forecast that is typed', () => {
	const kept = vi.fn();
	const show = (days: Schemas['ComingDay'][] = []) => render(TypedForecast, { days, kept });

	beforeEach(() => {
		forget();
		kept.mockReset();
		answers.set('PUT /api/forecast', undefined);
	});

	it('sends the days somebody typed, with how much where it is said', async () => {
		show();
		expect(screen.getByRole('button', { name: 'Save forecast' })).toHaveProperty('disabled', true);
		await fireEvent.input(screen.getByLabelText('Rain today'), { target: { value: '20' } });
		await fireEvent.input(screen.getByLabelText('Rain 16 Aug'), { target: { value: '65' } });
		await fireEvent.input(screen.getByLabelText('How much 16 Aug'), { target: { value: '8' } });
		await fireEvent.click(screen.getByRole('button', { name: 'Save forecast' }));
		await waitFor(() => expect(kept).toHaveBeenCalled());
		expect(sent().at(-1)!.body).toEqual({
			days: [
				{ on: '2026-08-14', chance: 20, rain: undefined },
				{ on: '2026-08-16', chance: 65, rain: 8 }
			]
		});
	});
	it('begins with what is known', () => {
		show([{ on: '2026-08-15', chance: 0.4, rain: 3 } as Schemas['ComingDay']]);
		expect(screen.getByLabelText('Rain 15 Aug')).toHaveProperty('value', '40');
		expect(screen.getByLabelText('How much 15 Aug')).toHaveProperty('value', '3');
	});
});
