<script lang="ts">
	import { scaleLinear, scalePoint } from 'd3-scale';
	import type { Schemas } from '$lib/api/api';
	import { percent } from '$lib/units/units';
	import { many, TREND } from '$lib/words/words';

	/** Off-types from generation to generation: what was found, and between which limits the truth lies. */
	let { history }: { history: Schemas['StockHistory'] } = $props();

	const WIDTH = 620;
	const HEIGHT = 190;
	const LEFT = 56;
	const seasons = $derived(history.generations);
	const most = $derived(
		Math.max(...seasons.map((one) => one.upper), ...seasons.map((one) => one.tolerance * 1.3), 0.001)
	);
	const across = $derived(
		scalePoint(
			seasons.map((one) => one.plantingId),
			[LEFT + 20, WIDTH - 20]
		).padding(0.4)
	);
	const up = $derived(scaleLinear([0, most], [HEIGHT - 26, 12]));
	const at = (id: string) => across(id) ?? 0;
</script>

{#if seasons.length}
	<h2 class="ruled mt-6">Off-types over the generations</h2>
	<p class="mt-2 font-bold">{TREND[history.trend]}</p>
	<svg
		viewBox="0 0 {WIDTH} {HEIGHT}"
		class="mt-2 w-full max-w-2xl"
		role="img"
		aria-label="Share of off-types by season, with 95 % limits; the table below has the figures"
	>
		{#each up.ticks(3) as tick (tick)}
			<line x1={LEFT} x2={WIDTH} y1={up(tick)} y2={up(tick)} class="grid-line" />
			<text x={LEFT - 8} y={up(tick) + 4} text-anchor="end">{percent(tick)}</text>
		{/each}
		{#each seasons as one (one.plantingId)}
			<line
				x1={at(one.plantingId) - 26}
				x2={at(one.plantingId) + 26}
				y1={up(one.tolerance)}
				y2={up(one.tolerance)}
				class="limit"
			/>
			<line
				x1={at(one.plantingId)}
				x2={at(one.plantingId)}
				y1={up(one.lower)}
				y2={up(one.upper)}
				class="range"
			/>
			<circle cx={at(one.plantingId)} cy={up(one.share)} r="5" />
			<text x={at(one.plantingId)} y={HEIGHT - 6} text-anchor="middle">{one.season}</text>
		{/each}
	</svg>
	<p class="text-sm text-soft">
		Dot: share found. Bar: where the truth lies, at 95 %. Dashes: what the grade lets pass. Only years in
		which the same eye looked for the same things are alike.
	</p>
	<table class="figures mt-2 max-w-3xl">
		<thead>
			<tr>
				<th scope="col">season</th><th scope="col">stage</th><th scope="col" class="text-right!">looked at</th
				><th scope="col" class="text-right!">off</th><th scope="col" class="text-right!">share</th><th
					scope="col"
					class="text-right!">between</th
				>
			</tr>
		</thead>
		<tbody>
			{#each seasons as one (one.plantingId)}
				<tr>
					<th scope="row"><a class="quiet" href="/walk/{one.plantingId}">{one.season}</a></th>
					<td>{one.stage}</td>
					<td class="num">{many(one.lookedAt, 'plant')}</td>
					<td class="num">{one.offTypes}</td>
					<td class="num">{percent(one.share)}</td>
					<td class="num">{percent(one.lower)} and {percent(one.upper)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}

<style>
	svg text {
		font-size: 13px;
		fill: var(--soft);
	}
	.grid-line {
		stroke: var(--color-base-300);
	}
	.limit {
		stroke: var(--color-error);
		stroke-width: 2;
		stroke-dasharray: 6 4;
	}
	.range {
		stroke: var(--color-base-content);
		stroke-width: 3;
	}
	circle {
		fill: var(--color-base-content);
	}
</style>
