<script lang="ts">
	import { page } from '$app/state';
	import { ask, GET } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import BedLines from '$lib/season/BedLines.svelte';
	import DeskTabs from '$lib/season/DeskTabs.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { many } from '$lib/words/words';

	const season = $derived(Number(page.url.searchParams.get('season')) || session.season);
	const found = $derived(
		Promise.all([
			ask(GET('/api/seasons/{season}', { params: { path: { season } } })),
			ask(GET('/api/ground', { params: { query: { season } } })),
			ask(GET('/api/seasons/{season}', { params: { path: { season: season + 1 } } }))
		])
	);
</script>

<Loading from={found}>
	{#snippet children([view, ground, after])}
		<Page title="Desk" says="{many(ground.beds.length, 'bed')} on {many(ground.plots.length, 'plot')}">
			<DeskTabs {season} planned={view.seasons} />
			{#if ground.plots.length === 0}
				<p class="mb-4">No ground is drawn yet.</p>
				<a class="btn btn-primary" href="/field">Draw the first plot</a>
			{:else}
				<BedLines
					{ground}
					plantings={view.plantings}
					next={after.plantings.filter((planting) => planting.rootsFrom)}
					{season}
					today={session.today}
				/>
				<p class="mt-4 max-w-prose text-sm text-soft">
					From the first day on the ground to the last seed, as planned. A bed holds one planting at a time,
					and rests from a family as long as is customary.
				</p>
			{/if}
		</Page>
	{/snippet}
</Loading>
