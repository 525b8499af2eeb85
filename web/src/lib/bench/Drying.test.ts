import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { answers, forget, sent } from '$lib/api/pretend';
import Drying from './Drying.svelte';

vi.mock('$lib/api/session.svelte', () => ({
	session: {
		units: 'METRIC',
		now: '2026-08-14T07:10',
		today: '2026-08-14',
		works: true,
		farm: { timeZone: 'UTC' }
	}
}));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const TRAY: Schemas['Drying'] = {
	moistureIn: 48,
	estimated: false,
	target: 6,
	toThresh: false,
	targetMass: 266,
	mass: 308,
	moisture: 19,
	reachable: true,
	dry: false,
	far: false,
	rewetted: false,
	belowFloor: false,
	warmest: 32,
	dehydrator: 32,
	tooWarm: false,
	weighings: 4,
	sinceWeighed: 12,
	forgotten: false
};

describe('a drying tray', () => {
	const show = (drying: Partial<Schemas['Drying']>, changed = vi.fn()) =>
		render(Drying, { step: { id: 's', drying: { ...TRAY, ...drying } } as Schemas['StepView'], changed });
	const text = () => document.body.textContent!.replace(/\s+/g, ' ');

	beforeEach(() => {
		forget();
		answers.set('GET /api/steps/{id}/readings', []);
	});

	it('says the hour it is dry, and from how many weighings', () => {
		show({ dryAt: '2026-08-14T21:10:00Z' });
		expect(text()).toContain('Dry in 14 h');
		expect(text()).toContain('from 5 weighings of this tray');
		expect(text()).not.toContain('looks much further ahead');
	});
	it('owns up when it looks too far ahead or nobody measured the moisture', () => {
		show({ dryAt: '2026-08-18T21:10:00Z', far: true, estimated: true });
		expect(text()).toContain('looks much further ahead than they do');
		expect(text()).toContain('which was not measured');
	});
	it('says what helps when the air never gets it dry', () => {
		show({ reachable: false, floor: 11.9, gel: 326 });
		expect(text()).toContain('In this air it never gets below 11.9 %');
		expect(text()).toContain('326 g of dry silica gel');
	});
	it('doubts the moisture it began with rather than the scale', () => {
		show({ reachable: false, floor: 11.9, gel: 326, belowFloor: true });
		expect(text()).toContain('it began drier than 48.0 %');
		expect(text()).not.toContain('silica gel');
	});
	it('warns of warm air and of water taken up', () => {
		show({ tooWarm: true, air: 38, rewetted: true });
		expect(text()).toContain('The air is 38 °C');
		expect(text()).toContain('It took up water between two weighings');
	});
	it('needs nothing more once it is dry', () => {
		show({ moisture: 5.9, gel: undefined });
		expect(text()).toContain('Dry: 5.9 %, at most 6.0 % for sealed packs');
		expect(text()).not.toContain('Weigh it three times');
	});
	it('notes a weight as typed by hand, in grams', async () => {
		const changed = vi.fn();
		show({}, changed);
		await fireEvent.input(screen.getByLabelText('It weighs now'), { target: { value: '0.3' } });
		await fireEvent.change(screen.getByLabelText('Unit of it weighs now'), { target: { value: 'kg' } });
		await fireEvent.click(screen.getAllByRole('button', { name: 'Note it' })[0]);
		await waitFor(() => expect(changed).toHaveBeenCalledOnce());
		expect(sent()).toEqual([
			{
				method: 'POST',
				path: '/api/steps/s/readings',
				body: { quantity: 'MASS', value: 300 }
			}
		]);
	});
});
