import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import { Problem } from '$lib/api/api';
import { Form } from './form.svelte';
import FormOf from './FormOf.svelte';
import { choice, count, day, pick, text, weight, yes, YES } from './kinds';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));

const fields = () => ({
	from: choice('From', { BULK: 'bulk', PACKETS: 'packets' }),
	mass: weight('How much', { needed: true, when: ({ from }) => from === 'BULK' }),
	packets: count('Packets', { needed: true, when: ({ from }) => from === 'PACKETS' }),
	soldOn: day('On', { start: '2026-08-14' }),
	gift: yes('it was given'),
	note: text('Note', { when: ({ gift }) => gift === YES })
});

describe('what is typed into a form', () => {
	it('is sent by its kinds, and only what is asked', () => {
		const form = new Form(fields());
		form.typed.mass = '1,5';
		expect(form.body()).toEqual({ from: 'BULK', mass: 1.5, soldOn: '2026-08-14', gift: false, note: '' });
		form.typed = {
			...form.typed,
			from: 'PACKETS',
			packets: ' 12 ',
			soldOn: '',
			gift: YES,
			note: ' a friend '
		};
		expect(form.body()).toEqual({
			...{ from: 'PACKETS', packets: 12, soldOn: undefined },
			...{ gift: true, note: 'a friend' }
		});
	});
	it('names the field that was left empty, or is no number', () => {
		const form = new Form(fields());
		expect(() => form.body()).toThrow(Problem);
		form.typed.mass = 'a handful';
		expect(() => form.body()).toThrow('mass: a handful is not a number');
	});
	it('falls back to what is still offered', () => {
		let sizes = ['large', 'small'];
		const form = new Form({
			size: pick('Size', () => sizes.map((value) => ({ value, label: value })), { needed: true })
		});
		form.typed.size = 'small';
		sizes = ['medium'];
		expect(form.body().size).toBe('medium');
	});
	it('asks by what is still offered', () => {
		let runs = $state(['run', 'BULK']);
		const form = new Form({
			from: pick('From', () => runs.map((value) => ({ value, label: value })), { needed: true }),
			mass: weight('How much', { when: ({ from }) => from === 'BULK' }),
			packets: count('Packets', { when: ({ from }) => from !== 'BULK' })
		});
		expect(form.asked).toEqual(['from', 'packets']);
		runs = ['BULK'];
		expect(form.asked).toEqual(['from', 'mass']);
	});
	it('begins with the record that is corrected, and is dirty once it differs', () => {
		const form = new Form(fields(), { from: 'PACKETS', packets: 40, gift: true, note: 'fair', version: 3 });
		expect(form.dirty).toBe(false);
		form.typed.packets = '41';
		form.reason = 'counted again';
		expect(form.dirty).toBe(true);
		expect(form.body()).toMatchObject({ packets: 41, gift: true, version: 3, reason: 'counted again' });
		form.clear('packets');
		expect(form.typed.packets).toBe('40');
	});
	it('keeps blanks in a password only', () => {
		const form = new Form({ name: text('Name'), password: text('Password', { type: 'password' }) });
		form.typed = { name: ' ann ', password: ' nine geese ' };
		expect(form.body()).toEqual({ name: 'ann', password: ' nine geese ' });
	});
	it('is compared with what somebody else saved, as it is read', () => {
		const form = new Form(fields(), { from: 'BULK', mass: 1500, gift: false, version: 1 });
		const theirs = { from: 'PACKETS', mass: 20, packets: 3, gift: true };
		expect(form.rows(theirs)).toContainEqual({ label: 'From', mine: 'bulk', theirs: 'packets' });
		expect(form.rows(theirs)).toContainEqual({ label: 'How much', mine: '1.5 kg', theirs: '20 g' });
		expect(form.rows(theirs)).toContainEqual({ label: 'it was given', mine: 'no', theirs: YES });
	});
});

describe('a form', () => {
	const show = <R extends object>(form: Form<R>, act: string, send: () => Promise<unknown>) =>
		render(FormOf<R>, { form, act, send });
	it('shows fields as they are asked, and says at the field what was refused', async () => {
		const form = new Form(fields());
		show(form, 'Sold', async () => form.body());
		expect(screen.queryByLabelText('Packets')).toBeNull();
		await fireEvent.change(screen.getByLabelText('From'), { target: { value: 'PACKETS' } });
		await fireEvent.input(screen.getByLabelText('Packets'), { target: { value: 'some' } });
		await fireEvent.click(screen.getByRole('button', { name: 'Sold' }));
		const packets = screen.getByLabelText<HTMLInputElement>('Packets');
		await waitFor(() => expect(packets.getAttribute('aria-invalid')).toBe('true'));
		expect(screen.getByRole('alert').textContent).toContain('Packets: some is not a whole number');
		expect(packets.value).toBe('some');
		await fireEvent.input(packets, { target: { value: '7' } });
		expect(packets.getAttribute('aria-invalid')).toBe('false');
	});
	it('asks for a field only once the server has refused to do without it', async () => {
		const form = new Form({ why: text('Why all the same', { ifRefused: true }) });
		const send = vi.fn(async () => Promise.reject(new Problem('why: is needed', 400, 'why')));
		show(form, 'Put it away', send);
		expect(screen.queryByLabelText('Why all the same')).toBeNull();
		await fireEvent.click(screen.getByRole('button', { name: 'Put it away' }));
		await fireEvent.input(await screen.findByLabelText('Why all the same'), { target: { value: 'dry' } });
		expect(form.body()).toEqual({ why: 'dry' });
	});
});
