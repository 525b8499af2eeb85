<script lang="ts">
	import { page } from '$app/state';
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import NeighbourForm from '$lib/ground/NeighbourForm.svelte';
	import Plan from '$lib/ground/Plan.svelte';
	import PlotForm from '$lib/ground/PlotForm.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofVerdict } from '$lib/mark/mark';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { area } from '$lib/units/units';
	import { many } from '$lib/words/words';

	const season = $derived(Number(session.today.slice(0, 4)));
	let turn = $state(0);
	let adding = $state<'plot' | 'neighbour'>();
	let chosen = $state(page.url.searchParams.get('plot') ?? '');
	const found = $derived.by(() => {
		void turn;
		return Promise.all([
			ask(GET('/api/ground', { params: { query: { season } } })),
			ask(GET('/api/seasons/{season}', { params: { path: { season } } })),
			ask(GET('/api/crops', { params: { query: { size: 200 } } }))
		]);
	});

	function grown(plantings: Schemas['PlantingView'][]) {
		const byPlot: Record<string, { name: string; state?: ReturnType<typeof ofVerdict>['state'] }[]> = {};
		for (const planting of plantings) {
			(byPlot[planting.plotId] ??= []).push({
				name: planting.variety.name,
				state: planting.isolation ? ofVerdict(planting.isolation.verdict).state : undefined
			});
		}
		return byPlot;
	}
	function kept() {
		adding = undefined;
		turn++;
	}
	const hectares = (plots: Schemas['PlotShape'][]) =>
		plots.reduce((sum, shape) => sum + shape.plot.area, 0) / 10_000;
</script>

<Loading from={found}>
	{#snippet children([ground, view, crops])}
		{@const none = ground.plots.length === 0}
		<Page
			title="Field"
			says={none
				? 'no plot is drawn yet'
				: `${hectares(ground.plots).toFixed(1)} hectares, ${many(ground.plots.length, 'plot')}, season ${season}`}
		>
			<div
				class={[
					'grid items-start gap-x-6 gap-y-6',
					!none && 'lg:grid-cols-[minmax(0,1.75fr)_minmax(19rem,1fr)]'
				]}
			>
				{#if !none}
					<Plan {ground} grown={grown(view.plantings)} {chosen} choose={(plotId) => (chosen = plotId)} />
				{/if}
				<section class={['bg-paper p-5', !none && 'border-l-4 border-marigold', none && 'max-w-xl']}>
					{#if adding === 'neighbour'}
						<h2 class="ruled mb-4">What a neighbour grows in {season}</h2>
						<NeighbourForm {season} crops={crops.items} {kept} />
					{:else if adding === 'plot' || none}
						<h2 class="ruled mb-4">{none ? 'The first plot' : 'A new plot'}</h2>
						{#if session.grower}
							<PlotForm next="Plot {ground.plots.length + 1}" {kept} />
						{:else}
							<p>The grower draws the plots.</p>
						{/if}
					{:else}
						<div class="mb-4 flex flex-wrap gap-3">
							{#if session.grower}<Act key="n" onclick={() => (adding = 'plot')}>New plot</Act>{/if}
							{#if session.works}<Act key="o" onclick={() => (adding = 'neighbour')}>Note a neighbour</Act
								>{/if}
						</div>
						<table class="figures">
							<thead
								><tr><th scope="col">plot</th><th scope="col">this season</th><th scope="col"></th></tr
								></thead
							>
							<tbody>
								{#each ground.plots as shape (shape.plot.id)}
									{@const here = view.plantings.filter((planting) => planting.plotId === shape.plot.id)}
									<tr id="plot-{shape.plot.id}" class={[chosen === shape.plot.id && 'bg-pale']}>
										<th scope="row"
											>{shape.plot.name}<br /><span class="beside"
												>{area(shape.plot.area, session.units)}</span
											></th
										>
										<td>
											{#each here as planting (planting.id)}
												<a
													class="quiet block font-semibold"
													href="/desk?season={season}&planting={planting.id}">{planting.variety.name}</a
												>
											{:else}<span class="text-soft">free</span>{/each}
										</td>
										<td class="text-right!">
											{#each here as planting (planting.id)}
												{#if planting.isolation}<span class="block not-last:mb-1"
														><Mark {...ofVerdict(planting.isolation.verdict)} /></span
													>{/if}
											{/each}
										</td>
									</tr>
								{/each}
								{#each ground.neighbours as spot (spot.neighbour.id)}
									<tr>
										<th scope="row">{spot.neighbour.name}<br /><span class="beside">neighbour</span></th>
										<td>{crops.items.find((crop) => crop.key === spot.neighbour.cropKey)?.name}</td>
										<td class="beside text-right!">{spot.neighbour.sure ? 'sure' : 'not sure'}</td>
									</tr>
								{/each}
							</tbody>
						</table>
					{/if}
					{#if adding}<button
							type="button"
							class="mt-3 cursor-pointer underline"
							onclick={() => (adding = undefined)}>leave it</button
						>{/if}
				</section>
			</div>
		</Page>
	{/snippet}
</Loading>
