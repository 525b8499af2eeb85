<script lang="ts">
	import { page } from '$app/state';
	import { session } from '$lib/api/session.svelte';
	import { fullDay } from '$lib/words/dates';
</script>

{#if session.farm?.sample}
	<p class="mb-3 border-l-4 border-marigold bg-paper px-4 py-2 md:mr-80">
		A sample farm, all made up; its day stays {fullDay(session.today)}.
		{#if session.grower && page.url.pathname !== '/farm/thrown-away'}
			<a class="inline-block underline" href="/farm/thrown-away">Throw it away and begin your own</a>
		{/if}
	</p>
{/if}
