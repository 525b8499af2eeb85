import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { reader } from '$lib/words/reader.svelte';
import { sayTask, waiting } from './tasks';

type ToDo = Schemas['Task']['toDo'];
const task = (toDo: ToDo, parts: Partial<Schemas['Task']> = {}): Schemas['Task'] => ({
	toDo,
	when: 'WHILE_DRY',
	urgent: false,
	variety: 'Threshold',
	crop: 'Flour maize / field corn',
	plot: 'Plot 12',
	plantingId: 'p1',
	...parts
});
const said = (toDo: ToDo, lot?: string) => sayTask(task(toDo, { lot }));

describe('tasks in words', () => {
	beforeEach(() => {
		reader.today = '2026-08-14';
		reader.now = '2026-08-14T07:10:00';
	});
	afterEach(() => {
		reader.today = reader.now = '';
		reader.units = 'METRIC';
	});
	it('says how many more to look at, and what is known so far', () => {
		const more = said({ kind: 'WalkOn', upper: 0.029, allowed: 0.01, more: 1440 });
		expect(more.what).toBe('Walk the Threshold flour maize');
		expect(more.why).toContain('2.9 %');
		expect(more.figure).toBe('look at 1,440 more');
		expect(said({ kind: 'WalkFirst' }).why).toBe('No inspection walk is recorded yet, plot 12.');
		expect(said({ kind: 'WalkStage', stage: 'seedling', lookFor: 'green stalks' }).why).toBe(
			'Seedling: green stalks.'
		);
		expect(said({ kind: 'WalkOver', share: 0.07, allowed: 0.01 }).figure).toBe('more than its grade allows');
	});
	it('says what orders wait for, at the order', () => {
		const order = { variety: 'Croft, east', crop: '', plantingId: undefined, orderId: 'o1', urgent: true };
		const short = task({ kind: 'FillOrder', order: '26-0002', wantedOn: '2026-09-20', lines: 1 }, order);
		expect(sayTask(short)).toMatchObject({
			what: 'Find seed for order 26-0002 of Croft, east',
			why: 'It is wanted 20 Sept; of one line there is not enough.',
			path: '/stall/orders/o1'
		});
		expect(waiting([short])).toContain('the order of Croft, east cannot');
		const due = { kind: 'AskForPayment', invoice: '2026-0001', dueOn: '2026-08-01' } as const;
		expect(sayTask(task(due, order)).why).toBe('It was due 1 Aug and is not paid.');
	});
	it('tells a ferment that will be too long from one that is', () => {
		const rinse = { kind: 'Rinse', celsius: 26.5 } as const;
		const lot = '26-TOM-02-T';
		expect(said({ ...rinse, overAt: '2026-08-14T11:19:33', over: false }, lot).figure).toBe(
			'too long from 11:19'
		);
		expect(said({ ...rinse, overAt: '2026-08-14T05:00:00', over: true }, lot).figure).toBe(
			'too long since 05:00'
		);
		reader.units = 'US';
		expect(said({ ...rinse, overAt: '2026-08-14T05:00:00', over: true }, lot).why).toContain('80 °F');
		expect(said({ kind: 'Stir', readyAt: '2026-08-16T15:00:00' }, lot).figure).toBe('ready Sun 15:00');
	});
	it('says of a tray what is most pressing, and when it is dry', () => {
		const dryAt = '2026-08-25T09:00:00';
		expect(said({ kind: 'WeighTray', moisture: 19, target: 6 }).why).toContain(
			'19 % moisture; 6 % is wanted'
		);
		expect(said({ kind: 'WeighTray', moisture: 19, target: 6 }).figure).toBe('');
		expect(said({ kind: 'TrayForgotten', days: 9 }).why).toContain('not weighed for 9 days. Forgotten?');
		expect(said({ kind: 'TrayRewetted', dryAt }).why).toContain('took up water again');
		expect(said({ kind: 'TrayTooWarm', dryAt }).figure).toBe('dry 25 Aug, 09:00');
	});
	it('says planned work as the calendar does, and until when', () => {
		const look = said({ kind: 'Planned', work: 'CHECK_STORE', until: '2026-08-20', later: true });
		expect(look).toEqual({
			what: 'Look through the stored Threshold flour maize',
			why: 'Throw out soft and mouldy ones.',
			figure: 'until 20 Aug',
			path: '/stand/p1'
		});
		const about = said({
			kind: 'Planned',
			work: 'WATCH_RIPENING',
			until: '2026-08-14',
			later: false,
			about: 'papery husks'
		});
		expect(about.why).toBe('Papery husks.');
		expect(about.figure).toBe('plot 12');
		expect(about.path).toBe('/ripening/p1');
		expect(said({ kind: 'Planned', work: 'SOW', until: '2026-08-14', later: false }).path).toBe('/sown/p1');
	});
	it('leads every task to where it is done', () => {
		expect(said({ kind: 'Pack' }, '26-TOM-01-X').path).toBe('/stall/26-TOM-01-X');
		expect(said({ kind: 'WalkFirst' }).path).toBe('/walk/p1');
		expect(said({ kind: 'LookWhetherRipe', since: '2026-08-01' }).path).toBe('/harvest/p1');
		expect(said({ kind: 'DecideRing', fathered: 0.01, allowed: 0.001 }).path).toBe('/walk/p1/found');
		const freeze = said({ kind: 'Freeze', bored: 0.015, upper: 0.029 }, '25-BEA-01-P');
		expect(freeze.path).toBe('/lot/25-BEA-01-P/tests');
		expect(freeze.figure).toBe('up to 2.9 %');
	});
	it('counts in words while words are short', () => {
		const calm = (count: number) => Array.from({ length: count }, () => task({ kind: 'WalkFirst' }));
		expect(waiting([])).toBe('nothing waits');
		expect(waiting(calm(9))).toBe('nine tasks wait');
		expect(waiting(calm(21))).toBe('21 tasks wait');
		expect(waiting([...calm(1), task({ kind: 'WalkFirst' }, { urgent: true })])).toBe(
			'two tasks wait; the Threshold flour maize cannot'
		);
	});
});
