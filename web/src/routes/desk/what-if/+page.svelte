<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { groups } from '$lib/bloom/bloom';
	import BloomLines from '$lib/bloom/BloomLines.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { Undo } from '$lib/form/undo.svelte';
	import UndoBar from '$lib/form/UndoBar.svelte';
	import Chosen from '$lib/season/Chosen.svelte';
	import Compared from '$lib/season/Compared.svelte';
	import DeskTabs from '$lib/season/DeskTabs.svelte';
	import { asked } from '$lib/season/questions';
	import { looked } from '$lib/season/looked';
	import { otherwise } from '$lib/season/request';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { cropWord, listed } from '$lib/words/words';
	import { refresh, seasonOf } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type Planting = Schemas['PlantingView'];
	const season = $derived(seasonOf(page.url.searchParams.get('season')));
	let chosen = $state('');
	let tried = $state.raw<Planting[]>();
	let typed = $state('');
	const attempt = new Attempt();
	const undo = new Undo();

	function make(name: string, without: string[] = []) {
		void attempt.run(async () => {
			const made = await ask(POST('/api/schemes', { body: { name, season, without } }));
			typed = '';
			await goto(`/desk/what-if?season=${season}&scheme=${made.id}`);
		});
	}
	function end(how: 'kept' | 'dropped', { id, version }: Schemas['SchemeView']) {
		const params = { path: { id } };
		const body = { version };
		void attempt.run(async () => {
			if (how === 'kept') await ask(POST('/api/schemes/{id}/kept', { params, body }));
			else await ask(POST('/api/schemes/{id}/dropped', { params, body }));
			await goto(how === 'kept' ? `/desk?season=${season}` : `/desk/what-if?season=${season}`);
		});
	}
</script>

<Loading from={data.found} stays>
	{#snippet children([view, ground, compared])}
		<Page
			title="Desk"
			says={compared ? `what if: ${compared.scheme.name}` : `what if ${season} were planned otherwise?`}
		>
			<DeskTabs {season} planned={view.seasons} />
			<UndoBar {undo} {attempt} after={refresh} />
			{#if compared}
				{@const picked =
					compared.plantings.find((one) => one.id === chosen) ??
					compared.plantings.find((one) => one.isolation?.verdict === 'CROSSES') ??
					compared.plantings[0]}
				<Compared {compared} />
				<div class="my-4 flex flex-wrap gap-3">
					{#if session.grower}
						<Act key="m" main onclick={() => end('kept', compared.scheme)} disabled={attempt.busy}
							>Make it the plan</Act
						>
						<Act key="n" href="/desk/plantings/new?season={season}&scheme={compared.scheme.id}"
							>New planting in it</Act
						>
						<Act key="x" onclick={() => end('dropped', compared.scheme)} disabled={attempt.busy}>Drop it</Act>
					{/if}
					<Act href="/desk/what-if?season={season}">Other schemes</Act>
				</div>
				<Trouble {attempt} labels={{}} />
				<div
					class="grid items-start gap-x-8 gap-y-8 lg:grid-cols-[minmax(0,1.4fr)_minmax(19rem,1fr)] xl:grid-cols-[minmax(0,1.75fr)_minmax(22rem,1fr)]"
				>
					<BloomLines
						groups={groups(otherwise(compared.plantings, tried), ground.neighbours)}
						{season}
						today={session.today}
						chosen={picked?.id}
						changed={tried?.map((planting) => planting.id ?? '')}
						choose={(id) => {
							tried = undefined;
							chosen = id;
						}}
					/>
					{#if picked?.id}
						{#key data.found}{#key picked.id}
								<Loading from={looked(picked.id, compared.scheme.id)}>
									{#snippet children([found, looks])}
										<Chosen
											{found}
											{looks}
											{season}
											scheme={compared.scheme.id}
											plantings={compared.plantings}
											tried={(plantings) => (tried = plantings)}
											kept={refresh}
											{undo}
										/>
									{/snippet}
								</Loading>
							{/key}{/key}
					{/if}
				</div>
			{:else}
				{@const questions = asked(view.plantings)}
				<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
					<section>
						<h2 class="ruled">What the plan itself asks</h2>
						<ul>
							{#each questions as { of, crossed } (of.id)}
								<li
									class="flex flex-wrap items-center justify-between gap-x-6 gap-y-2 border-b border-line py-3"
								>
									<div class="min-w-0">
										<p class="text-lg font-bold">
											What if {of.variety.name}
											{cropWord(of.variety.cropName)} were not grown?
										</p>
										<p class="text-sm text-soft">
											{listed(crossed.map((one) => `${one.variety.name} ${cropWord(one.variety.cropName)}`))}
											{crossed.length === 1 ? 'crosses' : 'cross'} with it as planned.
										</p>
									</div>
									{#if session.grower}
										<Act disabled={attempt.busy} onclick={() => make(`without ${of.variety.name}`, [of.id!])}
											>Try it</Act
										>
									{/if}
								</li>
							{:else}
								<li class="py-3 text-soft">
									{view.plantings.length
										? `Nothing planned for ${season} crosses with anything else of the farm.`
										: `Nothing is planned for ${season} yet.`}
								</li>
							{/each}
						</ul>
					</section>
					<div class="grid gap-8">
						<section>
							<h2 class="ruled mb-3">Schemes for {season}</h2>
							{#each view.schemes as open (open.id)}
								<p class="border-b border-line py-2">
									<a class="quiet font-semibold" href="/desk/what-if?season={season}&scheme={open.id}"
										>{open.name}</a
									>
								</p>
							{:else}
								<p class="text-soft">
									A scheme is a copy of the season’s plan. Change it as you like, see what it would do to
									threats, plants and hours beside the plan, then make it the plan or drop it.
								</p>
							{/each}
						</section>
						{#if session.grower}
							<form
								class="grid content-start gap-4"
								onsubmit={(event) => {
									event.preventDefault();
									make(typed);
								}}
							>
								<TextField
									label="Another question"
									name="name"
									{attempt}
									bind:value={typed}
									hint="such as: the kale on plot 7"
								/>
								<Trouble {attempt} labels={{ name: 'Another question' }} />
								<div><Act main type="submit" disabled={attempt.busy}>Copy the plan</Act></div>
							</form>
						{/if}
					</div>
				</div>
			{/if}
		</Page>
	{/snippet}
</Loading>
