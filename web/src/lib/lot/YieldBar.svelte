<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mass, percent } from '$lib/units/units';

	/** What a lot gave, as a tick on the usual range of its crop. */
	let { result }: { result: Schemas['LotYield'] } = $props();
	const top = $derived(Math.max(result.usualShare.high * 1.6, result.share * 1.1));
	const at = (share: number) => `${Math.min(100, (share / top) * 100)}%`;
	const MARK = { BELOW_USUAL: 'below', USUAL: 'within', ABOVE_USUAL: 'above' };
</script>

<p>
	<strong class="text-xl">{percent(result.share)}</strong> of what was picked is clean seed,
	<span class={[result.mark !== 'USUAL' && 'font-bold']}
		>{MARK[result.mark]} the usual {percent(result.usualShare.low)} to {percent(result.usualShare.high)}</span
	>.
</p>
<div class="bar" aria-hidden="true">
	<span
		class="usual"
		style:left={at(result.usualShare.low)}
		style:width={at(result.usualShare.high - result.usualShare.low)}
	></span>
	<span class="tick" style:left={at(result.share)}></span>
</div>
<p class="text-sm text-soft">
	{mass(result.perPlant, session.units)} a plant; usual {mass(result.usualPerPlant.low, session.units)} to {mass(
		result.usualPerPlant.high,
		session.units
	)}. The usual ranges are of low certainty.
</p>

<style>
	.bar {
		position: relative;
		height: 12px;
		background: var(--chaff);
		margin: 0.6rem 0 0.4rem;
	}
	.usual {
		position: absolute;
		inset-block: 0;
		background: var(--straw);
	}
	.tick {
		position: absolute;
		inset-block: -5px;
		width: 4px;
		margin-left: -2px;
		background: var(--color-base-content);
	}
</style>
