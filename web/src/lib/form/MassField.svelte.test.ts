import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/api/api';
import { Attempt } from './attempt.svelte';
import MassField from './MassField.svelte';
import { maybeNumberIn, numberIn } from './typed';

function field(value = '', heavy = false) {
	const attempt = new Attempt();
	const props = $state({ label: 'Mass', name: 'mass', attempt, value, heavy });
	render(MassField, props);
	return {
		attempt,
		input: screen.getByLabelText<HTMLInputElement>('Mass'),
		unit: screen.getByLabelText<HTMLSelectElement>('Unit of mass'),
		grams: () => props.value
	};
}

describe('a mass that is typed', () => {
	it('is grams whatever unit it is typed in', async () => {
		const mass = field();
		await fireEvent.input(mass.input, { target: { value: '6,5' } });
		expect(mass.grams()).toBe('6.5');
		await fireEvent.change(mass.unit, { target: { value: 'kg' } });
		expect(mass.grams()).toBe('6500');
	});
	it('begins in the larger unit where masses are large', () => {
		const mass = field('36200', true);
		expect(mass.unit.value).toBe('kg');
		expect(mass.input.value).toBe('36.2');
	});
	it('stays as it was typed while it is no number', async () => {
		const mass = field('5');
		await fireEvent.input(mass.input, { target: { value: 'a handful' } });
		expect(mass.grams()).toBe('a handful');
		expect(mass.input.value).toBe('a handful');
	});
	it('says how it read what others read otherwise', async () => {
		const mass = field('5');
		await fireEvent.input(mass.input, { target: { value: '12,500' } });
		expect(mass.grams()).toBe('12500');
		expect(screen.getByRole('status').textContent).toBe('Read as 12.5 kg.');
		await fireEvent.input(mass.input, { target: { value: '12.5' } });
		expect(screen.queryByRole('status')).toBeNull();
	});
	it('says what was refused at the field and keeps it', async () => {
		const mass = field('5');
		await mass.attempt.run(() =>
			Promise.reject(
				new Problem('mass: 5 is outside the valid range (0, 4] g', 400, 'mass', '5', {
					kind: 'Outside',
					low: 0,
					lowIncluded: false,
					high: 4,
					highIncluded: true,
					unit: 'g'
				})
			)
		);
		expect((await screen.findByText(/Mass: 5 g is not allowed/)).textContent).toContain('at most 4 g');
		expect(mass.input.getAttribute('aria-invalid')).toBe('true');
		expect(mass.input.value).toBe('5');
	});
});

describe('what is typed', () => {
	it('is a number, nothing, or said to be none', () => {
		expect(numberIn('plants', ' 1 440 ')).toBe(1440);
		expect(maybeNumberIn('minutes', ' ')).toBeUndefined();
		expect(() => numberIn('plants', 'some')).toThrow('plants: some is not a number');
		expect(() => numberIn('plants', '')).toThrow('plants is needed.');
	});
});

describe('an attempt', () => {
	it('is made once at a time', async () => {
		const attempt = new Attempt();
		let finish = () => {};
		const first = attempt.run(() => new Promise<string>((done) => (finish = () => done('kept'))));
		expect(await attempt.run(async () => 'twice')).toBeUndefined();
		finish();
		expect(await first).toBe('kept');
		expect(attempt.busy).toBe(false);
	});
	it('keeps a refusal until the next try and passes on what it does not know', async () => {
		const attempt = new Attempt();
		await attempt.run(() => Promise.reject(new Problem('no', 400)));
		expect(attempt.problem?.message).toBe('no');
		await expect(attempt.run(() => Promise.reject(new TypeError('broken')))).rejects.toThrow('broken');
		expect(attempt.problem).toBeUndefined();
		expect(attempt.busy).toBe(false);
	});
});
