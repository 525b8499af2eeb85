<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { percent } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { CONTROL, many } from '$lib/words/words';
	import Population from './Population.svelte';
	import StockKept from './StockKept.svelte';
	import Threat from './Threat.svelte';

	interface Props {
		planting: Schemas['PlantingView'];
		/** What can be done about it, between the threats and the plants. */
		ways?: Snippet;
	}
	/** Threats to the purity of a planting, worst first, the ways out, and its plants. */
	let { planting, ways }: Props = $props();
	const isolation = $derived(planting.isolation);
	const open = $derived(isolation?.threats.filter((threat) => threat.verdict !== 'CLEAR') ?? []);
	const clear = $derived(isolation?.threats.filter((threat) => threat.verdict === 'CLEAR') ?? []);
	const year = $derived(String(planting.season));
</script>

{#if planting.bloom}
	<p class="text-sm text-soft">
		{#if planting.bloom.seen}
			In flower since {dayMonth(planting.bloom.first, year)}, as seen; until about {dayMonth(
				planting.bloom.last,
				year
			)}, first seed ripe about {dayMonth(planting.bloom.ripeFrom, year)}.
		{:else}
			Blooms about {dayMonth(planting.bloom.first, year)} to {dayMonth(planting.bloom.last, year)}, first seed
			ripe about {dayMonth(planting.bloom.ripeFrom, year)}: estimated from the days as they were and usually
			are, give or take {many(Math.round(planting.bloom.spreadDays), 'day')}.
		{/if}
		{#if planting.control !== 'OPEN'}<strong class="text-ink">{CONTROL[planting.control]}.</strong>{/if}
		{#if planting.dropped > 0}<strong class="text-ink">The outer rows give no seed.</strong>{/if}
	</p>
{:else if planting.purpose === 'SEED'}
	<p class="caution">
		{#if planting.cold && planting.cold.weeks < planting.cold.asked}
			It gets {planting.cold.weeks.toFixed(0)} of the {planting.cold.asked} weeks of cold it needs, and stays a
			rosette. Sow earlier, or lift the roots and keep them cold.
		{:else}
			The year’s usual warmth never brings it to flower. Raise it under glass, or earlier.
		{/if}
	</p>
{/if}

{#if isolation}
	<ul class="mt-2">
		{#each open as threat (threat.sourceId)}
			<Threat {threat} grade={planting.grade} band={isolation.band} />
		{:else}
			<li class="py-2.5">
				<Mark state="clear" label="clear" />
				<span
					>{clear.length
						? `${many(clear.length, 'planting')} could cross it, none does`
						: 'nothing known here crosses with it'}</span
				>
			</li>
		{/each}
	</ul>
	{#if clear.length > 0}
		<details class="mt-1">
			<summary class="cursor-pointer text-sm underline">
				{many(clear.length, 'other is', 'others are')} clear
			</summary>
			<ul>
				{#each clear as threat (threat.sourceId)}
					<Threat {threat} grade={planting.grade} band={isolation.band} />
				{/each}
			</ul>
		</details>
	{/if}
	{#if isolation.threats.length > 0}
		<details class="mt-1">
			<summary class="cursor-pointer text-sm text-soft underline">
				all together about {percent(isolation.crossing)}; {percent(isolation.allowed)} is allowed
			</summary>
			<p class="mt-1 text-sm text-soft">
				An estimate to compare ways on one farm, good to a factor of three. It knows your plantings and the
				neighbours you noted within reach, and takes pollen to fall off with distance. It does not know the
				wind, bees’ routes or a garden over the hill, and certifies nothing.
			</p>
		</details>
	{/if}
{/if}

{@render ways?.()}
{#if planting.population}<Population {planting} population={planting.population} />{/if}
{#if planting.stock}<StockKept {planting} stock={planting.stock} />{/if}
