<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import type { Undo } from '$lib/form/undo.svelte';
	import Hours from '$lib/money/Hours.svelte';
	import { whole } from '$lib/units/units';
	import { cropWord, GRADE, many, placed } from '$lib/words/words';
	import BloomLooks from './BloomLooks.svelte';
	import FirstFlower from './FirstFlower.svelte';
	import { asRequest } from './request';
	import Threats from './Threats.svelte';
	import WaysOut from './WaysOut.svelte';
	import { generationWords } from './generation';
	import { wayWords } from './ways';
	import Marks from './Marks.svelte';

	type Planting = Schemas['PlantingView'];
	type Way = Schemas['WayView'];
	interface Props {
		found: Schemas['PlantingPage'];
		/** What was seen of its bloom. */
		looks: Schemas['BloomLookView'][];
		season: number;
		/** The season as it stands, to know what a change changes back to. */
		plantings: Planting[];
		/** Sick plants of those looked at, where they are too many. */
		sick?: Schemas['Sick'];
		/** Shows plantings as they would be; nothing shows the plan again. */
		tried: (plantings: Planting[] | undefined) => void;
		/** Something was kept. */
		kept: () => void;
		undo: Undo;
		/** The scheme it stands in, when it is not the plan. */
		scheme?: string;
	}
	/** The planting that is chosen: threats to its purity, and the ways out. */
	let { found, looks, season, plantings, sick, tried, kept, undo, scheme }: Props = $props();
	const attempt = new Attempt();
	const preview = new Latest<Planting[]>();
	const planting = $derived(found.planting);
	/** As it would be by the way out that is looked at. */
	const shown = $derived(preview.answer?.find((one) => one.id === planting.id) ?? planting);

	$effect(() => {
		tried(preview.answer);
	});

	function look(way: Way | undefined) {
		if (!way) return preview.forget();
		void preview.ask(
			ask(
				POST('/api/seasons/{season}/ways-out/tried', {
					params: { path: { season }, query: { scheme } },
					body: way.plan
				})
			)
		);
	}

	function keep(way: Way) {
		void attempt.run(async () => {
			const says = wayWords(way).act;
			const now = await ask(
				POST('/api/ways-out/kept', { body: { plan: way.plan, reason: `way out: ${says}`.slice(0, 300) } })
			);
			const before = now.plantings.flatMap(({ id, version }) => {
				const was = plantings.find((one) => one.id === id);
				return was ? [{ id, then: { ...asRequest(was), schemeId: scheme, version } }] : [];
			});
			undo.done(`Saved: ${says}.`, () =>
				ask(
					POST('/api/ways-out/kept', {
						body: { plan: { plantings: before, neighbours: now.neighbours }, reason: 'undone' }
					})
				)
			);
			preview.forget();
			kept();
		});
	}
</script>

<section class="border-l-4 border-marigold bg-paper p-5">
	<p class="text-sm text-soft">
		{shown.purpose === 'PLANTING_STOCK'
			? 'What keeps the clone'
			: preview.answer
				? 'Threats to purity, as tried'
				: 'Threats to purity'}
	</p>
	<h2 class="mt-1 flex flex-wrap items-baseline gap-x-3 text-2xl">
		<a class="hover:underline" href="/desk/varieties/{planting.variety.id}">{planting.variety.name}</a>
		<Marks planting={shown} sick={sick !== undefined} />
	</h2>
	<p class="mb-2 text-soft">
		{cropWord(planting.variety.cropName)}, {placed(shown.ground)}, {many(planting.plants, 'plant')}
		{shown.purpose === 'SEED'
			? `for ${GRADE[shown.grade]} seed`
			: shown.purpose === 'EATING'
				? 'to eat'
				: `for ${GRADE[shown.grade]} planting stock`}
	</p>
	{#if found.generation}
		<p class="mb-2">
			{generationWords(found.generation)}. Bred out of {planting.variety.bredFrom}: choose hard among plants
			that differ, and never sell the seed under that name.
		</p>
	{/if}
	{#if sick}
		<p class="caution">
			{sick.sick} of {whole(sick.lookedAt)} plants looked sick. Keep no stock of it, and ask what goes with the
			seed: <a class="underline" href="/stand/{planting.id}">count and decide</a>.
		</p>
	{/if}
	<Threats planting={shown}>
		{#snippet ways()}
			{#if planting.isolation && planting.isolation.verdict !== 'CLEAR'}
				<WaysOut
					ways={scheme ? found.ways.filter((way) => way.plan.neighbours.length === 0) : found.ways}
					{season}
					{attempt}
					{look}
					{keep}
				/>
			{/if}
		{/snippet}
	</Threats>
	{#if session.works && !scheme && planting.bloom && planting.groundFrom <= session.today}
		<FirstFlower {planting} {kept} />
		<BloomLooks {planting} {looks} {kept} />
	{/if}
	<div class="mt-5 flex flex-wrap gap-3">
		{#if planting.purpose !== 'EATING' && session.works && !scheme}
			<Act key="w" href="/walk/{planting.id}">Walk it</Act>
			<Act key="m" href="/stand/{planting.id}">Count</Act>
			{#if planting.purpose === 'SEED'}
				<Act key="i" href="/pollination/{planting.id}">Pollinate</Act>
				<Act key="b" href="/selection/{planting.id}">Mark the best</Act>
				<Act key="h" href="/harvest/{planting.id}">Harvest</Act>
			{/if}
		{/if}
		{#if session.grower}<Act key="c" href="/desk/plantings/{planting.id}{scheme ? `?scheme=${scheme}` : ''}"
				>Change the plan</Act
			>{/if}
	</div>
	{#if planting.purpose !== 'EATING' && !scheme}
		<p class="mt-3 flex flex-wrap gap-x-5">
			{#if planting.purpose === 'SEED'}<a class="quiet" href="/sown/{planting.id}">What it was sown with</a
				>{/if}
			<a class="quiet" href="/walk/{planting.id}/found">What the walks found</a>
			{#if planting.purpose === 'SEED'}<a class="quiet" href="/ripening/{planting.id}">When to cut</a>
				{#if session.works}<Hours
						bearers={[{ label: planting.variety.name, plantingId: planting.id }]}
					/>{/if}
			{/if}
		</p>
	{/if}
</section>
