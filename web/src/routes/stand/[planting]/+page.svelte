<script lang="ts">
	import { page as here } from '$app/state';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Corrections from '$lib/lot/Corrections.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofPopulation } from '$lib/mark/mark';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import { stand } from '$lib/offline/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Counted from '$lib/stand/Counted.svelte';
	import CountForm from '$lib/stand/CountForm.svelte';
	import LookForm from '$lib/stand/LookForm.svelte';
	import Looks from '$lib/stand/Looks.svelte';
	import SeedByPlant from '$lib/stand/SeedByPlant.svelte';
	import { percent, tenth } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { cropWord, many, placed, STAND_ACT } from '$lib/words/words';
	import { v7 as newId } from 'uuid';

	type Point = Schemas['CountView']['point'];
	const id = here.params.planting!;
	const path = `/api/plantings/${id}`;
	const rows = new OfflinePage(`/stand/${id}`, stand(id));
	const waiting = $derived(outbox.waiting.filter((one) => one.path.startsWith(path)).length);

	/** Points of a stand's life that this planting has. */
	function points(planting: Schemas['PlantingView']): Point[] {
		if (planting.purpose === 'PLANTING_STOCK') return ['STANDING', 'LIFTED', 'STORED', 'REPLANTED'];
		return [
			'RAISED',
			'SET_OUT',
			...(planting.liftedOn ? (['LIFTED', 'STORED', 'REPLANTED'] as Point[]) : []),
			...(planting.cold ? (['AFTER_WINTER'] as Point[]) : []),
			'STANDING'
		];
	}
</script>

<Loading from={rows.found} stays>
	{#snippet children(stand)}
		{@const planting = stand.planting}
		{@const of = `${planting.variety.name} ${cropWord(planting.variety.cropName)}`}
		<Page
			{of}
			title="how many stand"
			room={{ name: 'Field', path: '/field' }}
			says="{of}, {placed(planting.ground)}"
		>
			{#if waiting}<p class="mb-3 text-sm text-soft">
					{many(waiting, 'record')} on this phone not arrived yet.
				</p>{/if}
			{#if stand.sickStock}
				<p class="caution mb-5 max-w-3xl font-semibold">
					{percent(stand.sickShare)} of the plants looked at were sick. Keep no stock from a sick crop.
				</p>
			{/if}
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-3">
				<section>
					{#if stand.life}
						<h2 class="ruled">Plants for seed</h2>
						<p class="mt-3 flex flex-wrap items-baseline gap-2 text-lg font-bold">
							<Mark {...ofPopulation(stand.life.mark)} />
							{stand.life.expected} expected at harvest, {stand.life.asked} asked
						</p>
						{#if stand.life.acts.length}
							<p class="mt-2 font-semibold">While there is time:</p>
							<ul class="list-disc pl-5">
								{#each stand.life.acts as act (act)}<li>{STAND_ACT[act]}</li>{/each}
							</ul>
						{/if}
					{/if}
					<h2 class={['ruled', stand.life && 'mt-6']}>Counted</h2>
					<Counted {stand} points={points(planting)} changed={rows.again} />
					<p class="mt-2 text-sm text-soft">
						A winter still to come is taken to leave three in four. A count replaces what was calculated
						before it.
					</p>
				</section>
				<section>
					{#if session.works}
						<h2 class="ruled mb-3">Count them</h2>
						<CountForm
							points={points(planting)}
							last={stand.counts.at(-1)?.point}
							count={(point, plants, countedOn, note) =>
								rows.keep(
									'POST',
									`${path}/counts`,
									`count of the ${of}`,
									{ id: newId(), point, plants, countedOn, note },
									{ dayTyped: countedOn !== session.today }
								)}
						/>
					{/if}
					{#if planting.purpose === 'SEED'}
						<div class="mt-8">
							<SeedByPlant
								{stand}
								weigh={(plant, mass) =>
									rows.keep('POST', `${path}/seeds`, `seed of plant ${plant} of the ${of}`, {
										id: newId(),
										plant,
										mass,
										weighedOn: session.today
									})}
								changed={rows.again}
							/>
						</div>
					{/if}
					{#if stand.generations}
						<h2 class="ruled mt-8">The generations behind it</h2>
						<p class="mt-2 font-bold">
							Worth {tenth(stand.generations.effective)} plants over {many(
								stand.generations.all.length,
								'generation'
							)};
							{percent(stand.generations.kept)} of the diversity is kept.
						</p>
						<p>The narrowest was {stand.generations.weakest.year}.</p>
						<table class="figures mt-1">
							<tbody>
								{#each stand.generations.all as generation (generation.year)}
									<tr
										><th scope="row">{generation.year}</th><td class="num"
											>{tenth(generation.effectiveSize)}</td
										></tr
									>
								{/each}
							</tbody>
						</table>
						<p class="mt-2 text-sm text-soft">
							Every season whose seed was picked here counts as one generation, its plants giving alike where
							nobody weighed them one by one.
						</p>
					{/if}
				</section>
				{#if stand.planted}
					<section>
						<h2 class="ruled">In store until {dayMonth(stand.planted, session.today)}</h2>
						{#if stand.store}
							<p class="mt-3 flex flex-wrap items-baseline gap-2 text-lg font-bold">
								<Mark {...ofPopulation(stand.store.mark)} />
								about {Math.round(stand.store.expected)} sound then, {stand.store.wanted} wanted
							</p>
							<table class="figures mt-1">
								<tbody>
									<tr
										><th scope="row">sound now, by the last look</th><td class="num">{stand.store.sound}</td
										></tr
									>
									<tr
										><th scope="row">hurt at putting in</th><td class="num"
											>{percent(stand.store.startLoss)}</td
										></tr
									>
									<tr
										><th scope="row">lost in a week since</th><td class="num"
											>{percent(1 - Math.exp(-7 * stand.store.rate))}</td
										></tr
									>
									<tr
										><th scope="row">if losses are as bad as they may be</th><td class="num"
											>{Math.floor(stand.store.atLeast)}</td
										></tr
									>
									<tr
										><th scope="row">look again</th><td class="num"
											>{dayMonth(stand.store.nextLook, session.today)}</td
										></tr
									>
								</tbody>
							</table>
							<p class="mt-2 text-sm text-soft">
								From all looks together, and from what is usual in a cool store as if some had looked there
								too. What was hurt at putting in shows at the first look and does not go on. Rot spreads in
								clumps and quickens towards spring; a warm spell calls for a look at once.
							</p>
							{#if session.works}
								<h2 class="ruled mt-6 mb-3">Look through them</h2>
								{#key stand.store.there}
									<LookForm
										there={stand.store.there}
										look={(look) =>
											rows.keep('POST', `${path}/store-looks`, `look through the ${of}`, {
												id: newId(),
												seenOn: session.today,
												note: '',
												...look
											})}
									/>
								{/key}
							{/if}
						{:else}
							<p class="py-3 text-soft">
								Once it is counted how many were put in store, what is sound at planting is foretold here.
							</p>
						{/if}
						{#if stand.looks.length}<Looks looks={stand.looks} changed={rows.again} />{/if}
					</section>
				{/if}
			</div>
			<Corrections corrections={stand.corrections} />
		</Page>
	{/snippet}
</Loading>
