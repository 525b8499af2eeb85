<script lang="ts">
	import type { Attempt } from './attempt.svelte';

	interface Props {
		attempt: Attempt;
		/** Of the list they are sent as. */
		name: string;
		legend: string;
		/** What one of them is called, counted from one. */
		each: (i: number) => string;
		values: string[];
		hint: string;
		class: string;
	}
	/** Several figures of the same kind, one after another; those left empty are none. */
	let { attempt, name, legend, each, values = $bindable(), hint, class: look }: Props = $props();
</script>

<fieldset class="col-span-full">
	<legend class="mb-1 text-sm font-semibold">{legend}</legend>
	<div class={['grid gap-3', look]}>
		{#each values.keys() as i (i)}
			{@const wrong = attempt.problem?.field === `${name}[${i}]`}
			<input
				class={['input w-full text-right', wrong && 'input-error']}
				inputmode="decimal"
				aria-label={each(i + 1)}
				aria-invalid={wrong}
				bind:value={values[i]}
			/>
		{/each}
	</div>
	<p class="mt-1 text-sm text-soft">{hint}</p>
</fieldset>
