<script lang="ts">
	import { ask, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Corrections from '$lib/lot/Corrections.svelte';
	import StrikeOut from '$lib/mistake/StrikeOut.svelte';
	import TrueToType from '$lib/season/TrueToType.svelte';
	import StockHistory from '$lib/walk/StockHistory.svelte';
	import VarietyForm from '$lib/season/VarietyForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { cropWord, GRADE, PURPOSE } from '$lib/words/words';
	import { generationWords } from '$lib/season/generation';
	import Marks from '$lib/season/Marks.svelte';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	let correcting = $state(false);
	let attempt = $state(new Attempt());

	function again() {
		correcting = false;
		attempt = new Attempt();
		refresh();
	}
</script>

<Loading from={data.found}>
	{#snippet children({ variety, plantings, generations, corrections, history, pictures })}
		<Page
			of={variety.name}
			title={variety.name}
			room={{ name: 'Desk', path: '/desk' }}
			says={cropWord(variety.cropName)}
		>
			<p class="text-soft">
				From {variety.source}, {variety.yearReceived}.
				{variety.breedingOut
					? `A line bred out of the hybrid ${variety.bredFrom}: until it comes true its seed is sold as that, and never under the hybrid’s name.`
					: variety.hybrid
						? 'An F1 hybrid: its seed does not come true.'
						: 'Open-pollinated.'}
				{variety.treated ? 'Came as treated seed: never eaten or fed.' : ''}
				<a class="quiet" href="/handbook/{variety.cropKey}">The crop in the Handbook</a>
			</p>
			{#if session.grower}
				<div class="my-4 flex flex-wrap gap-3">
					<Act main key="n" href="/desk/plantings/new?variety={variety.id}">Plant it</Act>
					<Act key="c" onclick={() => (correcting = !correcting)}>Correct</Act>
				</div>
			{/if}
			{#if correcting}
				<section class="my-5 border-l-4 border-marigold bg-paper p-5">
					<VarietyForm
						{attempt}
						crops={[]}
						{variety}
						taken={again}
						save={async (body) => {
							await ask(PUT('/api/varieties/{id}', { params: { path: { id: variety.id } }, body }));
							again();
						}}
					/>
				</section>
			{/if}
			<TrueToType {variety} {pictures} changed={refresh} />
			<StockHistory {history} />
			<h2 class="ruled mt-6">Plantings</h2>
			<table class="figures">
				<thead>
					<tr
						><th scope="col">season</th><th scope="col">where</th><th scope="col">for</th>
						{#if variety.breedingOut}<th scope="col">generation</th>{/if}<th scope="col" class="text-right!"
							>plants</th
						><th scope="col">isolation</th></tr
					>
				</thead>
				<tbody>
					{#each plantings as planting (planting.id)}
						<tr>
							<th scope="row"
								><a class="quiet font-semibold" href="/desk?season={planting.season}&planting={planting.id}"
									>{planting.season}</a
								></th
							>
							<td>{planting.plotName}</td>
							<td
								>{PURPOSE[planting.purpose]}{planting.purpose === 'SEED'
									? `, ${GRADE[planting.grade]}`
									: ''}</td
							>
							{#if variety.breedingOut}
								<td
									>{#if generations[planting.season]}{generationWords(generations[planting.season])}{/if}</td
								>
							{/if}
							<td class="num">{planting.plants}</td>
							<td><Marks {planting} /></td>
						</tr>
					{:else}
						<tr><td colspan="6" class="text-soft">Never planted here.</td></tr>
					{/each}
				</tbody>
			</table>
			<Corrections {corrections} />
			{#if session.grower && plantings.length === 0}
				<div class="mt-6"><StrikeOut kind="VARIETY" recordId={variety.id} named={variety.name} /></div>
			{/if}
		</Page>
	{/snippet}
</Loading>
