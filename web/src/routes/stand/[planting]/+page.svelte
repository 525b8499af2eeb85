<script lang="ts">
	import { page as here } from '$app/state';
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Corrections from '$lib/lot/Corrections.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofPopulation } from '$lib/mark/mark';
	import { known } from '$lib/rows/known';
	import { outbox } from '$lib/rows/outbox.svelte';
	import { signal } from '$lib/rows/signal.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import CountForm from '$lib/stand/CountForm.svelte';
	import LookForm from '$lib/stand/LookForm.svelte';
	import { percent } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { capital, cropWord, many, POINT, STAND_ACT } from '$lib/words/words';
	import { v7 as newId } from 'uuid';

	type Point = Schemas['CountView']['point'];
	const id = here.params.planting!;
	const path = `/api/plantings/${id}`;
	let turn = $state(0);
	const found = $derived.by(() => {
		void turn;
		return known(`${path}/stand`, ask(GET('/api/plantings/{id}/stand', { params: { path: { id } } })));
	});
	const waiting = $derived(outbox.waiting.filter((one) => one.path.startsWith(path)).length);

	async function send(at: string, says: string, body: Record<string, unknown>, dayTyped: boolean) {
		await outbox.add({
			id: String(body.id),
			method: 'POST',
			path: `${path}/${at}`,
			body,
			says,
			from: `/stand/${id}`,
			dayTyped
		});
		if (!signal.lost) turn++;
	}
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
	const rounded = (value: number) => (Math.round(value * 10) / 10).toString();
</script>

<Loading from={found} stays>
	{#snippet children(stand)}
		{@const planting = stand.planting}
		{@const of = `${planting.variety.name} ${cropWord(planting.variety.cropName)}`}
		<Page
			title="how many stand"
			room={{ name: 'Field', path: '/field' }}
			says="{of}, {planting.ground.toLowerCase()}"
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
					<table class="figures">
						<tbody>
							<tr
								><th scope="row">planned</th><td class="num">{planting.plants}</td><td class="beside"
								></td></tr
							>
							{#each stand.counts as count (count.id)}
								<tr>
									<th scope="row">{POINT[count.point]}</th>
									<td class="num">{count.plants}</td>
									<td class="beside">{dayMonth(count.countedOn, session.today)} {count.note}</td>
								</tr>
							{/each}
							{#if stand.pulled}
								<tr
									><th scope="row">pulled since, on walks</th><td class="num">−{stand.pulled}</td><td
									></td></tr
								>
							{/if}
							{#if stand.life}
								<tr
									><th scope="row"><strong>standing</strong></th><td class="num">{stand.life.standing}</td><td
									></td></tr
								>
							{/if}
							{#if stand.harvested}
								<tr><th scope="row">seed picked from</th><td class="num">{stand.harvested}</td><td></td></tr>
							{/if}
						</tbody>
					</table>
					<p class="mt-2 text-sm text-soft">
						A winter still to come is taken to leave three in four. A count replaces what was reckoned before
						it.
					</p>
				</section>
				<section>
					{#if session.works}
						<h2 class="ruled mb-3">Count them</h2>
						<CountForm
							points={points(planting)}
							count={(point, plants, countedOn, note) =>
								send(
									'counts',
									`count of the ${of}`,
									{ id: newId(), point, plants, countedOn, note },
									countedOn !== session.today
								)}
						/>
					{/if}
					{#if stand.generations}
						<h2 class="ruled mt-8">The generations behind it</h2>
						<p class="mt-2 font-bold">
							Worth {rounded(stand.generations.effective)} plants over {many(
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
											>{rounded(generation.effectiveSize)}</td
										></tr
									>
								{/each}
							</tbody>
						</table>
						<p class="mt-2 text-sm text-soft">
							Every season whose seed was picked here counts as one generation, all its plants giving alike.
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
										><th scope="row">lost in a week</th><td class="num"
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
								From the last look; before the first, a usual cool store. Rot spreads in clumps and quickens
								towards spring; a warm spell calls for a look at once.
							</p>
							{#if session.works}
								<h2 class="ruled mt-6 mb-3">Look through them</h2>
								<LookForm
									there={stand.store.there}
									look={(look) =>
										send(
											'store-looks',
											`look through the ${of}`,
											{ id: newId(), seenOn: session.today, note: '', ...look },
											false
										)}
								/>
							{/if}
						{:else}
							<p class="py-3 text-soft">
								Once it is counted how many were put in store, what is sound at planting is foretold here.
							</p>
						{/if}
						{#if stand.looks.length}
							<h2 class="ruled mt-6">Looks</h2>
							<ul>
								{#each stand.looks as look (look.id)}
									<li class="border-b border-line py-1.5">
										{capital(dayMonth(look.seenOn, session.today))}: {look.thrownOut} of {look.pieces} thrown out{look.medium !==
										undefined
											? `; ${look.small} small, ${look.medium} medium, ${look.large} large`
											: ''}
									</li>
								{/each}
							</ul>
						{/if}
					</section>
				{/if}
			</div>
			<Corrections corrections={stand.corrections} />
		</Page>
	{/snippet}
</Loading>
