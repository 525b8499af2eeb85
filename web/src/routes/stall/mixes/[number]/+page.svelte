<script lang="ts">
	import { ask, POST, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Family from '$lib/family/Family.svelte';
	import { amount } from '$lib/family/words';
	import Amend from '$lib/form/Amend.svelte';
	import { amount as paid, count, text, weight } from '$lib/form/kinds';
	import Corrections from '$lib/lot/Corrections.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { gateOf, left, sowing } from '$lib/mix/mix';
	import MixPackForm from '$lib/mix/MixPackForm.svelte';
	import MixSaleForm from '$lib/mix/MixSaleForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Labels from '$lib/stall/Labels.svelte';
	import { money, SALE } from '$lib/stall/words';
	import { mass, percent } from '$lib/units/units';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import { saying } from '$lib/words/say';
	import { capital, cropWord, many } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const units = $derived(session.units);
	const NEEDED = { needed: true } as const;
</script>

<Loading from={data.found} stays>
	{#snippet children([mix, family, corrections, customers])}
		{@const params = { path: { number: mix.number } }}
		<Page title={mix.name} room={{ name: 'Stall', path: '/stall/mixes' }}>
			<div class="mb-5 flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
				<div>
					<p class="font-mono text-xl font-bold">{mix.number}</p>
					<p class="text-soft">
						put together {fullDay(mix.mixedOn)}{mix.note ? `; ${mix.note}` : ''}. {mix.of
							? `${capital(sowing(mix.of, mix.gramsPerSquareMetre, units))}.`
							: 'A test of one of its lots no longer counts, so how many of its seeds germinate is not known.'}
					</p>
					{#if mix.onHold}<p class="font-semibold">On hold: {mix.onHold}</p>{/if}
				</div>
				<div class="sm:text-right">
					<Mark {...gateOf(mix)} />
					<p class="mt-1 text-lg font-bold">{left(mix, units)}</p>
				</div>
			</div>

			<h2 class="ruled">What is in it</h2>
			<table class="figures">
				<thead
					><tr
						><th scope="col">lot</th><th scope="col" class="text-right!">weighed in</th><th
							scope="col"
							class="text-right!">of the weight</th
						><th scope="col" class="text-right!">of the seeds</th><th
							scope="col"
							class="text-right! max-sm:hidden">germinates</th
						></tr
					></thead
				>
				<tbody>
					{#each mix.parts as part, i (part.id)}
						<tr>
							<th scope="row"
								><a class="quiet font-mono" href="/lot/{part.lot}">{part.lot}</a>
								{part.variety}, {cropWord(part.crop)}
								{part.season}{part.treated ? ', treated' : ''}
								{#each part.holding as finding (finding.kind)}<span class="block font-semibold text-alarm"
										>{saying('gate.found', finding)}</span
									>{/each}</th
							>
							<td class="num"
								>{mass(part.mass, units)}
								{#if session.works}<Amend
										what="what went in of {part.lot}"
										was={part}
										fields={{ mass: weight('Went in', NEEDED) }}
										save={(body) =>
											ask(
												PUT('/api/mixes/{number}/parts/{part}', {
													params: { path: { number: mix.number, part: part.id } },
													body
												})
											)}
										done={refresh}
									/>{/if}</td
							>
							<td class="num">{percent(part.mass / mix.mass)}</td>
							<td class="num">{mix.of ? percent(mix.of.shares[i].seeds) : '–'}</td>
							<td class="num max-sm:hidden"
								>{part.germination === undefined ? 'not tested' : `${part.germination} %`}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if mix.of?.partsAgain}
				<p class="mt-2 text-sm text-soft">
					Large and small seed separate again when the bag is shaken: mix it anew before each packet.
				</p>
			{/if}

			{#if session.works}
				<div class="my-6 flex flex-wrap gap-3">
					<Amend
						what={mix.number}
						act="name and sowing"
						was={mix}
						fields={{
							name: text('What it is called'),
							seedsPerSquareMetre: count('Seeds on a square metre'),
							note: text('Note')
						}}
						save={(body) => ask(PUT('/api/mixes/{number}', { params, body }))}
						done={refresh}
					/>
					{#if !mix.onHold || session.grower}
						<Amend
							what={mix.number}
							act={mix.onHold ? 'release' : 'hold'}
							fields={{ reason: text('Why') }}
							save={(body) =>
								mix.onHold
									? ask(POST('/api/mixes/{number}/release', { params, body }))
									: ask(POST('/api/mixes/{number}/hold', { params, body }))}
							done={refresh}
						/>
					{/if}
				</div>
			{/if}

			<div class="grid items-start gap-x-8 gap-y-7 lg:grid-cols-2">
				{#if session.works && mix.mayBeSold && mix.bulk > 0}
					<section>
						<h2 class="ruled mb-4">Pack</h2>
						<MixPackForm {mix} main={mix.packets === 0} kept={refresh} />
					</section>
				{/if}
				{#if session.grower && mix.mayBeSold && (mix.packets > 0 || mix.bulk > 0)}
					<section>
						<h2 class="ruled mb-4">Sell</h2>
						<MixSaleForm {mix} {customers} main={mix.packets > 0} kept={refresh} />
					</section>
				{/if}
			</div>

			{#if mix.packings.length > 0}
				<h2 class="ruled mt-8">Packed</h2>
				<table class="figures">
					<tbody>
						{#each mix.packings as packing (packing.id)}
							<tr>
								<th scope="row"
									>{many(packing.packets, 'packet')} of {mass(packing.grams, units)}, {money(
										packing.price
									)}<br /><span class="beside"
										>{dayMonth(packing.packedOn, session.today)}, for {packing.sowBy}; {packing.recordedBy}</span
									></th
								>
								<td class="num">{packing.left} left</td>
								<td class="text-right!">
									{#if session.works}
										<Amend
											what="the packets of {dayMonth(packing.packedOn, session.today)}"
											was={packing}
											fields={{ packets: count('Packets', NEEDED), price: paid('Price a packet', NEEDED) }}
											save={(body) =>
												ask(
													PUT('/api/mixes/{number}/packing/{packing}', {
														params: { path: { number: mix.number, packing: packing.id } },
														body
													})
												)}
											done={refresh}
										/>
									{/if}
									<Labels
										path="/api/mixes/{mix.number}/packing/{packing.id}/labels.pdf"
										packets={packing.packets}
									/>
								</td>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}

			<h2 class="ruled mt-8">Who has some</h2>
			<p class="text-soft">
				{family.customers
					? `${amount(family.packets, family.bulk, units)} went to ${many(family.customers, 'customer')}, for ${money(mix.brought)}.`
					: 'None of it went to anybody yet.'}
			</p>
			{#if mix.sales.length > 0}
				<table class="figures">
					<tbody>
						{#each mix.sales as sale (sale.id)}
							<tr>
								<th scope="row"
									>{sale.customer}<br /><span class="beside"
										>{SALE[sale.kind]}, {dayMonth(sale.soldOn, session.today)}; {sale.recordedBy}</span
									></th
								>
								<td class="num"
									>{sale.packets === undefined
										? mass(sale.bulk ?? 0, units)
										: many(sale.packets, 'packet')}</td
								>
								<td class="num">{money(sale.price)}</td>
								<td class="text-right!">
									{#if session.grower}<Amend
											what="what went to {sale.customer}"
											was={sale}
											fields={{
												bulk: weight('Bulk', { ...NEEDED, when: () => sale.packets === undefined }),
												packets: count('Packets', { ...NEEDED, when: () => sale.packets !== undefined }),
												price: paid('Price in all', NEEDED)
											}}
											save={(body) =>
												ask(
													PUT('/api/mixes/{number}/sales/{sale}', {
														params: { path: { number: mix.number, sale: sale.id } },
														body
													})
												)}
											done={refresh}
										/>{/if}
								</td>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}

			<h2 class="ruled mt-8">What it came of</h2>
			<Family {family} />
			<Corrections {corrections} />
		</Page>
	{/snippet}
</Loading>
