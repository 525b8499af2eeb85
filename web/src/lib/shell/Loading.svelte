<script lang="ts" generics="T">
	import type { Snippet } from 'svelte';
	import { Problem } from '$lib/api/api';

	interface Props {
		from: Promise<T>;
		children: Snippet<[T]>;
	}
	let { from, children }: Props = $props();
</script>

{#await from}
	<p class="text-soft" aria-busy="true">Looking it up …</p>
{:then there}
	{@render children(there)}
{:catch wrong}
	<p class="caution font-semibold" role="alert">
		{wrong instanceof Problem ? wrong.message : 'This page could not be shown. Load it again.'}
	</p>
{/await}
