import { render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import { Problem, type Schemas } from '$lib/api/api';
import Bars from './Bars.svelte';
import { allHours, hoursWord, outlayBody, rateBody, rateEntries, workBody, workEntries } from './words';

vi.mock('$lib/api/session.svelte', () => ({
	session: { units: 'METRIC', today: '2026-08-14', farm: { currency: 'EUR' } }
}));

const bearers = [
	{ label: 'Slate, poppy, bed 7', plantingId: 'p1' },
	{ label: '25-POP-01-X Slate', lotId: 'l1' }
];

describe('what costs are calculated with', () => {
	const rates = { version: -1, wage: 0, ground: 0, packet: 0, fees: 0, unsold: 0, margin: 0 };
	it('is asked without zeros that nobody said', () => {
		expect(rateEntries(rates).map((entry) => entry.value)).toEqual(['', '', '', '', '', '']);
		expect(rateEntries({ ...rates, version: 0, wage: 15 })[0].value).toBe('15');
	});
	it('names the field that was not filled', () => {
		const typed = { wage: '15', ground: '', packet: '0.1', fees: '0', unsold: '10', margin: '20' };
		expect(() => rateBody(typed)).toThrow(Problem);
		expect(rateBody({ ...typed, ground: '0,4' })).toMatchObject({ wage: 15, ground: 0.4, margin: 20 });
	});
});

describe('hours and outlays', () => {
	it('are written on the planting or the lot that was chosen', () => {
		const typed = { on: '1', kind: 'TESTING', doneOn: '2026-08-14', people: '1', minutes: '45', note: '' };
		expect(workBody(bearers, typed)).toEqual({
			plantingId: undefined,
			lotId: 'l1',
			kind: 'TESTING',
			doneOn: '2026-08-14',
			people: 1,
			minutes: 45,
			note: ''
		});
		const paid = { on: '0', kind: 'MATERIALS', what: 'netting', amount: '41,50', spentOn: '2026-05-02' };
		expect(outlayBody(bearers, paid)).toMatchObject({ plantingId: 'p1', amount: 41.5 });
	});
	it('stay where they were written when they are corrected', () => {
		const done = { kind: 'TENDING', doneOn: '2026-06-01', people: 2, minutes: 90, note: '' };
		const entries = workEntries(bearers, '2026-08-14', done as Schemas['WorkDoneView']);
		expect(entries.map((entry) => entry.name)).toEqual(['kind', 'doneOn', 'people', 'minutes', 'note']);
		const typed = Object.fromEntries(entries.map((entry) => [entry.name, entry.value]));
		expect(workBody(bearers, typed)).not.toHaveProperty('lotId');
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
