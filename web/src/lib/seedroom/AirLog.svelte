<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import AcrossScale from '$lib/chart/AcrossScale.svelte';
	import Chart from '$lib/chart/Chart.svelte';
	import { daysAt, ends, type Point } from '$lib/chart/drawing';
	import UpScale from '$lib/chart/UpScale.svelte';
	import { temperature } from '$lib/units/units';
	import { dayMonth, inZone } from '$lib/words/dates';
	import { many } from '$lib/words/words';

	type Reading = Schemas['ShelfReadingView'];
	interface Props {
		shelf: Schemas['ShelfView'];
		readings: Reading[];
	}
	/** Warmth and humidity of a shelf over the last year. */
	let { shelf, readings }: Props = $props();
	const day = (at: string) => dayMonth(inZone(at, session.farm?.timeZone ?? 'UTC'), session.today);
	const LINES = [
		{
			what: 'warmth',
			of: (one: Reading) => one.celsius as number | undefined,
			least: 2,
			says: (value: number) => temperature(value, session.units)
		},
		{
			what: 'humidity',
			of: (one: Reading) => one.humidity,
			least: 10,
			says: (value: number) => `${Math.round(value)} %`
		}
	];
	/** What was measured twice at least is a line. */
	const lines = $derived(
		LINES.map((line) => ({
			...line,
			points: readings.flatMap((one): Point[] => {
				const value = line.of(one);
				return value === undefined ? [] : [[daysAt(one.readAt), value]];
			})
		})).filter(({ points }) => points.length > 1)
	);
	const year = $derived(ends(readings.map((one) => daysAt(one.readAt))));
	/** The first day and the last, unless all was read on one. */
	const named = $derived(
		[readings[0], readings[readings.length - 1]]
			.map((one) => ({ at: daysAt(one.readAt), name: day(one.readAt) }))
			.filter((one, i, all) => i === 0 || one.name !== all[0].name)
	);
</script>

{#if readings.length > 1}
	{#each lines as { what, points, least, says }, i (what)}
		{@const values = points.map(([, value]) => value)}
		{@const last = i === lines.length - 1}
		<Chart
			label="{what} of {shelf.name}, {many(points.length, 'reading')}; the table below has them"
			height={last ? 84 : 64}
			across={year}
			up={ends(values, least)}
			room={{ left: 56, right: 8, top: 8, bottom: last ? 24 : 8 }}
		>
			{#snippet children(drawing)}
				<UpScale on={drawing} at={[...new Set(ends(values))]} {says} lines />
				<polyline points={drawing.line(points)} class={what} />
				{#if last}
					<AcrossScale on={drawing} at={named} />
				{/if}
			{/snippet}
		</Chart>
	{/each}
	<p class="text-sm text-soft">
		{lines.map(({ what }) => what).join(' above, ')}{lines.length > 1 ? ' below' : ''}
	</p>
	<details class="mt-1 text-sm">
		<summary class="cursor-pointer underline">{many(readings.length, 'reading')}</summary>
		<table class="figures">
			<tbody>
				{#each [...readings].reverse() as one (one.id)}
					<tr
						><th scope="row">{day(one.readAt)}</th><td class="num"
							>{temperature(one.celsius, session.units)}</td
						><td class="num">{one.humidity === undefined ? '–' : `${Math.round(one.humidity)} %`}</td><td
							class="beside">{one.source}, {one.recordedBy}</td
						></tr
					>
				{/each}
			</tbody>
		</table>
	</details>
{:else}
	<p class="text-sm text-soft">
		{readings.length ? 'One reading so far.' : 'Its air has not been read yet: what is usual is taken.'}
	</p>
{/if}

<style>
	polyline {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 2;
		stroke-linejoin: round;
	}
	.humidity {
		stroke: var(--color-info);
		stroke-dasharray: 3 3;
	}
</style>
