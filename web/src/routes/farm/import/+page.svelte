<script lang="ts">
	import { page } from '$app/state';
	import FarmTabs from '$lib/farm/FarmTabs.svelte';
	import ReadList from '$lib/files/ReadList.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
</script>

<Page title="The farm" says="lists from elsewhere: an older book, a spreadsheet, a station">
	<FarmTabs />
	<Loading from={data.described}>
		{#snippet children(described)}
			<ReadList list={page.url.searchParams.get('list') ?? undefined} {described} />
		{/snippet}
	</Loading>
	<p class="mt-8 text-sm text-soft">
		An older book comes in by this order: plots, varieties, plantings, lots, tests, customers, sales. Each
		file may be read again: what is there already stays as it is. Maps come in <a class="quiet" href="/field"
			>under Field</a
		>, a whole farm
		<a class="quiet" href="/farm/files">under Files</a>.
	</p>
</Page>
