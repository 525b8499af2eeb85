<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, GET, PUT } from '$lib/api/api';
	import OwnCropForm from '$lib/handbook/OwnCropForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';

	const key = $derived(page.params.crop!);
	let turn = $state(0);
	const found = $derived.by(() => {
		void turn;
		return ask(GET('/api/crops/{key}/own', { params: { path: { key } } }));
	});
</script>

<Loading from={found}>
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
					taken={() => turn++}
				/>
			{/key}
		</Page>
	{/snippet}
</Loading>
