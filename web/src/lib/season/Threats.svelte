<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofPopulation, ofVerdict } from '$lib/mark/mark';
	import { distance, mass, oneIn, percent } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { cropWord, GRADE, many, WHY } from '$lib/words/words';

	/** What stands between a planting and true seed: its threats, worst first, and its plants. */
	let { planting }: { planting: Schemas['PlantingView'] } = $props();
	const units = $derived(session.units);
	const isolation = $derived(planting.isolation);
	const population = $derived(planting.population);

	function time(threat: Schemas['ThreatView']) {
		if (threat.daysTogether > 0) return `They bloom together ${many(threat.daysTogether, 'day')}.`;
		return `Their blooms are ${many(threat.daysApart, 'day')} apart; ${threat.margin} would be sure.`;
	}
</script>

{#if planting.bloom}
	<p class="text-sm text-soft">
		Blooms about {dayMonth(planting.bloom.first)} to {dayMonth(planting.bloom.last)}, first seed ripe about {dayMonth(
			planting.bloom.ripeFrom
		)}: planned from the farm’s usual warmth, give or take {many(planting.bloom.spreadDays, 'day')}.
	</p>
{:else if planting.purpose === 'SEED'}
	<p class="caution">The year’s usual warmth never brings it to flower. Raise it under glass, or earlier.</p>
{/if}

{#if isolation}
	<ul class="mt-2">
		{#each isolation.threats as threat (threat.sourceId)}
			<li class="border-b border-line py-2.5">
				<p class="flex flex-wrap items-baseline gap-x-2">
					<Mark {...ofVerdict(threat.verdict)} /><strong>{threat.name}</strong>
					<span>{cropWord(threat.crop)}, {distance(threat.metres, units)} away</span>
				</p>
				<p class="mt-0.5 text-sm text-soft">
					{GRADE[planting.grade]} seed asks {distance(threat.asked, units)}. {time(threat)}
					{#if threat.crossing > 0}
						About <strong class="text-ink">{oneIn(threat.crossing)}</strong> seeds would be crossed (between {oneIn(
							threat.crossing / isolation.band
						)} and {oneIn(Math.min(1, threat.crossing * isolation.band))}).
					{/if}
					<span class="text-ink"
						>{threat.verdict === 'CLEAR' ? 'Clear' : threat.verdict === 'TIGHT' ? 'Tight' : 'Crosses'}: {WHY[
							threat.why
						]}.</span
					>
				</p>
			</li>
		{:else}
			<li class="py-2.5">
				<Mark state="clear" label="clear" /> <span>nothing known here crosses with it</span>
			</li>
		{/each}
	</ul>
	{#if isolation.threats.length > 0}
		<p class="mt-2 text-sm text-soft">
			All together about {percent(isolation.crossing)}; {percent(isolation.allowed)} is let pass. An estimate to
			compare places, good to a factor of three. It knows your plots and the neighbours you noted, not bees’ minds
			or a garden over the hill.
		</p>
	{/if}
{/if}

{#if population}
	<h3 class="ruled mt-5 font-bold">Plants enough?</h3>
	<table class="figures">
		<tbody>
			<tr
				><th scope="row">plants</th><td class="num">{planting.plants}</td><td
					><Mark {...ofPopulation(population.mark)} /> <span class="beside">asks {population.asked}</span></td
				></tr
			>
			<tr
				><th scope="row">worth to its diversity</th><td class="num">{Math.round(population.effectiveSize)}</td
				><td class="beside"
					>if all give alike; {percent(population.diversityKept)} kept over ten generations</td
				></tr
			>
			<tr
				><th scope="row">seed to sow</th><td class="num">{population.seedToSow}</td><td class="beside"
					>{mass(population.seedToSowGrams, units)}, enough in {Math.floor(population.chance * 100)} of 100 years
					at {planting.germination} % germination, usual losses</td
				></tr
			>
		</tbody>
	</table>
{/if}
