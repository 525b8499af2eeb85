<script lang="ts">
	import { untrack } from 'svelte';
	import { page } from '$app/state';
	import { outbox } from './outbox.svelte';

	/** What was done on this page and lies on the phone still. */
	let { arrived }: { arrived: () => void } = $props();
	const mine = $derived(outbox.keptOf(page.url.pathname));
	let before = 0;
	$effect(() => {
		const now = mine.length;
		if (now < before) untrack(arrived);
		before = now;
	});
</script>

{#if mine.length}
	<section class="mb-5 border-l-4 border-line bg-paper px-4 py-2" aria-live="polite">
		<h2 class="text-base">Kept on this phone, not at the farm yet</h2>
		<ul>
			{#each mine as one (one.seq)}
				<li>
					{one.says}{#if one.state === 'refused' || one.state === 'clash'}:
						<a class="quiet font-semibold" href="/waiting">could not be kept: look at it</a>{/if}
				</li>
			{/each}
		</ul>
	</section>
{/if}
