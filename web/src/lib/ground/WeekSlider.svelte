<script lang="ts">
	import { dayAfter, dayMonth } from '$lib/words/dates';

	interface Props {
		/** First day of the season's first week. */
		begins: string;
		/** Number of plantings and neighbours in bloom in each week of the season. */
		counts: number[];
		week: number;
	}
	/** A slider through the weeks of a season, over how much is in bloom in each. */
	let { begins, counts, week = $bindable() }: Props = $props();
	const most = $derived(Math.max(1, ...counts));
	const first = $derived(dayAfter(begins, 7 * week));
</script>

<div class="mt-3">
	<label for="week" class="flex flex-wrap items-baseline justify-between gap-x-4 font-semibold">
		<span>Week of {dayMonth(first)}</span>
		<span class="text-sm font-normal text-soft">{counts[week] ?? 0} in bloom</span>
	</label>
	<svg
		viewBox="0 0 {counts.length * 10} 30"
		preserveAspectRatio="none"
		class="block h-8 w-full"
		aria-hidden="true"
	>
		{#each counts as count, i (i)}
			<rect
				x={i * 10 + 1}
				y={30 - (28 * count) / most}
				width="8"
				height={(28 * count) / most}
				class={i === week ? 'now' : 'bar'}
			/>
		{/each}
		<line x1="0" y1="29.5" x2={counts.length * 10} y2="29.5" />
	</svg>
	<input
		id="week"
		type="range"
		class="w-full"
		min="0"
		max={counts.length - 1}
		bind:value={week}
		aria-valuetext="week of {dayMonth(first)}, {counts[week] ?? 0} in bloom"
	/>
</div>

<style>
	.bar {
		fill: var(--color-accent);
	}
	.now {
		fill: var(--color-base-content);
	}
	line {
		stroke: var(--color-base-content);
	}
	input {
		accent-color: var(--color-base-content);
	}
</style>
