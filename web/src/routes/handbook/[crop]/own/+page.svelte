<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, PUT } from '$lib/api/api';
	import OwnCropForm from '$lib/handbook/OwnCropForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const key = $derived(page.params.crop!);
</script>

<Loading from={data.found}>
	{#snippet children(crop)}
		<Page
			of={crop.cells.find(({ column }) => column === 'name')?.own ?? key}
			title={crop.cells.find(({ column }) => column === 'name')?.own ?? key}
			room={{ name: 'Handbook', path: '/handbook' }}
			says="a crop of your own, like {crop.likeName}"
		>
			{#key crop.version}
				<OwnCropForm
					{crop}
					save={async (cells, version, reason) => {
						await ask(
							PUT('/api/crops/{key}/own', { params: { path: { key } }, body: { cells, version, reason } })
						);
						await goto(`/handbook/${key}`);
					}}
					taken={refresh}
				/>
			{/key}
		</Page>
	{/snippet}
</Loading>
