<script lang="ts">
	import Term from '$lib/glossary/Term.svelte';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofPopulation } from '$lib/mark/mark';
	import { mass, percent, whole } from '$lib/units/units';

	interface Props {
		planting: Schemas['PlantingView'];
		population: Schemas['Population'];
	}
	/** Plants enough to keep the variety, and back through every loss to the seed to sow. */
	let { planting, population }: Props = $props();
	const units = $derived(session.units);
	const left = $derived(population.onHand);
</script>

<h3 class="ruled mt-5 font-bold">Plants enough?</h3>
<table class="figures">
	<tbody>
		<tr>
			<th scope="row"
				><Term of="population">plants for seed</Term>
				<span class="beside block"
					>needs {population.asked}; the ground has room for {whole(planting.fits)}</span
				></th
			>
			<td class="num"
				>{planting.plants} <span class="ml-2"><Mark {...ofPopulation(population.mark)} /></span></td
			>
		</tr>
		<tr>
			<th scope="row"
				><Term of="effectiveSize">effective population size (Nₑ)</Term>
				<span class="beside block"
					>if all give alike; {percent(population.diversityKept)} kept over ten generations</span
				></th
			>
			<td class="num">{Math.round(population.effectiveSize)}</td>
		</tr>
		<tr>
			<th scope="row"
				><Term of="rareType">chance of keeping a rare type (frequency 5 %)</Term>
				<span class="beside block">{percent(population.keepsOneInHundred)} for one in a hundred</span></th
			>
			<td class="num">{percent(population.keepsOneInTwenty)}</td>
		</tr>
		<tr>
			<th scope="row"
				>plants to raise <span class="beside block"
					>{planting.selected < 1
						? `to keep the best ${percent(planting.selected)}`
						: 'all are kept; choosing the best needs more'}</span
				></th
			>
			<td class="num">{population.toRaise}</td>
		</tr>
		<tr>
			<th scope="row"
				>seed to sow <span class="beside block"
					>{Math.round(population.survival * 100)} of 100 come through, at {planting.germination} % germination
					and usual losses; enough in {Math.floor(population.chance * 100)} of 100 years</span
				></th
			>
			<td class="num">{population.seedToSow}<br />{mass(population.seedToSowGrams, units)}</td>
		</tr>
		{#if left}
			<tr>
				<th scope="row"
					><Term of="stockSeed">stock seed</Term> left, of {left.harvested}
					<span class="beside block"
						>germinates {left.germination.toFixed(0)} %, should last until {left.lastsUntil}{left.needed ===
						undefined
							? ''
							: `; of it ${mass(left.needed, units)} are needed`}</span
					></th
				>
				<td class="num"
					>{mass(left.grams, units)}
					<span class="ml-2"
						><Mark
							state={left.enough ? 'clear' : 'crosses'}
							label={left.enough ? 'enough' : 'too little'}
						/></span
					></td
				>
			</tr>
		{/if}
	</tbody>
</table>
