<script lang="ts">
	import type { Schemas } from '$lib/api/api';

	interface Props {
		lists: Schemas['PriceListView'][];
	}
	/** The stock that may be sold today, to be sent or pinned up. */
	let { lists }: Props = $props();
	let list = $state('');
	const query = $derived(list ? `?list=${list}` : '');
	const id = $props.id();
</script>

<p class="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2">
	<span>Stock today:</span>
	<a class="quiet" target="_blank" rel="noopener" href="/api/price-list.pdf{query}">price list</a>
	<a class="quiet" target="_blank" rel="noopener" href="/api/catalogue.pdf{query}">catalogue</a>
	<a class="quiet" href="/api/catalogue.csv{query}">CSV</a>
	{#if lists.length}
		<span class="flex items-center gap-2">
			<label for="{id}-list">at</label>
			<select id="{id}-list" class="select w-auto" bind:value={list}>
				<option value="">the price on the packet</option>
				{#each lists as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
			</select>
		</span>
	{/if}
</p>
