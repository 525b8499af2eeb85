<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import OwnFigures from '$lib/season/OwnFigures.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { distance, mass, percent, temperature } from '$lib/units/units';
	import { many, STEP } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const units = $derived(session.units);
	const length = (metres: number) =>
		metres < 3 && units === 'METRIC' ? `${Math.round(metres * 100)} cm` : distance(metres, units);
	const range = (usual: Schemas['Usual'], say: (value: number) => string) =>
		`${say(usual.low)} to ${say(usual.high)}`;

	const LIFE = {
		ANNUAL: 'seeds in the year it is sown',
		BIENNIAL: 'seeds in its second year, after a winter',
		PERENNIAL: 'seeds for several years, after its first winter',
		CLONAL: 'kept by its tubers or bulbs, not by seed'
	};
	const CARRIES: Record<string, string> = {
		self: 'hardly any: flowers father themselves',
		insect: 'insects',
		'insect+self': 'insects, and the flower itself',
		wind: 'wind',
		'': 'no pollen matters'
	};
	const OVER: Record<string, string> = {
		none: 'no winter needed',
		'in-ground': 'stays in the ground',
		'lift-and-store': 'lifted, stored and replanted',
		either: 'in the ground, or lifted and replanted'
	};

	/** Annuals that may go through a winter, or must. */
	const SOWN_BEFORE_WINTER: Record<string, string> = {
		'in-ground': 'sown before the winter, seeds after it',
		either: 'sown in spring, or before a mild winter; seeds in the next summer'
	};
	const life = (it: Schemas['CropPage']) =>
		(it.crop.lifeCycle === 'ANNUAL' && SOWN_BEFORE_WINTER[it.overwinter]) ||
		`${LIFE[it.crop.lifeCycle]}; ${OVER[it.overwinter]}`;
</script>

<Loading from={data.found} stays>
	{#snippet children([it, figures])}
		<Page
			title={it.crop.name}
			of={it.crop.name}
			room={{ name: 'Handbook', path: '/handbook' }}
			says={it.crop.species}
		>
			<p class="mb-5 max-w-prose text-soft">
				{it.crop.family}. {#if it.crop.aliases.length}Also {it.crop.aliases.join(', ')}.{/if}
				{#if it.own}A crop of your own: its figures are yours, or those of the crop it is like.
					{#if session.grower}<a class="quiet" href="/handbook/{it.crop.key}/own">See and change them</a
						>{/if}{:else}Typical figures from general practice; your own records rule where they differ.{/if}
			</p>
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-2">
				<section>
					<h2 class="ruled">Keeping it true</h2>
					<table class="figures">
						<tbody>
							<tr
								><th scope="row">crosses with</th><td>
									{#each it.crossesWith as other, i (other.key)}{i ? ', ' : ''}<a
											class="quiet"
											href="/handbook/{other.key}">{other.name}</a
										>{other.share < 1 ? ` (${percent(other.share)} of a full cross)` : ''}{:else}only other
										varieties of itself{/each}
								</td></tr
							>
							<tr
								><th scope="row">seed fathered by another plant</th><td class="font-semibold"
									>about {percent(it.naturalOutcrossing)}</td
								></tr
							>
							<tr><th scope="row">what carries pollen</th><td>{CARRIES[it.vector] ?? it.vector}</td></tr>
						</tbody>
					</table>
					<table class="figures mt-3">
						<thead
							><tr
								><th scope="col">by grade</th><th scope="col" class="text-right!">own use</th><th
									scope="col"
									class="text-right!">market</th
								><th scope="col" class="text-right!">stock</th></tr
							></thead
						>
						<tbody>
							{#if it.isolation}
								<tr
									><th scope="row">distance</th><td class="num">{distance(it.isolation.ownUse, units)}</td><td
										class="num">{distance(it.isolation.market, units)}</td
									><td class="num">{distance(it.isolation.stock, units)}</td></tr
								>
							{/if}
							<tr
								><th scope="row">plants that give seed</th><td class="num">{it.plants.ownUse}</td><td
									class="num">{it.plants.market}</td
								><td class="num">{it.plants.stock}</td></tr
							>
						</tbody>
					</table>
					<p class="mt-2 text-sm text-soft">{it.isolationNote}</p>
					{#if it.schools.length > 0}
						<h2 class="ruled mt-7">Where schools differ</h2>
						<table class="figures">
							<tbody>
								{#each it.schools as difference (difference.question)}
									<tr
										><th scope="row" class="align-top">{difference.question}</th><td>
											{#each difference.answers as answer (answer)}<span class="block">{answer}</span>{/each}
										</td></tr
									>
								{/each}
							</tbody>
						</table>
						<p class="mt-2 text-sm text-soft">
							The figures above are one choice among these. Keep your own below where you know better.
						</p>
					{/if}
					<h2 class="ruled mt-7">Walking the rows</h2>
					<table class="figures">
						<tbody>
							{#each it.stages as stage, i (i)}
								<tr><th scope="row">{stage.name}</th><td>{stage.lookFor}</td></tr>
							{/each}
							<tr><th scope="row">common off-types</th><td>{it.commonOffTypes.join('; ')}</td></tr>
						</tbody>
					</table>
				</section>
				<section>
					<h2 class="ruled">From sowing to ripe</h2>
					<table class="figures">
						<tbody>
							<tr><th scope="row">life</th><td>{life(it)}</td></tr>
							{#if it.vernalisationWeeks}<tr
									><th scope="row">cold it needs</th><td>{many(it.vernalisationWeeks, 'week')}</td></tr
								>{/if}
							{#if it.degreeDaysToFlower}
								<tr
									><th scope="row">warmth to first flower</th><td
										><strong>{it.degreeDaysToFlower} °C days</strong> above {temperature(
											it.baseTemperature,
											units
										)}, good to a quarter at best</td
									></tr
								>
								<tr><th scope="row">in bloom</th><td>{many(it.floweringDays, 'day')}</td></tr>
								<tr
									><th scope="row">flower to ripe seed</th><td
										>{many(it.daysFlowerToRipeSeed, 'day')}, spread over {it.ripeningSpreadDays}</td
									></tr
								>
							{/if}
							<tr
								><th scope="row">room for each plant</th><td
									>{length(it.inRow)} in the row, {length(it.betweenRows)} between rows</td
								></tr
							>
							<tr><th scope="row">ripe when</th><td>{it.ripenessCues}</td></tr>
							<tr><th scope="row">before sowing</th><td>{it.preSowingNote}</td></tr>
						</tbody>
					</table>
					{#if it.crop.seedProcess}
						<h2 class="ruled mt-7">Seed</h2>
						<table class="figures">
							<tbody>
								<tr
									><th scope="row">usual chain</th><td
										>{it.chain.map((step) => STEP[step].act.toLowerCase()).join(' → ')}</td
									></tr
								>
								{#if it.fermentHours}<tr
										><th scope="row">ferment</th><td>{range(it.fermentHours, String)} hours at 22 °C</td></tr
									>{/if}
								{#if it.seedShare}<tr
										><th scope="row">clean seed from what is picked</th><td class="font-semibold"
											>{range(it.seedShare, percent)}</td
										></tr
									>{/if}
								<tr
									><th scope="row">clean seed from a plant</th><td class="font-semibold"
										>{range(it.seedPerPlant, (grams) => mass(grams, units))}</td
									></tr
								>
								<tr
									><th scope="row">1,000 seeds weigh</th><td>about {mass(it.thousandSeedWeight, units)}</td
									></tr
								>
								{#if it.maxDryingTemperature}<tr
										><th scope="row">never dry hotter than</th><td
											>{temperature(it.maxDryingTemperature, units)}, wet seed 5 to 8 degrees less</td
										></tr
									>{/if}
								{#if it.purity}<tr
										><th scope="row">purity for sale</th><td
											>at least {it.purity.pure} % pure seed; at most {it.purity.otherCrops} % seed of other crops
											and {it.purity.weeds} % of weeds</td
										></tr
									>{/if}
								{#if it.storageMoisture}<tr
										><th scope="row">sealed pack, at most</th><td>{it.storageMoisture} % moisture</td></tr
									>{/if}
								<tr
									><th scope="row">germination asked for sale</th><td
										><strong>{it.germinationStandard} %</strong>; where you sell, the local rule stands</td
									></tr
								>
								<tr
									><th scope="row">test</th><td
										>{it.testTemperature} °C, count on day {it.firstCountDay} and {it.finalCountDay}</td
									></tr
								>
								<tr><th scope="row">dormancy</th><td>{it.dormancyTreatment}</td></tr>
								<tr><th scope="row">keeps, cool and dry</th><td>about {many(it.storageYears, 'year')}</td></tr
								>
							</tbody>
						</table>
					{/if}
					<p class="caution mt-5"><strong>Take care:</strong> {it.hazards}.</p>
				</section>
				{#key it.crop.key}<OwnFigures crop={it.crop.key} {figures} kept={refresh} />{/key}
			</div>
		</Page>
	{/snippet}
</Loading>
