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
		/** What was typed, in grams; not a number while it is none. */
		grams: number;
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
		grams = $bindable(),
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
	const perUnit = $derived((units.find((candidate) => candidate.name === unit) ?? units[0]).grams);
	let typed = $state(untrack(() => written(Number((grams / perUnit).toPrecision(9)))));

	let fromScale = $state<string>();
	$effect(() => {
		taken = fromScale !== undefined && typed === fromScale;
	});
	$effect(() => {
		const value = typed.trim() === '' ? NaN : numberTyped(typed) * perUnit;
		grams = Number.isNaN(value) ? NaN : Number(value.toFixed(3));
	});
</script>

<Field {label} {name} {attempt} {hint} {needed}>
	{#snippet children({ id, invalid, describedBy })}
		<span class="flex">
			<input
				{id}
				{name}
				bind:value={typed}
				inputmode="decimal"
				autocomplete="off"
				class={['input w-full min-w-0 text-right', invalid && 'input-error']}
				aria-invalid={invalid}
				aria-required={needed}
				aria-describedby={describedBy}
			/>
			<select
				class="select w-20 shrink-0 border-l-0"
				bind:value={unit}
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
					typed = written(Number((settled / perUnit).toPrecision(9)));
					fromScale = typed;
				}}
				>Take {mass(settled, session.units)} from the scale
				{#if scaleKey}<kbd class="font-mono text-xs font-normal opacity-75 max-md:hidden">{scaleKey}</kbd
					>{/if}</button
			>
		{/if}
	{/snippet}
</Field>
