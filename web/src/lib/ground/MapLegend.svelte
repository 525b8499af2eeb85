<script lang="ts">
	import Mark from '$lib/mark/Mark.svelte';

	/** Whether there are rings round off-types on the map. */
	let { rings }: { rings: boolean } = $props();
</script>

<ul
	class="mt-3 flex flex-wrap items-center gap-x-5 gap-y-1.5 text-sm text-soft"
	aria-label="What the map shows"
>
	<li class="flex items-center gap-1.5"><Mark state="clear" label="clear" /> stays true</li>
	<li class="flex items-center gap-1.5"><Mark state="tight" label="tight" /> barely</li>
	<li class="flex items-center gap-1.5"><Mark state="crosses" label="crosses" /> would not</li>
	<li class="flex items-center gap-1.5">
		<span class="disc" aria-hidden="true"></span> in bloom that week, large at its height
	</li>
	<li class="flex items-center gap-1.5">
		<span class="disc theirs" aria-hidden="true"></span> a neighbour’s, not in bloom
	</li>
	{#if rings}<li class="flex items-center gap-1.5">
			<span class="disc ring" aria-hidden="true"></span> seed round an off-type that is kept apart or thrown away
		</li>{/if}
</ul>

<style>
	.disc {
		width: 0.9rem;
		height: 0.9rem;
		border: 1.4px solid var(--color-base-content);
		border-radius: 50%;
		background: var(--color-accent);
	}
	.theirs {
		background: var(--chaff);
	}
	.ring {
		border: 2px dashed var(--color-error);
		background: none;
	}
</style>
