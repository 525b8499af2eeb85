<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, GET, POST, type Schemas } from '$lib/api/api';
	import { seasonOf } from '$lib/api/records';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import PlantingForm from '$lib/season/PlantingForm.svelte';
	import Threats from '$lib/season/Threats.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Marks from '$lib/season/Marks.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const attempt = new Attempt();
	const scheme = page.url.searchParams.get('scheme') ?? undefined;
	const season = seasonOf(page.url.searchParams.get('season'));
	const preview = new Latest<Schemas['PlantingView']>();
	const tried = (body: Schemas['PlantingRequest']) =>
		void preview.ask(ask(POST('/api/plantings/preview', { body })));
</script>

<Page title="new planting" room={{ name: 'Desk', path: '/desk' }}>
	<Loading from={data.found} stays>
		{#snippet children([varieties, ground])}
			{#if ground.plots.length === 0}
				<p class="mb-4">A planting needs a place first.</p>
				<a class="btn btn-primary" href="/field">Draw the first plot</a>
			{:else if varieties.items.length === 0}
				<p class="mb-4">A planting needs a variety first.</p>
				<a class="btn btn-primary" href="/desk/varieties/new">Name the first variety</a>
			{:else}
				<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
					<PlantingForm
						{attempt}
						{season}
						varieties={varieties.items}
						plots={ground.plots.map((shape) => shape.plot)}
						beds={ground.beds.map((shape) => shape.bed)}
						refused={preview.problem?.field}
						schemeId={scheme}
						variety={page.url.searchParams.get('variety') ?? ''}
						place={{
							plot: page.url.searchParams.get('plot') ?? '',
							bed: page.url.searchParams.get('bed') ?? '',
							from: page.url.searchParams.get('from') ?? ''
						}}
						grow={page.url.searchParams.get('plants') ?? ''}
						{tried}
						propose={(id, year, grade) =>
							ask(
								GET('/api/varieties/{id}/proposed', {
									params: { path: { id }, query: { season: year, grade } }
								})
							)}
						save={async (body) => {
							const kept = await ask(POST('/api/plantings', { body }));
							await goto(
								scheme
									? `/desk/what-if?season=${kept.season}&scheme=${scheme}`
									: `/desk?season=${kept.season}&planting=${kept.id}`
							);
						}}
					/>
					<section class="border-l-4 border-marigold bg-paper p-5" aria-live="polite">
						<p class="text-sm text-soft">Threats to purity</p>
						{#if preview.answer}
							<h2 class="my-1 flex flex-wrap items-baseline gap-3 text-2xl">
								{preview.answer.variety.name}
								<Marks planting={preview.answer} />
							</h2>
							<Threats planting={preview.answer} />
						{:else if preview.problem}
							<p class="caution mt-2">{preview.problem.message}</p>
						{:else}
							<p class="mt-2">
								Choose variety, plot, day and plants: distances, bloom and plants are estimated as you type,
								before anything is kept.
							</p>
						{/if}
					</section>
				</div>
			{/if}
		{/snippet}
	</Loading>
</Page>
