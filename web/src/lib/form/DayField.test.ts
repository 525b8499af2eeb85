import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { reader } from '$lib/words/reader.svelte';
import Fields from './Fields.svelte';
import { Form } from './form.svelte';
import { day, moment } from './kinds';

beforeEach(() => {
	reader.locale = 'en-GB';
	reader.today = '2026-08-14';
});

describe('a day that is asked', () => {
	const asked = () => {
		const form = new Form({
			sownOn: day('Sown on', { needed: true, start: '2026-04-03' }),
			begunAt: moment('Begun')
		});
		render(Fields, { form } as never);
		return form;
	};
	const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
	const calendarOf = (label: string) =>
		field(label).parentElement!.querySelector<HTMLInputElement>('.calendar')!;
	const type = (label: string, value: string) => fireEvent.input(field(label), { target: { value } });

	it('stands as the reader writes it, stays as it was typed, and is sent as the server reads it', async () => {
		const form = asked();
		expect(field('Sown on').value).toBe('03/04/2026');
		await type('Sown on', '5 May');
		expect(field('Sown on').value).toBe('5 May');
		expect(form.body()).toMatchObject({ sownOn: '2026-05-05' });
		await fireEvent.change(field('Sown on'));
		expect(field('Sown on').value).toBe('05/05/2026');
	});
	it('is refused by its name where it is none, with what was typed', async () => {
		const form = asked();
		await type('Sown on', '31/02/2026');
		await fireEvent.change(field('Sown on'));
		expect(field('Sown on').value).toBe('31/02/2026');
		expect(() => form.body()).toThrow(expect.objectContaining({ field: 'sownOn', value: '31/02/2026' }));
		await type('Sown on', '');
		expect(() => form.body()).toThrow(expect.objectContaining({ field: 'sownOn', value: 'nothing' }));
	});
	it('is taken from a calendar', async () => {
		const form = asked();
		expect(calendarOf('Sown on').value).toBe('2026-04-03');
		const shown = vi.fn();
		calendarOf('Sown on').showPicker = shown;
		await fireEvent.click(screen.getAllByRole('button', { name: 'Calendar' })[0]);
		expect(shown).toHaveBeenCalledOnce();
		await fireEvent.change(calendarOf('Sown on'), { target: { value: '2026-06-30' } });
		expect(field('Sown on').value).toBe('30/06/2026');
		expect(form.body()).toMatchObject({ sownOn: '2026-06-30' });
	});
	it('has an hour where one is asked, or is left out', async () => {
		const form = asked();
		expect(form.body()).toMatchObject({ begunAt: '' });
		await type('Begun', '13/8 9:05');
		expect(form.body()).toMatchObject({ begunAt: '2026-08-13T09:05' });
		await type('Begun', '13/8');
		expect(() => form.body()).toThrow(expect.objectContaining({ field: 'begunAt' }));
	});
});
