<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import Corrections from '$lib/lot/Corrections.svelte';
	import PlantingForm from '$lib/season/PlantingForm.svelte';
	import { asRequest } from '$lib/season/request';
	import Threats from '$lib/season/Threats.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { cropWord } from '$lib/words/words';
	import type { PageProps } from './$types';

	let { data, params }: PageProps = $props();

	const attempt = new Attempt();
	const scheme = page.url.searchParams.get('scheme') ?? undefined;
	const preview = new Latest<Schemas['PlantingView']>();
	const tried = (planting: Schemas['PlantingRequest']) =>
		void preview.ask(
			ask(
				POST('/api/plantings/{id}/tried', { params: { path: { id: params.id } }, body: { planting } })
			).then(([itself]) => itself)
		);
	const back = (planting: Schemas['PlantingView']) =>
		goto(
			scheme
				? `/desk/what-if?season=${planting.season}&scheme=${scheme}`
				: `/desk?season=${planting.season}&planting=${planting.id}`
		);
	const standingOn = new Attempt();
	const standsOn = (planting: Schemas['PlantingView']) =>
		void standingOn.run(async () => {
			const body = { ...asRequest(planting), season: planting.season + 1, version: undefined };
			const kept = await ask(POST('/api/plantings', { body }));
			await goto(`/desk?season=${kept.season}&planting=${kept.id}`);
		});
	const givingUp = new Attempt();
	let why = $state('');

	function giveUp(planting: Schemas['PlantingView']) {
		void givingUp.run(async () => {
			await ask(
				POST('/api/plantings/{id}/given-up', {
					params: { path: { id: params.id } },
					body: { version: planting.version, reason: why, givenUp: true }
				})
			);
			await back({ ...planting, id: undefined });
		});
	}
</script>

<Loading from={data.found} stays>
	{#snippet children({ planting, corrections, plots, beds })}
		<Page
			of={planting.variety.name}
			title="change {planting.variety.name}"
			room={{ name: 'Desk', path: '/desk' }}
			says={cropWord(planting.variety.cropName)}
		>
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-2">
				<PlantingForm
					{attempt}
					varieties={[]}
					{plots}
					{beds}
					refused={preview.problem?.field}
					schemeId={scheme}
					{planting}
					{tried}
					taken={() => back(planting)}
					save={async (body) => {
						await back(await ask(PUT('/api/plantings/{id}', { params: { path: { id: params.id } }, body })));
					}}
				/>
				<section class="border-l-4 border-marigold bg-paper p-5" aria-live="polite">
					<p class="text-sm text-soft">Threats to purity</p>
					{#if preview.problem}<p class="caution mt-2">{preview.problem.message}</p>{:else}<Threats
							planting={preview.answer ?? planting}
						/>{/if}
				</section>
			</div>
			{#if planting.variety.lifeCycle === 'PERENNIAL' && !scheme}
				<section class="mt-8 max-w-xl">
					<h2 class="ruled mb-3">Keep the plants another year</h2>
					<p class="mb-3">
						Perennial plants stand where they are; each season has its own plan, so that its neighbours are
						looked at again.
					</p>
					<Trouble attempt={standingOn} labels={{}} />
					<Act onclick={() => standsOn(planting)} disabled={standingOn.busy}
						>They stand on in {planting.season + 1}</Act
					>
				</section>
			{/if}
			<section class="mt-8 max-w-xl">
				<h2 class="ruled mb-3">Remove from the plan</h2>
				<TextField
					label="Why it is given up"
					name="why"
					attempt={givingUp}
					bind:value={why}
					hint="it stays recorded, out of sight"
				/>
				<div class="mt-3 grid gap-3">
					<Trouble attempt={givingUp} labels={{ reason: 'Why it is given up' }} />
					<div><Act onclick={() => giveUp(planting)} disabled={givingUp.busy}>Give it up</Act></div>
				</div>
			</section>
			<Corrections {corrections} />
		</Page>
	{/snippet}
</Loading>
