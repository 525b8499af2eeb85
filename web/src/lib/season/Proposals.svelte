<script lang="ts">
	import { ask, GET } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mustGrow, planPath } from '$lib/seedroom/regeneration';

	/** The season that is looked at. */
	let { season }: { season: number } = $props();
	const year = Number(session.today.slice(0, 4));
	const shown = $derived(session.grower && season >= year);
	const found = $derived(shown ? ask(GET('/api/regeneration')) : undefined);
</script>

{#if found}
	{#await found then all}
		{@const due = all.filter((one) => mustGrow(one, season))}
		{#if due.length > 0}
			<p class="mb-4">
				<b>To be grown again by {season}:</b>
				{#each due as one, i (one.varietyId)}{i ? ', ' : ' '}<a class="quiet" href={planPath(one, year)}
						>{one.variety}</a
					>{/each}. <a class="quiet" href="/seed-room/regenerate">Why</a>
			</p>
		{/if}
	{:catch}
		<!-- A proposal that cannot be looked up is none; the season stands without it. -->
	{/await}
{/if}
