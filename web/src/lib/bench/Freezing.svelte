<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { tenth } from '$lib/units/units';
	import { inZone, moment } from '$lib/words/dates';

	/** Seed in the freezer: how many days it still needs. */
	let { freezing }: { freezing: Schemas['Freezing'] } = $props();
	const until = $derived(inZone(freezing.until, session.farm?.timeZone ?? 'UTC'));
</script>

<p class="mt-1 text-xl font-bold">
	{#if freezing.days >= freezing.needed}
		Long enough: {tenth(freezing.days)} days, {freezing.needed} are needed
	{:else}
		{tenth(freezing.days)} of {freezing.needed} days, until {moment(until, session.now)}
	{/if}
</p>
{#if freezing.days < freezing.needed}
	<p class="caution mt-2">
		Taken out before, weevils and what they laid may live on: it is frozen anew then.
	</p>
{/if}
<p class="mt-2 text-sm">Let it come to the warmth of the room closed, or water settles on the seed.</p>
