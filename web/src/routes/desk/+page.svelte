<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { groups } from '$lib/bloom/bloom';
	import BloomLines from '$lib/bloom/BloomLines.svelte';
	import Act from '$lib/form/Act.svelte';
	import Threats from '$lib/season/Threats.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { cropWord, GRADE, many } from '$lib/words/words';

	const season = $derived(Number(page.url.searchParams.get('season')) || Number(session.today.slice(0, 4)));
	const found = $derived(
		Promise.all([
			ask(GET('/api/seasons/{season}', { params: { path: { season } } })),
			ask(GET('/api/ground', { params: { query: { season } } }))
		])
	);
	const chosen = $derived(page.url.searchParams.get('planting') ?? '');

	function says(plantings: Schemas['PlantingView'][]) {
		const forSeed = plantings.filter((planting) => planting.isolation);
		const crossing = forSeed.filter((planting) => planting.isolation?.verdict === 'CROSSES').length;
		if (forSeed.length === 0) return `no seed crop is planned for ${season}`;
		return crossing === 0
			? `${many(forSeed.length, 'seed crop')}, none would cross as planned`
			: `${crossing} of ${many(forSeed.length, 'seed crop')} would cross as planned`;
	}
	function years(planned: number[]) {
		const now = Number(session.today.slice(0, 4));
		return [...new Set([...planned, now, now + 1, season])].sort();
	}
	function choose(id: string) {
		void goto(`/desk?season=${season}&planting=${id}`, { noScroll: true, keepFocus: true });
	}
</script>

<Loading from={found}>
	{#snippet children([view, ground])}
		{@const picked =
			view.plantings.find((planting) => planting.id === chosen) ??
			view.plantings.find((planting) => planting.isolation?.verdict === 'CROSSES') ??
			view.plantings[0]}
		<Page title="Desk" says={says(view.plantings)}>
			<div class="mb-4 flex flex-wrap items-center justify-between gap-x-6 gap-y-3">
				<nav aria-label="Season" class="flex gap-4">
					{#each years(view.seasons) as year (year)}
						<a
							href="/desk?season={year}"
							class={[
								'px-0.5',
								year === season ? 'border-b-3 border-ink font-bold' : 'text-soft hover:underline'
							]}
							aria-current={year === season ? 'page' : undefined}>{year}</a
						>
					{/each}
				</nav>
				{#if session.grower}
					<div class="flex gap-3">
						<Act key="n" main={view.plantings.length === 0} href="/desk/plantings/new?season={season}"
							>New planting</Act
						>
						<Act key="v" href="/desk/varieties/new">New variety</Act>
					</div>
				{/if}
			</div>
			{#if view.plantings.length === 0}
				<p class="max-w-prose">
					Nothing is planned for {season}. A planting is a variety on a plot; from that the app draws when it
					blooms, what it would cross with and how many plants it needs.
				</p>
			{:else}
				<div
					class="grid items-start gap-x-8 gap-y-8 lg:grid-cols-[minmax(0,1.4fr)_minmax(19rem,1fr)] xl:grid-cols-[minmax(0,1.75fr)_minmax(20rem,1fr)]"
				>
					<BloomLines
						groups={groups(
							view.plantings,
							ground.neighbours.map((spot) => spot.neighbour)
						)}
						{season}
						today={session.today}
						chosen={picked?.id}
						{choose}
					/>
					{#if picked}
						<section class="border-l-4 border-marigold bg-paper p-5 lg:sticky lg:top-20">
							<p class="text-sm text-soft">What stands between it and true seed</p>
							<h2 class="mt-1 text-2xl">
								<a class="hover:underline" href="/desk/varieties/{picked.variety.id}">{picked.variety.name}</a
								>
							</h2>
							<p class="mb-2 text-soft">
								{cropWord(picked.variety.cropName)}, {picked.plotName.toLowerCase()}, {many(
									picked.plants,
									'plant'
								)}
								{picked.purpose === 'SEED' ? `for ${GRADE[picked.grade]} seed` : 'to eat'}
							</p>
							<Threats planting={picked} />
							<div class="mt-5 flex flex-wrap gap-3">
								{#if picked.purpose === 'SEED' && session.works}
									<Act key="w" main href="/walk/{picked.id}">Walk it</Act>
									<Act key="h" href="/harvest/{picked.id}">Harvest</Act>
								{/if}
								{#if session.grower}<Act key="c" href="/desk/plantings/{picked.id}">Correct</Act>{/if}
							</div>
						</section>
					{/if}
				</div>
			{/if}
		</Page>
	{/snippet}
</Loading>
