<script lang="ts">
	import { goto } from '$app/navigation';
	import { ask, POST } from '$lib/api/api';
	import { Attempt } from '$lib/form/attempt.svelte';
	import VarietyForm from '$lib/season/VarietyForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const attempt = new Attempt();
</script>

<Page title="new variety" room={{ name: 'Desk', path: '/desk' }}>
	<Loading from={data.found} stays>
		{#snippet children(found)}
			<VarietyForm
				{attempt}
				crops={found.items}
				save={async (body) => {
					const kept = await ask(POST('/api/varieties', { body }));
					await goto(`/desk/plantings/new?variety=${kept.id}`);
				}}
			/>
		{/snippet}
	</Loading>
</Page>
