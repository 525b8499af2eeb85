import { fireEvent, render, screen } from '@testing-library/svelte';
import { flushSync } from 'svelte';
import { describe, expect, it } from 'vitest';
import { Attempt } from './attempt.svelte';
import MeasureField from './MeasureField.svelte';

function field(value: string) {
	const props = $state({
		label: 'Width',
		name: 'width',
		attempt: new Attempt(),
		kind: 'length' as const,
		value
	});
	render(MeasureField, props);
	return { props, input: screen.getByLabelText<HTMLInputElement>('Width') };
}

describe('a measure that is typed', () => {
	it('stays as it is typed', async () => {
		const { props, input } = field('40');
		await fireEvent.input(input, { target: { value: '12,50' } });
		expect(input.value).toBe('12,50');
		expect(props.value).toBe('12.5');
		await fireEvent.input(input, { target: { value: '12x' } });
		expect(input.value).toBe('12x');
		expect(props.value).toBe('12x');
	});
	it('follows when the value becomes another from outside', () => {
		const { props, input } = field('40');
		props.value = '80';
		flushSync();
		expect(input.value).toBe('80');
	});
});
