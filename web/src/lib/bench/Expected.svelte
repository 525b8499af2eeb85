<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mass, percent } from '$lib/units/units';
	import { many } from '$lib/words/words';

	interface Props {
		massIn: number;
		/** How the farm's other lots of the crop fared in this kind of step. */
		own?: Schemas['StepShare'];
		/** Share that all steps left usually keep. */
		toKeep?: Schemas['Usual'];
	}
	/** What a step is likely to let through, before it is done. */
	let { massIn, own, toKeep }: Props = $props();
	const between = (low: number, high: number, said: (value: number) => string) =>
		said(low) === said(high) ? said(low) : `${said(low)} to ${said(high)}`;
	const grams = (value: number) => mass(value, session.units);
</script>

<p class="text-sm">
	{#if own}
		<strong>Expect {between(massIn * own.low, massIn * own.high, grams)} out:</strong>
		{between(own.low, own.high, percent)} in {many(own.steps, 'other lot')} of yours{own.steps > 2
			? `, half of them ${percent(own.median)} or less`
			: ''}.
	{:else}
		No other lot of this crop went through this yet.
	{/if}
	{#if toKeep}
		<span class="text-soft"
			>All steps left usually keep {between(toKeep.low, toKeep.high, percent)} of what there is now, by the crop
			table.</span
		>
	{/if}
</p>
