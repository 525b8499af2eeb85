<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import Bars from '$lib/money/Bars.svelte';
	import { allHours, hoursWord, rateFields, ratesWord, WORK, type Work } from '$lib/money/words';
	import Written from '$lib/money/Written.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import StallTabs from '$lib/stall/StallTabs.svelte';
	import { money } from '$lib/stall/words';
	import { area, mass } from '$lib/units/units';
	import { cropWord, many } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const bars = (
		varieties: Schemas['VarietyMoney'][],
		which: 'perHour' | 'perSquareMetre'
	): { name: string; amount: number }[] =>
		varieties
			.filter((one) => one.money[which] !== undefined)
			.map((one) => ({ name: one.variety, amount: one.money[which]! }))
			.sort((a, b) => b.amount - a.amount);
</script>

<Loading from={data.found} stays>
	{#snippet children(year)}
		{@const said = year.rates.version >= 0}
		{@const byHour = bars(year.varieties, 'perHour')}
		{@const byGround = bars(year.varieties, 'perSquareMetre')}
		{@const failed = year.lots.filter((lot) => lot.money === undefined)}
		<Page
			title="Stall"
			says="seed of {year.season} {said ? `cost ${money(year.cost)} and ` : ''}brought {money(
				year.brought
			)} so far"
		>
			<StallTabs />
			{#if year.seasons.length > 1}
				<p class="mb-4 flex flex-wrap items-center gap-x-4">
					{#each year.seasons as season (season)}
						<a
							class={['quiet', season === year.season && 'font-bold']}
							href="/stall/money?season={season}"
							aria-current={season === year.season ? 'page' : undefined}>seed of {season}</a
						>
					{/each}
				</p>
			{/if}
			<div class={['mb-6 max-w-prose', !said && 'caution']}>
				<p>
					{#if said}Calculated with {ratesWord(year.rates)}.{:else}Nothing costs anything yet: say first what
						an hour, the ground and a packet cost you.{/if}
				</p>
				<Amend
					what="what costs are calculated with"
					act={said ? 'correct' : 'say what things cost'}
					asAct={!said}
					was={said ? year.rates : undefined}
					fields={rateFields()}
					save={(body) => ask(PUT('/api/money/rates', { body }))}
					done={refresh}
				/>
			</div>
			{#if !said}
				<p class="max-w-prose">Then what each variety cost and left is shown here.</p>
			{:else if year.varieties.length}
				<div class="mb-8 grid items-start gap-x-12 gap-y-6 lg:grid-cols-2">
					{#if byHour.length}<Bars
							title="What an hour earned"
							bars={byHour}
							mark={{ at: year.rates.wage, label: 'the wage it is calculated with' }}
						/>{/if}
					{#if byGround.length}<Bars
							title="What a square metre left, when all was paid"
							bars={byGround}
						/>{/if}
				</div>
				<h2 class="ruled">What paid</h2>
				<table class="figures stacks">
					<thead
						><tr
							><th scope="col">variety</th><th scope="col" class="text-right!">cost</th><th
								scope="col"
								class="text-right!">brought</th
							><th scope="col" class="text-right!">left</th><th scope="col" class="text-right!">hours</th><th
								scope="col"
								class="text-right!">ground</th
							><th scope="col" class="text-right!">not sold yet</th></tr
						></thead
					>
					<tbody>
						{#each year.varieties as one (one.varietyId)}
							<tr>
								<th scope="row"
									><span
										>{one.variety} <span class="beside">{cropWord(one.crop)}</span><br />
										<span class="text-sm font-normal"
											>{#each year.lots.filter((lot) => lot.variety === one.variety && lot.crop === one.crop && lot.money) as lot (lot.lotId)}<a
													class="quiet mr-3 font-mono"
													href="/lot/{lot.number}/money">{lot.number}</a
												>{/each}</span
										></span
									></th
								>
								<td class="num" data-of="cost">{money(one.money.cost)}</td>
								<td class="num" data-of="brought">{money(one.money.brought + one.money.byProducts)}</td>
								<td class="num" data-of="left">{money(one.money.left)}</td>
								<td class="num" data-of="hours">{hoursWord(allHours(one.money.hours))}</td>
								<td class="num" data-of="ground">{area(one.money.area, session.units)}</td>
								<td class="num" data-of="not sold yet"
									><span
										>{#if one.money.packetsLeft > 0}<span class="block"
												>{many(one.money.packetsLeft, 'packet')}, {money(one.money.worth)}</span
											>{/if}{#if one.money.bulkLeft > 0}<span class="beside block"
												>{mass(one.money.bulkLeft, session.units)} in bulk</span
											>{/if}</span
									></td
								>
							</tr>
						{/each}
					</tbody>
				</table>
			{:else}
				<p class="max-w-prose">
					No seed of {year.season} is numbered yet: its costs are shown once there is a lot.
				</p>
			{/if}
			<ul class="mt-4 max-w-prose list-disc pl-5 text-sm text-soft">
				{#if year.failed > 0}<li>
						{money(year.failed)} went into what came to nothing{failed.length
							? ` (${failed.map((lot) => lot.number).join(', ')})`
							: ''}; the others carry it by what they cost themselves.{year.carriedByNone > 0
							? ' Nothing is left that could carry it.'
							: ''}
					</li>{/if}
				{#if year.growing > 0}<li>
						{money(year.growing)} so far stands in rows that have no lot yet; it is in no figure above.
					</li>{/if}
				<li>
					Seed is sold for years: a season is not done while any of it is left. Lots of one planting share its
					costs by their clean seed, and what is transferred takes its share along.
				</li>
				<li>Hours that were not written down cost nothing here, which flatters the crop.</li>
			</ul>
			<div class="mt-8 grid items-start gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)]">
				<section>
					<h2 class="ruled">Where the hours went</h2>
					<table class="figures">
						<tbody>
							{#each Object.entries(year.hours).filter(([, hours]) => hours > 0) as [kind, hours] (kind)}
								<tr><th scope="row">{WORK[kind as Work]}</th><td class="num">{hoursWord(hours)}</td></tr>
							{:else}
								<tr><td class="text-soft">No hours are known of this season’s seed.</td></tr>
							{/each}
						</tbody>
					</table>
				</section>
				<section>
					<h2 class="ruled">Written down</h2>
					<Written
						bearers={[
							...year.plantings.map((planting) => ({
								label: `${planting.variety}, ${cropWord(planting.crop)}, ${planting.ground}`,
								plantingId: planting.id
							})),
							...year.lots.map((lot) => ({ label: `${lot.number} ${lot.variety}`, lotId: lot.lotId }))
						]}
						work={year.work}
						outlays={year.outlays}
						byProducts={year.byProducts}
						done={refresh}
					/>
				</section>
			</div>
		</Page>
	{/snippet}
</Loading>
