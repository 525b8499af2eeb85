<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import FarmCopy from '$lib/files/FarmCopy.svelte';
	import SheetFile from '$lib/files/SheetFile.svelte';
	import Page from '$lib/shell/Page.svelte';
</script>

<Page title="Files" says="everything the farm knows, out and in">
	{#if session.grower}
		<div class="grid items-start gap-x-12 gap-y-8 lg:grid-cols-2">
			<section>
				<h2 class="ruled mb-3">Lists</h2>
				<SheetFile />
			</section>
			<section>
				<h2 class="ruled mb-3">The whole farm</h2>
				<FarmCopy />
			</section>
		</div>
	{:else}
		<p>Only the grower takes the farm’s books along.</p>
	{/if}
</Page>
