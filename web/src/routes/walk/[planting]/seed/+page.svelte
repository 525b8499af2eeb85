<script lang="ts">
	import { page } from '$app/state';
	import { ask, GET } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import LateOffType from '$lib/walk/LateOffType.svelte';
	import { dayMonth } from '$lib/words/dates';
	import { reach } from '$lib/units/units';
	import { cropWord, DECISION, GRADE } from '$lib/words/words';
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
			title="seed round an off-type"
			room={{ name: 'Field', path: '/field' }}
			says="{variety.name} {cropWord(variety.cropName)}, {walk.planting.ground.toLowerCase()}"
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
			{:else}
				<p class="text-soft">No off-type of this planting was seen shedding pollen.</p>
			{/each}
			{#if walk.rings.length}
				<h2 class="ruled mt-8">What was decided</h2>
				<table class="figures max-w-3xl">
					<thead
						><tr
							><th scope="col">seed</th><th scope="col">ring</th><th scope="col">why</th><th scope="col"
								>by whom</th
							></tr
						></thead
					>
					<tbody>
						{#each walk.rings as ring (ring.id)}
							<tr>
								<th scope="row">{DECISION[ring.decision]}{ring.grade ? ` to ${GRADE[ring.grade]}` : ''}</th>
								<td>{ring.radius ? reach(ring.radius, session.units) : ''}</td>
								<td>{ring.reason}</td>
								<td class="text-soft">{ring.recordedBy}, {dayMonth(ring.recordedAt)}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}
			<Corrections corrections={walk.corrections} />
		</Page>
	{/snippet}
</Loading>
