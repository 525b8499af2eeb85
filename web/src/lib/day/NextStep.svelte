<script lang="ts">
	import { page } from '$app/state';
	import { session } from '$lib/api/session.svelte';
	import { beginning } from './beginning.svelte';
	import { next, ways } from './firstLot';

	/** What comes next for the first lot, on every page but the one where it is done. */
	const now = $derived(beginning.on ? next(ways(beginning.first!, session.today)) : undefined);
	const there = $derived(now?.path?.split('?')[0] === page.url.pathname || page.url.pathname === '/today');
</script>

{#if now?.path && !there && session.works}
	<p class="mb-3 border-l-4 border-marigold bg-paper px-4 py-2 md:mr-80">
		<span class="text-soft">Next for your first lot:</span>
		<a class="quiet font-semibold" href={now.path}>{now.what.toLowerCase()}</a>{#if now.when}
			<span class="text-soft">{now.when}</span>{/if}
	</p>
{/if}
