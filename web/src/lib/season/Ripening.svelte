<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofRipens } from '$lib/mark/mark';
	import { dayMonth } from '$lib/words/dates';

	interface Props {
		ripens: Schemas['Ripens'];
		/** Of the planting. */
		year: string;
	}
	/** Whether the seed ripens here, and what ends it. */
	let { ripens, year }: Props = $props();
	const inTen = $derived(Math.round(ripens.chance * 10));
	const what = $derived(ripens.cause === 'COLD' ? 'it is usually too cold to ripen' : 'frost usually comes');
</script>

<h3 class="ruled mt-5 font-bold">Will it ripen?</h3>
<p class="mt-2">
	<Mark {...ofRipens(ripens.mark)} />
	{#if ripens.cause === 'SPRING_FROST' && ripens.ends}
		It stands in the open before the last frost, usually {dayMonth(ripens.ends, year)}: shelter it, or set it
		out later.
	{:else if !ripens.ripe && ripens.ends}
		From about {dayMonth(ripens.ends, year)} {what}, before it flowers. Sow it earlier, or under glass.
	{:else if ripens.ripe && ripens.ends}
		Half of its seed is ripe about {dayMonth(ripens.ripe, year)}; from about {dayMonth(ripens.ends, year)}
		{what}. Ripe before that in about {inTen} of 10 years.
	{:else if ripens.ripe}
		Half of its seed is ripe about {dayMonth(ripens.ripe, year)}; neither frost nor cold ends it before.
	{/if}
	{#if ripens.mark === 'WILL_NOT'}
		<strong>Days that cannot be clear nothing.</strong>
	{/if}
	<span class="beside block"
		>from usual warmth and frost; a wet autumn ends it sooner, shelter later; fruit picked whole may ripen on
		under cover</span
	>
</p>
