import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { answers, forget, sent } from '$lib/api/pretend';
import { live } from '$lib/instruments/live.svelte';
import Fermenting from './Fermenting.svelte';

vi.mock('$lib/api/session.svelte', () => ({
	session: { units: 'METRIC', now: '2026-08-14T07:10', works: true, farm: { timeZone: 'UTC' } }
}));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const FERMENT: Schemas['Ferment'] = {
	state: 'NOT_READY',
	equivalentHours: 31,
	readyFrom: 48,
	readyTo: 96,
	temperature: 24,
	readyAt: '2026-08-14T20:10:00Z',
	overAt: '2026-08-16T07:10:00Z',
	soonOver: false,
	tomorrow: 18,
	hoursAtTomorrow: 23,
	readings: 2,
	stirred: 0,
	beyondExperience: false
};

describe('a ferment', () => {
	const changed = vi.fn();
	const show = (ferment: Partial<Schemas['Ferment']>) =>
		render(Fermenting, {
			step: { id: 's', ferment: { ...FERMENT, ...ferment } } as Schemas['StepView'],
			changed
		});
	const bodies = () => sent().map((one) => one.body);
	const text = () => document.body.textContent!.replace(/\s+/g, ' ');

	beforeEach(() => {
		forget();
		answers.set('GET /api/steps/{id}/readings', []);
		answers.set('GET /api/ferment-schools', []);
		changed.mockReset();
		live.shown = [];
	});

	it('says how far it is and what tomorrow’s warmth would make of it', () => {
		show({});
		expect(text()).toContain('31 of 48 to 96 hours at 22.0 °C, by 3 readings');
		expect(text()).toContain('As warm as tomorrow’s 18.0 °C it would take 23 h more to be ready');
		expect(text()).not.toContain('beyond experience');
	});
	it('says nothing of tomorrow where no instrument tells', () => {
		show({ tomorrow: undefined, hoursAtTomorrow: undefined });
		expect(text()).toContain('31 of 48 to 96 hours');
		expect(text()).not.toContain('tomorrow');
	});
	it('tells of what is over only that eyes decide', () => {
		show({ state: 'OVER_RUN', beyondExperience: true });
		expect(text()).not.toContain('As warm as tomorrow');
		expect(text()).toContain('beyond experience. Trust your eyes');
	});
	it('takes the reading that is shown, as read from the instrument', async () => {
		live.shown = [
			{ kind: 'MASH', name: 'simulated thermometer', simulated: true, unit: '°C', value: 25.4, steady: true }
		];
		show({});
		await fireEvent.click(screen.getByRole('button', { name: /Take 25.4/ }));
		await waitFor(() => expect(changed).toHaveBeenCalledOnce());
		expect(bodies()).toEqual([{ quantity: 'MASH', value: 25.4, instrument: 'simulated thermometer' }]);
	});
	it('takes a typed reading when no instrument is heard', async () => {
		show({});
		expect(screen.queryByRole('button', { name: /as shown/ })).toBeNull();
		await fireEvent.input(screen.getByLabelText('Warmth of the mash'), { target: { value: '23,5' } });
		await fireEvent.click(screen.getByRole('button', { name: 'Note it' }));
		await waitFor(() => expect(bodies()).toEqual([{ quantity: 'MASH', value: 23.5 }]));
	});
	it('remembers stirring', async () => {
		show({ stirred: 2, lastStirred: '2026-08-13T19:00:00Z' });
		expect(text()).toContain('2 times so far, last Thu 19:00');
		await fireEvent.click(screen.getByRole('button', { name: /^Stirred/ }));
		await waitFor(() => expect(bodies()).toEqual([{ quantity: 'STIRRED', value: 1 }]));
	});
});
