<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import type { Schemas } from '$lib/api/api';
	import AcrossScale from '$lib/chart/AcrossScale.svelte';
	import Chart from '$lib/chart/Chart.svelte';
	import UpScale from '$lib/chart/UpScale.svelte';
	import { percent } from '$lib/units/units';
	import { many, TREND } from '$lib/words/words';

	/** Off-types from generation to generation: what was found, and between which limits the truth lies. */
	let { history }: { history: Schemas['StockHistory'] } = $props();

	const seasons = $derived(history.generations);
	const most = $derived(
		Math.max(...seasons.map((one) => one.upper), ...seasons.map((one) => one.tolerance * 1.3), 0.001)
	);
	/** How far the dashes of a grade reach to each side, in seasons. */
	const REACH = 0.3;
</script>

{#if seasons.length}
	<h2 class="ruled mt-6">Off-types over the generations</h2>
	<p class="mt-2 font-bold">{TREND[history.trend]}</p>
	<div class="mt-2 max-w-2xl">
		<Chart
			label="Share of off-types by season, with 95 % limits; the table below has the figures"
			height={190}
			across={[-0.5, seasons.length - 0.5]}
			up={[0, most]}
			room={{ left: 56, right: 8, top: 12, bottom: 26 }}
		>
			{#snippet children(drawing)}
				{@const { x, y } = drawing}
				<UpScale on={drawing} at={scaleLinear([0, most], [0, 1]).ticks(3)} says={percent} lines />
				{#each seasons as one, i (one.plantingId)}
					<line
						x1={x(i - REACH)}
						x2={x(i + REACH)}
						y1={y(one.tolerance)}
						y2={y(one.tolerance)}
						class="limit"
					/>
					<line x1={x(i)} x2={x(i)} y1={y(one.lower)} y2={y(one.upper)} class="range" />
					<circle cx={x(i)} cy={y(one.share)} r="5" />
				{/each}
				<AcrossScale on={drawing} at={seasons.map((one, i) => ({ at: i, name: String(one.season) }))} />
			{/snippet}
		</Chart>
	</div>
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
