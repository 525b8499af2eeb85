<script lang="ts">
	import { goto } from '$app/navigation';
	import { ask, GET, POST } from '$lib/api/api';
	import { Attempt } from '$lib/form/attempt.svelte';
	import VarietyForm from '$lib/season/VarietyForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';

	const attempt = new Attempt();
	const crops = ask(GET('/api/crops', { params: { query: { size: 200 } } }));
</script>

<Page title="new variety" room={{ name: 'Desk', path: '/desk' }}>
	<Loading from={crops}>
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
