<script lang="ts">
	import { page } from '$app/state';
	import Page from '$lib/shell/Page.svelte';
</script>

{#if page.status === 404}
	<Page title="There is no such page">
		<p>
			Nothing has this address. <a class="quiet" href="/today">Go to Today</a>, or press <kbd>/</kbd> to search.
		</p>
	</Page>
{:else}
	<Page title="This page could not be opened">
		<p class="max-w-prose">
			It is not kept on this device and could not be fetched from the farm’s server. Once there is a signal it
			opens, and is kept here from then on. <a class="quiet" href="/today">Go to Today</a>, or
			<button type="button" class="cursor-pointer underline" onclick={() => location.reload()}
				>try again</button
			>.
		</p>
	</Page>
{/if}
