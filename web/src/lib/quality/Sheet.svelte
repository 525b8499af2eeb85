<script lang="ts">
	import type { Snippet } from 'svelte';

	let { title, children }: { title: string; children: Snippet } = $props();
</script>

<div class="my-4 max-w-3xl border-l-4 border-marigold bg-paper p-5 text-left">
	<h3 class="mb-4 font-semibold">{title}</h3>
	{@render children()}
</div>
