<script lang="ts">
	import { countTyped } from '$lib/units/units';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';

	export interface Look {
		pieces: number;
		thrownOut: number;
		small?: number;
		medium?: number;
		large?: number;
	}
	interface Props {
		/** Pieces that lie there. */
		there: number;
		look: (look: Look) => Promise<void>;
	}
	/** A look through the store: thrown out with one thumb, sizes where they are graded. */
	let { there, look }: Props = $props();

	const attempt = new Attempt();
	// svelte-ignore state_referenced_locally
	let pieces = $state(String(there));
	let thrownOut = $state(0);
	let sized = $state(false);
	let small = $state('');
	let medium = $state('');
	let large = $state('');
	const number = $derived(countTyped(pieces));
	const sizes = $derived([small, medium, large].map((typed) => countTyped(typed) || 0));
	const inAll = $derived(sizes.reduce((sum, size) => sum + size, 0));
	const wrong = $derived(
		!(number > 0 && number <= there)
			? `Between 1 and ${there} pieces lie there.`
			: thrownOut >= number
				? 'Not all of them can have been thrown out.'
				: sized && inAll > number - thrownOut
					? `The sizes add up to ${inAll}; only ${number - thrownOut} are sound.`
					: ''
	);

	async function keep() {
		await look({
			pieces: number,
			thrownOut,
			...(sized ? { small: sizes[0], medium: sizes[1], large: sizes[2] } : {})
		});
		thrownOut = 0;
	}
</script>

<form
	class="grid gap-3"
	onsubmit={(event) => {
		event.preventDefault();
		void keep();
	}}
>
	<TextField
		label="Looked at"
		name="pieces"
		{attempt}
		inputmode="numeric"
		bind:value={pieces}
		hint="all of them, or some taken as they come"
	/>
	<div class="thrown">
		<button type="button" aria-label="One less" onclick={() => (thrownOut = Math.max(0, thrownOut - 1))}
			>−</button
		>
		<output class="grid justify-items-center"><span>thrown out</span><strong>{thrownOut}</strong></output>
		<button type="button" aria-label="One more thrown out" onclick={() => thrownOut++}>+</button>
	</div>
	<label class="flex gap-2"
		><input type="checkbox" class="checkbox" bind:checked={sized} /> graded by size</label
	>
	{#if sized}
		<div class="grid grid-cols-3 gap-3">
			<TextField label="Small" name="small" {attempt} inputmode="numeric" bind:value={small} />
			<TextField label="Medium" name="medium" {attempt} inputmode="numeric" bind:value={medium} />
			<TextField label="Large" name="large" {attempt} inputmode="numeric" bind:value={large} />
		</div>
	{/if}
	{#if wrong}<p class="font-semibold text-alarm">{wrong}</p>{/if}
	<button type="submit" class="btn h-12 btn-primary" disabled={wrong !== ''}>Record this look</button>
</form>

<style>
	.thrown {
		display: grid;
		grid-template-columns: 1fr 1.2fr 1fr;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
	}
	.thrown button {
		min-height: 4.5rem;
		font-size: 2rem;
		font-weight: 700;
	}
	.thrown strong {
		font-size: 2.2rem;
		line-height: 1;
	}
</style>
