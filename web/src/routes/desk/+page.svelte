<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { groups } from '$lib/bloom/bloom';
	import BloomLines from '$lib/bloom/BloomLines.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Undo } from '$lib/form/undo.svelte';
	import UndoBar from '$lib/form/UndoBar.svelte';
	import Chosen from '$lib/season/Chosen.svelte';
	import DeskTabs from '$lib/season/DeskTabs.svelte';
	import { looked } from '$lib/season/looked';
	import { otherwise } from '$lib/season/request';
	import Proposals from '$lib/season/Proposals.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { many } from '$lib/words/words';
	import { refresh, seasonOf } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type Planting = Schemas['PlantingView'];
	const season = $derived(seasonOf(page.url.searchParams.get('season')));
	const chosen = $derived(page.url.searchParams.get('planting') ?? '');
	let tried = $state.raw<Planting[]>();
	const undo = new Undo();
	const attempt = new Attempt();

	function says(plantings: Planting[]) {
		const forSeed = plantings.filter((planting) => planting.isolation);
		const crossing = forSeed.filter((planting) => planting.isolation?.verdict === 'CROSSES').length;
		if (forSeed.length === 0) return `no seed crop is planned for ${season}`;
		return crossing === 0
			? `${many(forSeed.length, 'seed crop')}, none would cross as planned`
			: `${crossing} of ${many(forSeed.length, 'seed crop')} would cross as planned`;
	}
	function choose(id: string) {
		tried = undefined;
		void goto(`/desk?season=${season}&planting=${id}`, { noScroll: true, keepFocus: true });
	}
</script>

<Loading from={data.found} stays>
	{#snippet children([view, ground])}
		{@const picked =
			view.plantings.find((planting) => planting.id === chosen) ??
			view.plantings.find((planting) => planting.isolation?.verdict === 'CROSSES') ??
			view.plantings[0]}
		{@const shown = otherwise(view.plantings, tried)}
		<Page title="Desk" says={says(shown)}>
			<DeskTabs {season} planned={view.seasons} />
			<UndoBar {undo} {attempt} after={refresh} />
			{#if view.plantings.length === 0}
				<p class="mb-4 max-w-prose">
					Nothing is planned for {season}. A planting is a variety on a plot or a bed; from that the app draws
					when it blooms, what it would cross with, the ways out, and how many plants it needs.
				</p>
			{/if}
			{#await data.proposed then all}<Proposals {season} {all} />{/await}
			{#if session.grower}
				<div class="mb-5 flex gap-3">
					<Act key="n" main={view.plantings.length === 0} href="/desk/plantings/new?season={season}"
						>New planting</Act
					>
					<Act key="v" href="/desk/varieties/new">New variety</Act>
				</div>
			{/if}
			{#if view.plantings.length > 0}
				<div
					class="grid items-start gap-x-8 gap-y-8 lg:grid-cols-[minmax(0,1.4fr)_minmax(19rem,1fr)] xl:grid-cols-[minmax(0,1.75fr)_minmax(22rem,1fr)]"
				>
					<BloomLines
						groups={groups(shown, ground.neighbours)}
						{season}
						today={session.today}
						chosen={picked?.id}
						changed={tried?.map((planting) => planting.id ?? '')}
						sick={view.sick.map((one) => one.plantingId)}
						{choose}
					/>
					{#if picked?.id}
						{#key data.found}{#key picked.id}
								<Loading from={looked(picked.id)}>
									{#snippet children([found, looks])}
										<Chosen
											{found}
											{looks}
											{season}
											plantings={view.plantings}
											sick={view.sick.find((one) => one.plantingId === picked.id)}
											tried={(plantings) => (tried = plantings)}
											kept={refresh}
											{undo}
										/>
									{/snippet}
								</Loading>
							{/key}{/key}
					{/if}
				</div>
			{/if}
		</Page>
	{/snippet}
</Loading>
