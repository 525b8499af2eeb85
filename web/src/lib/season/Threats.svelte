<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { session } from '$lib/api/session.svelte';
	import { distance, percent, whole } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { CONTROL, many } from '$lib/words/words';
	import Population from './Population.svelte';
	import Ripening from './Ripening.svelte';
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
	const adding = $derived(isolation?.threats.filter((threat) => threat.crossing > 0) ?? []);
	const nearest = $derived(Math.min(...adding.map((threat) => threat.metres)));
	const year = $derived(String(planting.season));
</script>

{#if !planting.bloom && planting.purpose === 'SEED'}
	<p class="caution">
		{#if planting.cold && planting.cold.weeks < planting.cold.asked}
			It gets {planting.cold.weeks.toFixed(0)} of the {planting.cold.asked} weeks of cold it needs, and stays a
			rosette. Sow earlier, or lift the roots and keep them cold.
		{:else if planting.ripens}
			{planting.ripens.cause === 'COLD' ? 'It is usually too cold' : 'Frost usually comes'} before it flowers.
		{:else}
			The year’s usual warmth never brings it to flower. Raise it under glass, or earlier.
		{/if}
	</p>
{/if}

{#if isolation}
	{#if isolation.threats.length > 0}
		<p class="mt-2">
			All together about <strong>{percent(isolation.crossing)}</strong> of the seed would be crossed, between {percent(
				isolation.crossing / isolation.band
			)} and {percent(Math.min(1, isolation.crossing * isolation.band))}{adding.length > 1
				? `: ${many(adding.length, 'source')} from ${distance(nearest, session.units)} on`
				: ''}. {percent(isolation.allowed)} is allowed.
			{#if isolation.unkept > isolation.crossing}
				Were no promise kept: {percent(isolation.unkept)}.
			{/if}
		</p>
	{/if}
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
			<summary class="cursor-pointer text-sm text-soft underline">how this is estimated</summary>
			<p class="mt-1 text-sm text-soft">
				A large field in bloom with it would cross {#each isolation.falls as fall, i (fall.metres)}{i > 0
						? ', '
						: ''}{percent(fall.share)}
					{fall.metres === 0 ? 'beside it' : `from ${distance(fall.metres, session.units)}`}{/each}, through
				the distances its grades need; a smaller one its share of the flowers. What blooms only partly with it
				counts by the most flowers they can share, whenever between its first and last flower it blooms
				fullest, over all that unsure dates may be.
			</p>
			<p class="mt-1 text-sm text-soft">
				An estimate to compare ways on one farm, good to a factor of three. It knows your plantings and the
				neighbours you noted within reach, and takes pollen to fall off with distance. It does not know the
				wind, bees’ routes, a garden over the hill or what comes up by itself where no seed crop stands, and
				certifies nothing.
			</p>
		</details>
	{/if}
{/if}

{@render ways?.()}
{#if planting.bloom}
	<p class="mt-5 text-sm text-soft">
		{#if planting.bloom.seen}
			In flower since {dayMonth(planting.bloom.first, year)}, as seen; until about {dayMonth(
				planting.bloom.last,
				year
			)}, first seed ripe about {dayMonth(planting.bloom.ripeFrom, year)}.
		{:else}
			Blooms about {dayMonth(planting.bloom.first, year)} to {dayMonth(planting.bloom.last, year)}, first seed
			ripe about {dayMonth(planting.bloom.ripeFrom, year)}: estimated from the days as they were and usually
			are, give or take {many(Math.round(planting.bloom.firstSpreadDays), 'day')} at its beginning and {Math.round(
				planting.bloom.lastSpreadDays
			)} at its end.
		{/if}
		{#if planting.bloom.warmth.sightings}
			It needs {whole(planting.bloom.warmth.asked)} °C days until it flowers, by {many(
				planting.bloom.warmth.sightings,
				'first flower'
			)} of the variety seen here; the table says {whole(planting.bloom.warmth.table)}.
		{/if}
		{#if planting.control !== 'OPEN'}<strong class="text-ink">{CONTROL[planting.control]}.</strong>{/if}
		{#if planting.dropped > 0}<strong class="text-ink">The outer rows give no seed.</strong>{/if}
		{#if planting.flowersFrom}<strong class="text-ink"
				>Flowers are picked off until {dayMonth(planting.flowersFrom, year)}.</strong
			>{/if}
		{#if planting.flowersUntil}<strong class="text-ink"
				>The last flowers let open are those of {dayMonth(planting.flowersUntil, year)}.</strong
			>{/if}
	</p>
{/if}
{#if planting.ripens}<Ripening ripens={planting.ripens} {year} />{/if}
{#if planting.population}<Population {planting} population={planting.population} />{/if}
{#if planting.stock}<StockKept {planting} stock={planting.stock} />{/if}
