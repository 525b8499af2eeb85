<script lang="ts">
	import type { HTMLInputAttributes } from 'svelte/elements';

	/** The field of the search box, before what it takes to search is there and after. */
	let {
		value = $bindable(''),
		field = $bindable(),
		...rest
	}: HTMLInputAttributes & { value?: string; field?: HTMLInputElement } = $props();
</script>

<label class="input flex w-full min-w-0 items-center border-ink">
	<input
		autocomplete="off"
		{...rest}
		bind:this={field}
		bind:value
		data-find
		placeholder="Search the farm"
		aria-labelledby={undefined}
		aria-label="Search: lots, plantings, customers, orders, pages"
		class="min-w-0 grow"
	/>
	<kbd class="font-mono text-soft max-md:hidden" aria-hidden="true">/</kbd>
</label>
