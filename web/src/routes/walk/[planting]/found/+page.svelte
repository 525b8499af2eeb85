<script lang="ts">
	import { page } from '$app/state';
	import Decided from '$lib/walk/Decided.svelte';
	import Walked from '$lib/walk/Walked.svelte';
	import { session } from '$lib/api/session.svelte';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import { walks } from '$lib/offline/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import LateOffType from '$lib/walk/LateOffType.svelte';
	import { cropWord, placed } from '$lib/words/words';
	import Corrections from '$lib/lot/Corrections.svelte';

	const id = page.params.planting!;
	const rows = new OfflinePage(`/walk/${id}/found`, walks(id));
</script>

<Loading from={rows.found}>
	{#snippet children(walk)}
		{@const variety = walk.planting.variety}
		<Page
			of={variety.name}
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
							rows.again();
						}}
					/>
				{/if}
			{/each}
			<Decided {walk} changed={rows.again} />
			<Walked {walk} changed={rows.again} />
			<Corrections corrections={walk.corrections} />
		</Page>
	{/snippet}
</Loading>
