<script lang="ts">
	import type { Schemas } from '$lib/api/api';

	interface Props {
		keeping: Schemas['KeepingView'];
		today: string;
		width?: number;
		height?: number;
	}
	/** How a lot's germination should go: the dot is today, the dotted line what its grade needs. */
	let { keeping, today, width = 140, height = 40 }: Props = $props();
	const LOW = 40;
	const days = (day: string) => Date.parse(day) / 86_400_000;
	const first = $derived(days(keeping.curve[0].on));
	const span = $derived(Math.max(1, days(keeping.curve[keeping.curve.length - 1].on) - first));
	const left = $derived(height > 60 ? 38 : 6);
	const x = (day: string) => left + ((days(day) - first) / span) * (width - left - 6);
	const y = (percent: number) => 4 + ((100 - Math.max(LOW, percent)) / (100 - LOW)) * (height - 8);
	const points = $derived(
		keeping.curve.map(({ on, percent }) => `${x(on).toFixed(1)},${y(percent).toFixed(1)}`).join(' ')
	);
</script>

<svg viewBox="0 0 {width} {height}" aria-hidden="true">
	<line x1="0" x2={width} y1={y(keeping.standard)} y2={y(keeping.standard)} class="standard" />
	{#if height > 60}
		<text x="2" y={y(100) + 8}>100 %</text>
		<text x="2" y={y(keeping.standard) - 4}>{keeping.standard} %</text>
		<text x="2" y={y(LOW) - 1}>{LOW} %</text>
	{/if}
	<polyline {points} class="course" />
	<line x1={x(today)} x2={x(today)} y1={y(keeping.now.lower)} y2={y(keeping.now.upper)} class="range" />
	<circle cx={x(today)} cy={y(keeping.now.middle)} r="5" class="now" />
</svg>

<style>
	svg {
		width: 100%;
	}
	text {
		font-size: 10px;
		fill: var(--soft);
	}
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
