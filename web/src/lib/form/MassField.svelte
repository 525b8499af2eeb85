<script lang="ts">
	import { untrack } from 'svelte';
	import { session } from '$lib/api/session.svelte';
	import { MASS_UNITS, numberTyped } from '$lib/units/units';
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
	}
	let { label, name, attempt, grams = $bindable(), heavy = false, hint }: Props = $props();

	const units = $derived(MASS_UNITS[session.units]);
	let unit = $state(untrack(() => MASS_UNITS[session.units][heavy ? 1 : 0].name));
	const perUnit = $derived((units.find((candidate) => candidate.name === unit) ?? units[0]).grams);
	let typed = $state(
		untrack(() => (Number.isFinite(grams) ? String(Number((grams / perUnit).toPrecision(9))) : ''))
	);

	$effect(() => {
		const value = typed.trim() === '' ? NaN : numberTyped(typed) * perUnit;
		grams = Number.isNaN(value) ? NaN : Number(value.toFixed(3));
	});
</script>

<Field {label} {name} {attempt} {hint}>
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
	{/snippet}
</Field>
