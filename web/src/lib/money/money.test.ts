import { render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import { Problem } from '$lib/api/api';
import { Form } from '$lib/form/form.svelte';
import Bars from './Bars.svelte';
import { allHours, hoursWord, borne, outlayFields, rateFields, workFields } from './words';

vi.mock('$lib/api/session.svelte', () => ({
	session: { units: 'METRIC', today: '2026-08-14', farm: { currency: 'EUR' } }
}));

const bearers = [
	{ label: 'Slate, poppy, bed 7', plantingId: 'p1' },
	{ label: '25-POP-01-X Slate', lotId: 'l1' }
];

describe('what costs are calculated with', () => {
	it('is asked without zeros that nobody said', () => {
		expect(Object.values(new Form(rateFields()).typed)).toEqual(['', '', '', '', '', '']);
		const rates = { version: 0, wage: 15, ground: 0, packet: 0, fees: 0, unsold: 0, margin: 0 };
		expect(new Form(rateFields(), rates).typed.wage).toBe('15');
	});
	it('names the field that was not filled', () => {
		const form = new Form(rateFields());
		form.typed = { wage: '15', ground: '', packet: '0.1', fees: '0', unsold: '10', margin: '20' };
		expect(() => form.body()).toThrow(Problem);
		form.typed.ground = '0,4';
		expect(form.body()).toMatchObject({ wage: 15, ground: 0.4, margin: 20 });
	});
});

describe('hours and outlays', () => {
	it('are written on the planting or the lot that was chosen', () => {
		const work = new Form(workFields(bearers));
		work.typed = { ...work.typed, on: '1', kind: 'TESTING', minutes: '45' };
		expect(borne(bearers, work.body())).toEqual({
			plantingId: undefined,
			lotId: 'l1',
			kind: 'TESTING',
			doneOn: '2026-08-14',
			people: 1,
			minutes: 45,
			note: ''
		});
		const paid = new Form(outlayFields(bearers));
		paid.typed = { ...paid.typed, what: 'netting', amount: '41,50', spentOn: '2026-05-02' };
		expect(borne(bearers, paid.body())).toMatchObject({ plantingId: 'p1', amount: 41.5 });
	});
	it('stay where they were written when they are corrected', () => {
		const done = { kind: 'TENDING', doneOn: '2026-06-01', people: 2, minutes: 90, note: '', version: 1 };
		const form = new Form(workFields(), done);
		expect(form.asked).toEqual(['kind', 'doneOn', 'people', 'minutes', 'note']);
		expect(borne([], form.body()).lotId).toBeUndefined();
	});
	it('are told to a tenth while there are few', () => {
		expect(hoursWord(2.25)).toBe('2.3 h');
		expect(hoursWord(41.7)).toBe('42 h');
		expect(allHours({ TENDING: 2, BENCH: 0.5 })).toBe(2.5);
	});
});

describe('bars', () => {
	it('begin at nothing, with losses to the other side', () => {
		const { container } = render(Bars, {
			title: 'What an hour earned',
			bars: [
				{ name: 'Slate', amount: 30 },
				{ name: 'Brine', amount: -10 }
			],
			mark: { at: 15, label: 'the wage' }
		});
		const [earned, lost] = container.querySelectorAll('rect');
		expect(earned.getAttribute('x')).toBe('25%');
		expect(earned.getAttribute('width')).toBe('75%');
		expect(lost.getAttribute('x')).toBe('0%');
		expect(lost.getAttribute('width')).toBe('25%');
		expect(lost.classList).toContain('lost');
		expect(screen.getByText('-€10.00')).toBeTruthy();
	});
});
