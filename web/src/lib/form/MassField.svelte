<script lang="ts">
	import { untrack } from 'svelte';
	import { session } from '$lib/api/session.svelte';
	import { MASS_UNITS, mass, numberTyped, twoReadings, written } from '$lib/units/units';
	import { live } from '$lib/instruments/live.svelte';
	import type { Attempt } from './attempt.svelte';
	import Field from './Field.svelte';

	interface Props {
		label: string;
		name: string;
		attempt: Attempt;
		/** In grams, as its reader would type it; what is typed, while that is no number. */
		value: string;
		/** Whether the larger unit stands first. */
		heavy?: boolean;
		hint?: string;
		/** Whether it cannot be left empty. */
		needed?: boolean;
		/** Whether it may be taken from the scale, while one is heard. */
		scale?: boolean;
		/** The key that does so. */
		scaleKey?: string;
		/** Whether what stands there was taken from the scale and not typed. */
		taken?: boolean;
	}
	let {
		label,
		name,
		attempt,
		value = $bindable(),
		heavy = false,
		hint,
		needed,
		scale = false,
		scaleKey,
		taken = $bindable(false)
	}: Props = $props();

	const pan = $derived(scale ? live.of('SCALE') : undefined);
	const settled = $derived(pan?.steady && pan.value !== undefined && pan.value > 0 ? pan.value : undefined);

	const units = $derived(MASS_UNITS[session.units]);
	let unit = $state(untrack(() => MASS_UNITS[session.units][heavy ? 1 : 0].name));
	const gramsOf = (name: string) => (units.find((candidate) => candidate.name === name) ?? units[0]).grams;
	const perUnit = $derived(gramsOf(unit));
	const shown = (grams: string) =>
		grams.trim() === '' ? '' : written(Number((numberTyped(grams) / perUnit).toPrecision(9))) || grams;
	/** In grams what is typed in a unit. */
	const inGrams = (text: string, per: number) => {
		const number = numberTyped(text);
		return Number.isNaN(number) ? text : written(Number((number * per).toFixed(3)));
	};
	let typed = $state(untrack(() => shown(value)));
	const grams = $derived(numberTyped(value));

	// What is typed stays as it was typed until the value becomes another from outside.
	$effect(() => {
		const now = value;
		if (now !== untrack(() => inGrams(typed, perUnit))) typed = shown(now);
	});
	const type = (text: string) => ([typed, value] = [text, inGrams(text, perUnit)]);

	let fromScale = $state<string>();
	$effect(() => {
		taken = fromScale !== undefined && typed === fromScale;
	});
</script>

<Field {label} {name} {attempt} {hint} {needed}>
	{#snippet children({ id, invalid, describedBy })}
		<span class="flex">
			<input
				{id}
				{name}
				bind:value={() => typed, type}
				inputmode="decimal"
				autocomplete="off"
				class={['input w-full min-w-0 text-right', invalid && 'input-error']}
				aria-invalid={invalid}
				aria-required={needed}
				aria-describedby={describedBy}
			/>
			<select
				class="select w-20 shrink-0 border-l-0"
				bind:value={() => unit, (other) => ([unit, value] = [other, inGrams(typed, gramsOf(other))])}
				aria-label="Unit of {label.toLowerCase()}"
			>
				{#each units as choice (choice.name)}
					<option>{choice.name}</option>
				{/each}
			</select>
		</span>
		{#if twoReadings(typed)}
			<span class="mt-1 block text-sm" role="status">Read as {mass(grams, session.units)}.</span>
		{/if}
		{#if settled !== undefined}
			<button
				type="button"
				class="btn mt-1 w-full btn-secondary"
				data-key={scaleKey}
				onclick={() => {
					type(written(Number((settled / perUnit).toPrecision(9))));
					fromScale = typed;
				}}
				>Take {mass(settled, session.units)} from the scale
				{#if scaleKey}<kbd aria-hidden="true" class="font-mono text-xs font-normal opacity-75 max-md:hidden"
						>{scaleKey}</kbd
					>{/if}</button
			>
		{/if}
	{/snippet}
</Field>
