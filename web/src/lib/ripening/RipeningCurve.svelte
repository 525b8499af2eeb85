<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import AcrossScale from '$lib/chart/AcrossScale.svelte';
	import Chart from '$lib/chart/Chart.svelte';
	import { daysAt, type Point } from '$lib/chart/drawing';
	import { percent } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';

	interface Props {
		watch: Schemas['RipeningWatch'];
		visits: Schemas['RipeningVisitView'][];
		/** The day to cut, and the share of the seed that gives. */
		best: { on: string; share: number };
	}
	/** How much of the seed is ripe, and how much of that still hangs, day by day. */
	let { watch, visits, best }: Props = $props();

	const days = $derived(watch.course);
	const first = $derived(daysAt(days[0].on));
	const last = $derived(daysAt(days.at(-1)!.on));
	const course = (of: 'ripe' | 'onPlants') => days.map((day): Point => [daysAt(day.on), day[of]]);
	const weeks = $derived(
		days.filter(
			(day) => (daysAt(day.on) - first) % 7 === 0 && daysAt(day.on) > first && daysAt(day.on) < last
		)
	);
	const shown = (iso: string) => daysAt(iso) >= first && daysAt(iso) <= last;
	/** What is said of the best day needs so many pixels on its right. */
	const SAID = 100;
</script>

<figure>
	<Chart
		label="Ripening, day by day"
		height={238}
		across={[first, Math.max(last, first + 1)]}
		up={[0, 1]}
		room={{ left: 8, right: 8, top: 22, bottom: 26 }}
	>
		{#snippet children(drawing)}
			{@const { x, y, width, line } = drawing}
			<polygon points={line([[first, 0], ...course('onPlants'), [last, 0]])} class="on-plants" />
			<polyline points={line(course('ripe'))} class="ripe" />
			<line x1="0" x2={width} y1={y(0)} y2={y(0)} class="ground" />
			{#each visits.filter((one) => shown(one.visitedOn)) as visit (visit.id)}
				<circle cx={x(daysAt(visit.visitedOn))} cy={y(visit.ripe / visit.lookedAt)} r="5" class="visit" />
			{/each}
			{#if shown(session.today)}
				{@const at = x(daysAt(session.today))}
				<line x1={at} x2={at} y1="-10" y2={y(0)} class="today" />
				<text x={at + 4} y="0" class="note">today</text>
			{/if}
			{#if shown(best.on)}
				{@const at = x(daysAt(best.on))}
				{@const leftward = at > width - SAID}
				<line x1={at} x2={at} y1={y(best.share)} y2={y(0)} class="best" />
				<text
					x={at + (leftward ? -4 : 4)}
					y={y(best.share) - 6}
					class="note strong"
					text-anchor={leftward ? 'end' : 'start'}>{dayMonth(best.on)}, {percent(best.share)}</text
				>
			{/if}
			<AcrossScale on={drawing} at={weeks.map(({ on }) => ({ at: daysAt(on), name: dayMonth(on) }))} />
		{/snippet}
	</Chart>
	<figcaption class="mt-1 text-sm text-soft">
		Line: ripe so far, fallen seed counted in. Filled: ripe and still on the plants if no rain comes. Flag:
		the day to cut, and what that gives. Rings: visits.
	</figcaption>
</figure>

<style>
	.on-plants {
		fill: var(--straw);
		opacity: 0.5;
	}
	.ripe {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 2;
	}
	.ground {
		stroke: var(--color-base-content);
		stroke-width: 1.5;
	}
	.visit {
		fill: var(--color-base-100);
		stroke: var(--color-base-content);
		stroke-width: 2;
	}
	.today {
		stroke: var(--color-accent);
		stroke-width: 3;
	}
	.best {
		stroke: var(--color-base-content);
		stroke-width: 2;
		stroke-dasharray: 4 3;
	}
	.note {
		font-size: 12px;
		fill: currentColor;
	}
	.strong {
		paint-order: stroke;
		stroke: var(--color-base-200);
		stroke-width: 4px;
		font-weight: 700;
		font-size: 14px;
	}
</style>
