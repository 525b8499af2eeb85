<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mustGrow, planPath } from '$lib/seedroom/regeneration';

	interface Props {
		/** The season that is looked at. */
		season: number;
		all: Schemas['RegenerationView'][];
	}
	/** What the seed store asks of the season. */
	let { season, all }: Props = $props();
	const year = Number(session.today.slice(0, 4));
	const due = $derived(all.filter((one) => mustGrow(one, season)));
</script>

{#if due.length > 0}
	<p class="mb-4">
		<b>To be grown again by {season}:</b>
		{#each due as one, i (one.varietyId)}{i ? ', ' : ' '}<a class="quiet" href={planPath(one, year)}
				>{one.variety}</a
			>{/each}. <a class="quiet" href="/seed-room/regenerate">Why</a>
	</p>
{/if}
