<script lang="ts">
	import { page } from '$app/state';
	import { goto } from '$app/navigation';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { Undo } from '$lib/form/undo.svelte';
	import UndoBar from '$lib/form/UndoBar.svelte';
	import { movedTo, plantOn, type Row } from '$lib/season/bedBoard';
	import BedLines from '$lib/season/BedLines.svelte';
	import DeskTabs from '$lib/season/DeskTabs.svelte';
	import { asRequest } from '$lib/season/request';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { many } from '$lib/words/words';
	import { refresh, seasonOf } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const season = $derived(seasonOf(page.url.searchParams.get('season')));
	const attempt = new Attempt();
	const undo = new Undo();

	function move(planting: Schemas['PlantingView'], row: Row, days: number) {
		const params = { path: { id: planting.id! } };
		const where = days
			? `${row.name}, ${many(Math.abs(days), 'day')} ${days > 0 ? 'later' : 'earlier'}`
			: row.name;
		void attempt.run(async () => {
			const now = await ask(
				PUT('/api/plantings/{id}', {
					params,
					body: { ...movedTo(planting, row, days), reason: `moved to ${where}` }
				})
			);
			undo.done(`Moved: ${planting.variety.name} to ${where}.`, () =>
				ask(
					PUT('/api/plantings/{id}', {
						params,
						body: { ...asRequest(planting), version: now.version, reason: 'undone' }
					})
				)
			);
			refresh();
		});
	}
</script>

<Loading from={data.found} stays>
	{#snippet children([view, ground, after])}
		<Page title="Desk" says="{many(ground.beds.length, 'bed')} on {many(ground.plots.length, 'plot')}">
			<DeskTabs {season} planned={view.seasons} />
			{#if ground.plots.length === 0}
				<p class="mb-4">No ground is drawn yet.</p>
				<a class="btn btn-primary" href="/field">Draw the first plot</a>
			{:else}
				<UndoBar {undo} {attempt} after={refresh} />
				<Trouble {attempt} labels={{ stretches: 'Beds', plotId: 'Plot', sownOn: 'Sown on' }} />
				<BedLines
					{ground}
					plantings={view.plantings}
					next={after.plantings.filter((planting) => planting.rootsFrom)}
					{season}
					today={session.today}
					move={session.grower ? move : undefined}
					plant={session.grower ? (row, from) => void goto(plantOn(row, season, from)) : undefined}
				/>
				<p class="mt-4 max-w-prose text-sm text-soft">
					From the first day on the ground to the last seed, as planned. A bed holds one planting at a time,
					and rests from a family as long as is customary. {#if session.grower}Click free ground to plant
						there; drag what is not sown yet to another bed or another day.{/if}
				</p>
			{/if}
		</Page>
	{/snippet}
</Loading>
