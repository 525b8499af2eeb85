<script lang="ts">
	import { page } from '$app/state';
	import NewCrop from '$lib/handbook/NewCrop.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
	const like = $derived(page.url.searchParams.get('like') ?? '');
</script>

<Page title="a crop of your own" room={{ name: 'Handbook', path: '/handbook' }}>
	<Loading from={data.crops}>
		{#snippet children(found)}<NewCrop crops={found.items} {like} />{/snippet}
	</Loading>
</Page>
