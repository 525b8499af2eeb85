<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import Chart from '$lib/chart/Chart.svelte';
	import { daysAt } from '$lib/chart/drawing';
	import UpScale from '$lib/chart/UpScale.svelte';

	interface Props {
		keeping: Schemas['KeepingView'];
		today: string;
		/** With room for its figures. */
		large?: boolean;
	}
	/** How a lot's germination should go: the dot is today, the dotted line what its grade needs. */
	let { keeping, today, large = false }: Props = $props();
	const LOW = 40;
	const last = $derived(keeping.curve[keeping.curve.length - 1].on);
	const now = $derived(daysAt(today));
</script>

<Chart
	height={large ? 110 : 40}
	across={[daysAt(keeping.curve[0].on), daysAt(last)]}
	up={[LOW, 100]}
	room={{ left: large ? 44 : 6, right: 6, top: large ? 8 : 4, bottom: large ? 8 : 4 }}
>
	{#snippet children(drawing)}
		{@const { x, y, width, line } = drawing}
		{@const needed = y(keeping.standard)}
		<line x1={large ? 0 : -6} x2={width + 6} y1={needed} y2={needed} class="standard" />
		{#if large}
			<UpScale on={drawing} at={[100, keeping.standard, LOW]} says={(percent) => `${percent} %`} />
		{/if}
		<polyline
			points={line(keeping.curve.map(({ on, percent }) => [daysAt(on), Math.max(LOW, percent)]))}
			class="course"
		/>
		<line
			x1={x(now)}
			x2={x(now)}
			y1={y(Math.max(LOW, keeping.now.lower))}
			y2={y(Math.max(LOW, keeping.now.upper))}
			class="range"
		/>
		<circle cx={x(now)} cy={y(Math.max(LOW, keeping.now.middle))} r="5" class="now" />
	{/snippet}
</Chart>

<style>
	.course {
		fill: none;
		stroke: currentColor;
		stroke-width: 2;
	}
	.range {
		stroke: currentColor;
		stroke-width: 1.5;
	}
	.standard {
		stroke: var(--color-error);
		stroke-dasharray: 2 3;
		stroke-width: 1.5;
	}
	.now {
		fill: var(--color-accent);
		stroke: currentColor;
	}
	:global(.held) .standard {
		stroke: currentColor;
	}
</style>
