<script lang="ts">
	import { page } from '$app/state';
	import { ask, GET } from '$lib/api/api';
	import Decided from '$lib/walk/Decided.svelte';
	import Walked from '$lib/walk/Walked.svelte';
	import { session } from '$lib/api/session.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import LateOffType from '$lib/walk/LateOffType.svelte';
	import { cropWord, placed } from '$lib/words/words';
	import Corrections from '$lib/lot/Corrections.svelte';

	const id = page.params.planting!;
	let turn = $state(0);
	const found = $derived.by(() => {
		void turn;
		return ask(GET('/api/plantings/{id}/walks', { params: { path: { id } } }));
	});
</script>

<Loading from={found}>
	{#snippet children(walk)}
		{@const variety = walk.planting.variety}
		<Page
			title="what the walks found"
			room={{ name: 'Field', path: '/field' }}
			says="{variety.name} {cropWord(variety.cropName)}, {placed(walk.planting.ground)}"
		>
			{#each walk.late as late (late.walkId)}
				{@const of = walk.walks.find((one) => one.id === late.walkId)}
				{#if of}
					<LateOffType
						{walk}
						{of}
						{late}
						may={session.works}
						decided={() => {
							turn++;
						}}
					/>
				{/if}
			{/each}
			<Decided {walk} changed={() => turn++} />
			<Walked {walk} changed={() => turn++} />
			<Corrections corrections={walk.corrections} />
		</Page>
	{/snippet}
</Loading>
