<script lang="ts" generics="T">
	import type { Snippet } from 'svelte';
	import { Problem } from '$lib/api/api';

	interface Props {
		from: Promise<T>;
		children: Snippet<[T]>;
		/** Whether what is shown stays while it is looked up anew, as a map does that is drawn on. */
		stays?: boolean;
	}
	let { from, children, stays = false }: Props = $props();
	let before = $state.raw<{ value: T }>();

	$effect(() => {
		const asked = from;
		if (!stays) return;
		asked.then(
			(value) => {
				if (asked === from) before = { value };
			},
			() => {
				if (asked === from) before = undefined;
			}
		);
	});
</script>

{#if before}
	{@render children(before.value)}
{:else}
	{#await from}
		<p class="text-soft" aria-busy="true">Looking it up …</p>
	{:then there}
		{#if !stays}{@render children(there)}{/if}
	{:catch wrong}
		<p class="caution font-semibold" role="alert">
			{#if !(wrong instanceof Problem)}
				This page could not be shown. Load it again.
			{:else if wrong.status === 0}
				The farm’s server does not answer, and this page is not on this phone. Once Today was opened with a
				signal, the work of the day opens without one.
			{:else}
				{wrong.message}
			{/if}
		</p>
	{/await}
{/if}
