<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, GET, POST, PUT, type Schemas } from '$lib/api/api';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import Corrections from '$lib/lot/Corrections.svelte';
	import PlantingForm from '$lib/season/PlantingForm.svelte';
	import Threats from '$lib/season/Threats.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { cropWord } from '$lib/words/words';

	const id = page.params.id!;
	const attempt = new Attempt();
	async function load() {
		const found = await ask(GET('/api/plantings/{id}', { params: { path: { id } } }));
		const ground = await ask(GET('/api/ground', { params: { query: { season: found.planting.season } } }));
		return { ...found, plots: ground.plots.map((shape) => shape.plot) };
	}
	const needed = load();
	const preview = new Latest<Schemas['PlantingView']>();
	const tried = (body: Schemas['PlantingRequest']) =>
		void preview.ask(ask(POST('/api/plantings/preview', { body })));
	const back = (planting: Schemas['PlantingView']) =>
		goto(`/desk?season=${planting.season}&planting=${planting.id}`);
</script>

<Loading from={needed}>
	{#snippet children({ planting, corrections, plots })}
		<Page
			title="correct {planting.variety.name}"
			room={{ name: 'Desk', path: '/desk' }}
			says={cropWord(planting.variety.cropName)}
		>
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-2">
				<PlantingForm
					{attempt}
					varieties={[]}
					{plots}
					{planting}
					{tried}
					taken={() => back(planting)}
					save={async (body) => {
						await back(await ask(PUT('/api/plantings/{id}', { params: { path: { id } }, body })));
					}}
				/>
				<section class="border-l-4 border-marigold bg-paper p-5" aria-live="polite">
					<p class="text-sm text-soft">What stands between it and true seed</p>
					{#if preview.problem}<p class="caution mt-2">{preview.problem.message}</p>{:else}<Threats
							planting={preview.answer ?? planting}
						/>{/if}
				</section>
			</div>
			<Corrections {corrections} />
		</Page>
	{/snippet}
</Loading>
