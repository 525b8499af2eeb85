<script lang="ts">
	import { untrack } from 'svelte';
	import { session } from '$lib/api/session.svelte';
	import { MEASURES, numberTyped, written, type Units } from '$lib/units/units';
	import type { Attempt } from './attempt.svelte';
	import TextField from './TextField.svelte';

	interface Props {
		label: string;
		name: string;
		attempt: Attempt;
		kind: keyof typeof MEASURES;
		/** In SI, as its reader would type it; what is typed, while that is no number. */
		value: string;
		hint?: string;
		required?: boolean;
		/** Whether it cannot be left empty, and the server says so. */
		needed?: boolean;
		/** Other than the reader's. */
		units?: Units;
	}
	/** A length, ground or warmth, typed in the reader's units. */
	let { label, name, attempt, kind, value = $bindable(), hint, required, needed, units }: Props = $props();

	const measure = untrack(() => MEASURES[kind][units ?? session.units]);
	const shown = (si: string) =>
		si.trim() === '' ? '' : written(Number(measure.shown(numberTyped(si)).toPrecision(6)));
	const inSi = (text: string) => {
		const number = numberTyped(text);
		return Number.isNaN(number) ? text : written(Number(measure.si(number).toPrecision(12)));
	};
	let typed = $state(untrack(() => shown(value)));

	// What is typed stays as it was typed until the value becomes another from outside.
	$effect(() => {
		const now = value;
		if (now !== untrack(() => inSi(typed))) typed = shown(now);
	});
</script>

<TextField
	{label}
	{name}
	{attempt}
	bind:value={() => typed, (now) => ([typed, value] = [now, inSi(now)])}
	inputmode="decimal"
	unit={measure.unit}
	{hint}
	{required}
	{needed}
/>
