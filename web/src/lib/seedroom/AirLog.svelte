<script lang="ts">
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { temperature } from '$lib/units/units';
	import { dayMonth, inZone } from '$lib/words/dates';
	import { many } from '$lib/words/words';

	interface Props {
		shelf: Schemas['ShelfView'];
	}
	/** Warmth and humidity of a shelf over the last year. */
	let { shelf }: Props = $props();
	const WIDTH = 520;
	const HEIGHT = 120;
	const log = $derived(ask(GET('/api/shelves/{id}/readings', { params: { path: { id: shelf.id } } })));
	const day = (at: string) => dayMonth(inZone(at, session.farm?.timeZone ?? 'UTC'), session.today);

	function scale(values: number[], least: number) {
		const [lowest, highest] = [Math.min(...values), Math.max(...values)];
		const spare = Math.max(0, least - (highest - lowest)) / 2;
		const [low, high] = [lowest - spare, highest + spare];
		return (value: number) => HEIGHT - 18 - ((value - low) / (high - low)) * (HEIGHT - 30);
	}
	function path(readings: Schemas['ShelfReadingView'][], of: 'celsius' | 'humidity') {
		const told = readings.filter((one) => one[of] !== undefined);
		if (told.length < 2) return '';
		const from = Date.parse(readings[0].readAt);
		const span = Math.max(1, Date.parse(readings[readings.length - 1].readAt) - from);
		const y = scale(
			told.map((one) => one[of]!),
			of === 'celsius' ? 4 : 20
		);
		return told
			.map(
				(one) => `${(((Date.parse(one.readAt) - from) / span) * WIDTH).toFixed(1)},${y(one[of]!).toFixed(1)}`
			)
			.join(' ');
	}
	const ends = (values: number[], says: (value: number) => string) =>
		`${says(Math.min(...values))} to ${says(Math.max(...values))}`;
</script>

{#await log then readings}
	{#if readings.length > 1}
		{@const damp = readings.filter((one) => one.humidity !== undefined)}
		<figure>
			<svg
				viewBox="0 0 {WIDTH} {HEIGHT}"
				role="img"
				aria-label="Air of {shelf.name}, {many(readings.length, 'reading')}; the table below has them"
			>
				<polyline points={path(readings, 'celsius')} class="warmth" />
				<polyline points={path(readings, 'humidity')} class="damp" />
				<text x="0" y={HEIGHT - 3}>{day(readings[0].readAt)}</text>
				<text x={WIDTH} y={HEIGHT - 3} text-anchor="end">{day(readings[readings.length - 1].readAt)}</text>
			</svg>
			<figcaption class="text-sm text-soft">
				<span class="key warm"></span>
				{ends(
					readings.map((one) => one.celsius),
					(value) => temperature(value, session.units)
				)}{#if damp.length > 1}, <span class="key dotted"></span>
					{ends(
						damp.map((one) => one.humidity!),
						(value) => `${Math.round(value)} %`
					)}{/if}; each line on its own scale
			</figcaption>
		</figure>
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
			{readings.length ? 'One reading so far.' : 'Nobody read its air yet: what is usual is taken.'}
		</p>
	{/if}
{/await}

<style>
	svg {
		width: 100%;
		max-width: 34rem;
	}
	polyline {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 2;
		stroke-linejoin: round;
	}
	.damp {
		stroke: var(--color-info);
		stroke-dasharray: 3 3;
	}
	text {
		font-size: 12px;
		fill: var(--soft);
	}
	.key {
		display: inline-block;
		width: 1.6rem;
		border-top: 2px solid var(--color-base-content);
		vertical-align: middle;
	}
	.dotted {
		border-top: 2px dashed var(--color-info);
	}
</style>
