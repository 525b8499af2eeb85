<script lang="ts">
	import Act from './Act.svelte';
	import type { Attempt } from './attempt.svelte';
	import type { Undo } from './undo.svelte';

	/** What was just done, with the way back; in sight however far down the page it was done. */
	let { undo, attempt, after }: { undo: Undo; attempt: Attempt; after: () => void } = $props();

	function back() {
		void attempt.run(async () => {
			await undo.back();
			after();
		});
	}
</script>

<div aria-live="polite" class="sticky top-2 z-20">
	{#if undo.says}
		<p class="mb-4 flex flex-wrap items-center gap-3 border border-ink bg-paper px-3 py-2">
			<span>{undo.says}</span>
			<Act key="u" onclick={back} disabled={attempt.busy}>Undo</Act>
		</p>
	{/if}
</div>
