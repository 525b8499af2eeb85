<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mass, percent } from '$lib/units/units';
	import YieldBar from './YieldBar.svelte';

	/** What came of all that was picked, through the lots it was transferred to. */
	let { gave }: { gave: Schemas['PickingView'] } = $props();
</script>

{#if gave.yield}
	<YieldBar result={gave.yield} />
{:else}
	<p>
		<strong class="text-xl">{mass(gave.clean, session.units)}</strong> of clean seed so far; {percent(
			gave.waiting
		)}
		of what was picked is not clean yet.
	</p>
{/if}
<p class="text-sm">
	Its seed is in {#each gave.into as number, i (number)}{i
			? i === gave.into.length - 1
				? ' and '
				: ', '
			: ''}<a class="quiet font-mono" href="/lot/{number}">{number}</a>{/each}.
</p>
