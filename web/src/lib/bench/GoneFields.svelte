<script module lang="ts">
	/** Something that left the lot, while it is typed. */
	export interface Gone {
		/** In grams, as it is typed. */
		mass: string;
		what: string;
		goneTo: string;
	}
</script>

<script lang="ts">
	import type { Attempt } from '$lib/form/attempt.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import { numberTyped } from '$lib/units/units';
	import TextField from '$lib/form/TextField.svelte';

	interface Props {
		attempt: Attempt;
		gone: Gone[];
		heavy: boolean;
		/** What usually leaves here. */
		usual: string;
	}
	/** What left the lot in a step, each weighed apart. */
	let { attempt, gone = $bindable(), heavy, usual }: Props = $props();
	const nth = (i: number) => (i === 0 ? '' : ` (${i + 1})`);
	const PLACES = ['compost', 'sauce', 'feed', 'sale', 'kept as second grade', 'thrown out'];
</script>

<datalist id="gone-to"
	>{#each PLACES as one (one)}<option value={one}></option>{/each}</datalist
>
{#each gone as one, i (i)}
	<MassField
		label="Removed{nth(i)}"
		name={i === 0 ? 'byProduct' : `byProduct${i}`}
		{heavy}
		{attempt}
		bind:value={one.mass}
		scale
		hint={i === 0 ? 'weighed apart from the seed' : undefined}
	/>
	{#if numberTyped(one.mass) >= 0}
		<TextField
			label="What it was{nth(i)}"
			name="what"
			{attempt}
			maxlength={80}
			bind:value={one.what}
			placeholder={i === 0 ? usual : 'broken seed'}
		/>
		<TextField
			label="Where it went{nth(i)}"
			name="goneTo"
			{attempt}
			maxlength={80}
			list="gone-to"
			bind:value={one.goneTo}
		/>
	{/if}
{/each}
{#if gone.every((one) => numberTyped(one.mass) >= 0)}
	<button
		type="button"
		class="cursor-pointer justify-self-start text-sm underline sm:col-span-2"
		onclick={() => gone.push({ mass: '', what: '', goneTo: 'compost' })}
		>something else was removed too</button
	>
{/if}
