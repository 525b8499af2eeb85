<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
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

	const W = 640;
	const H = 220;
	const days = $derived(watch.course);
	const number = (iso: string) => Date.parse(iso) / 86_400_000;
	const first = $derived(number(days[0].on));
	const last = $derived(number(days.at(-1)!.on));
	const x = (iso: string) => 8 + ((W - 16) * (number(iso) - first)) / Math.max(1, last - first);
	const y = (share: number) => H - 8 - (H - 30) * share;
	const line = (of: 'ripe' | 'onPlants') => days.map((day) => `${x(day.on)},${y(day[of])}`).join(' ');
	const weeks = $derived(
		days.filter(
			(day) => (number(day.on) - first) % 7 === 0 && number(day.on) > first && number(day.on) < last
		)
	);
	/** Whether what is said of the best day would not fit on its right. */
	const leftward = $derived(x(best.on) > W - 100);
	const shown = (iso: string) => number(iso) >= first && number(iso) <= last;
</script>

<figure>
	<svg viewBox="0 0 {W} {H + 18}" class="block w-full" role="img" aria-label="Ripening, day by day">
		<polygon
			points="{x(days[0].on)},{y(0)} {line('onPlants')} {x(days.at(-1)!.on)},{y(0)}"
			class="on-plants"
		/>
		<polyline points={line('ripe')} class="ripe" />
		<line x1="8" x2={W - 8} y1={y(0)} y2={y(0)} class="ground" />
		{#each visits.filter((one) => shown(one.visitedOn)) as visit (visit.id)}
			<circle cx={x(visit.visitedOn)} cy={y(visit.ripe / visit.lookedAt)} r="5" class="visit" />
		{/each}
		{#if shown(session.today)}
			<line x1={x(session.today)} x2={x(session.today)} y1="12" y2={y(0)} class="today" />
			<text x={x(session.today) + 4} y="22" class="note">today</text>
		{/if}
		{#if shown(best.on)}
			<line x1={x(best.on)} x2={x(best.on)} y1={y(best.share)} y2={y(0)} class="best" />
			<text
				x={x(best.on) + (leftward ? -4 : 4)}
				y={y(best.share) - 6}
				class="note strong"
				text-anchor={leftward ? 'end' : 'start'}>{dayMonth(best.on)}, {percent(best.share)}</text
			>
		{/if}
		{#each weeks as week (week.on)}
			<text x={x(week.on)} y={H + 12} class="note" text-anchor="middle">{dayMonth(week.on)}</text>
		{/each}
	</svg>
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
