import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '$lib/api/api';
import { forget } from '$lib/api/pretend';
import FirstRun from './FirstRun.svelte';

const went = vi.hoisted(() => ({ goto: vi.fn(), begin: vi.fn() }));
vi.mock('$app/navigation', () => ({ goto: went.goto }));
vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', begin: went.begin } }));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

beforeEach(() => {
	forget();
	went.goto.mockReset();
	went.begin.mockReset();
});

describe('a new farm', () => {
	const type = (label: string, value: string) =>
		fireEvent.input(screen.getByLabelText(label), { target: { value } });
	async function fill() {
		await type('Name of the farm', 'Low Brae');
		await type('Latitude', '-41,5');
		await type('Longitude', '146.5');
		await fireEvent.change(screen.getByLabelText('Units'), { target: { value: 'METRIC' } });
		await fireEvent.change(screen.getByLabelText('Numbers and dates'), { target: { value: 'en-GB' } });
		await type('Coldest month', '6');
		await type('Warmest month', '17,5');
		await type('Time zone', 'Australia/Hobart');
		await type('Currency', 'aud');
		await type('Your name', 'maker');
		await type('Password', 'long enough');
	}
	const make = () => fireEvent.click(screen.getByText('Make the farm'));

	it('is made with its numbers as numbers, and goes on to the ground', async () => {
		render(FirstRun);
		await fill();
		await make();
		await waitFor(() => expect(went.goto).toHaveBeenCalledWith('/field'));
		expect(went.begin).toHaveBeenCalledWith({
			farm: 'Low Brae',
			lat: -41.5,
			lon: 146.5,
			coldestMonth: 6,
			warmestMonth: 17.5,
			timeZone: 'Australia/Hobart',
			currency: 'AUD',
			units: 'METRIC',
			locale: 'en-GB',
			name: 'maker',
			password: 'long enough'
		});
	});

	it('stays on the page with what was typed when the server refuses it', async () => {
		went.begin.mockRejectedValue(
			new Problem('lat: 141 is outside', 400, 'lat', '141', {
				kind: 'Outside',
				low: -66,
				lowIncluded: true,
				high: 66,
				highIncluded: true,
				unit: 'degrees'
			})
		);
		render(FirstRun);
		await fill();
		await make();
		const latitude = screen.getByLabelText<HTMLInputElement>('Latitude');
		await waitFor(() => expect(latitude.getAttribute('aria-invalid')).toBe('true'));
		expect(latitude.value).toBe('-41,5');
		expect(screen.getByRole('alert').textContent).toContain('Latitude: 141 is not allowed');
		expect(went.goto).not.toHaveBeenCalled();
	});

	it('asks the server nothing while the warmest month is a word', async () => {
		render(FirstRun);
		await fill();
		await type('Warmest month', 'July');
		await make();
		await waitFor(() =>
			expect(screen.getByLabelText('Warmest month').getAttribute('aria-invalid')).toBe('true')
		);
		expect(went.begin).not.toHaveBeenCalled();
	});
});
