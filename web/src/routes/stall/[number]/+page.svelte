<script lang="ts">
	import { page } from '$app/state';
	import { ask, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { amount, count, day, figure } from '$lib/form/kinds';
	import KeptHere from '$lib/offline/KeptHere.svelte';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import { forSale } from '$lib/offline/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Labels from '$lib/stall/Labels.svelte';
	import PackForm from '$lib/stall/PackForm.svelte';
	import SaleForm from '$lib/stall/SaleForm.svelte';
	import { money, packet } from '$lib/stall/words';
	import Tag from '$lib/tag/Tag.svelte';
	import { mass } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { capital, cropWord, many } from '$lib/words/words';
	import { saying } from '$lib/words/say';

	const number = $derived(page.params.number!);
	const NEEDED = { needed: true } as const;
	/** Counts what was done: forms begin anew after it. */
	let done = $state(0);
	const rows = $derived(new OfflinePage(`/stall/${number}`, forSale(number)));
	let swappedWith = $state<string>();
	function kept(customer?: string) {
		swappedWith = customer;
		done++;
		rows.again();
	}
</script>

<Loading from={rows.found}>
	{#snippet children([{ known, stock }, customers, before])}
		<Page
			title={known.variety.name}
			room={{ name: 'Stall', path: '/stall' }}
			says={cropWord(known.variety.cropName)}
		>
			<div class="mb-6 flex flex-wrap items-center gap-x-6 gap-y-2">
				<Tag number={known.lot.number} size="large" />
				<p class="text-lg">
					<strong>{mass(stock.bulk, session.units)}</strong> in bulk,
					<strong>{many(stock.packets, 'packet')}</strong>
					left, {stock.packetsSold} sold{stock.reserved > 0
						? `; ${mass(stock.reserved, session.units)} kept for own sowing`
						: ''}
				</p>
			</div>
			<KeptHere arrived={rows.again} />
			{#if swappedWith !== undefined}
				<p class="mb-4" role="status">
					What came for it gets a number of its own: <a
						class="quiet"
						href="/lot/new?way=SWAPPED&from={encodeURIComponent(swappedWith)}">write it down</a
					>.
				</p>
			{/if}
			{#if !known.gate.mayBeSold}
				<section class="caution">
					<h2>It may not be sold yet</h2>
					<ul class="list-inside list-disc">
						{#each known.gate.against.filter((one) => !one.overruled) as { finding } (finding.kind)}<li>
								{capital(saying('gate.found', finding))} → {saying('gate.settle', finding)}
							</li>{/each}
					</ul>
				</section>
			{:else}
				{#snippet pack()}
					{#if session.works && stock.bulk > 0}
						<section>
							<h2 class="ruled mb-4">Pack</h2>
							<PackForm {number} {stock} {before} {kept} main={!session.grower || stock.packets === 0} />
						</section>
					{/if}
				{/snippet}
				{#snippet sell()}
					{#if session.grower && (stock.packets > 0 || stock.bulk > 0)}
						<section>
							<h2 class="ruled mb-4">Sell</h2>
							<SaleForm {number} {stock} {customers} {kept} main={stock.packets > 0} />
						</section>
					{/if}
				{/snippet}
				{#key done}
					<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-2">
						{#if stock.packets > 0}
							{@render sell()}
							{@render pack()}
						{:else}
							{@render pack()}
							{@render sell()}
						{/if}
					</div>
				{/key}
			{/if}
			{#if stock.runs.length > 0}
				<h2 class="ruled mt-8">Packed</h2>
				<table class="figures">
					<thead
						><tr
							><th scope="col">day</th><th scope="col">packet</th><th
								scope="col"
								class="text-right! max-sm:hidden">filled with</th
							><th scope="col" class="text-right!">packets</th><th scope="col" class="text-right!">left</th
							><th scope="col" class="text-right! max-sm:hidden">price</th><th scope="col"></th></tr
						></thead
					>
					<tbody>
						{#each stock.runs as run (run.id)}
							<tr>
								<th scope="row">{dayMonth(run.packedOn, session.today)}</th>
								<td
									>{packet(run)}, for {run.sowBy}{#if run.minutes !== undefined}<br /><span class="beside"
											>{run.people} for {run.minutes} min</span
										>{/if}</td
								>
								<td class="num max-sm:hidden">{mass(run.fill, session.units)}</td>
								<td class="num">{run.packets}</td>
								<td class="num"
									>{run.left}{#if run.promised > 0}<br /><span class="beside">{run.promised} promised</span
										>{/if}</td
								>
								<td class="num max-sm:hidden">{money(run.price)}</td>
								<td class="text-right!"
									><Labels
										path="/api/lots/{known.lot.number}/packing/{run.id}/labels.pdf"
										packets={run.packets}
										run={{ number: known.lot.number, id: run.id }}
									/>
									{#if session.works}<Amend
											what="packets of {dayMonth(run.packedOn, session.today)}"
											was={run}
											fields={{
												packedOn: day('Packed on', NEEDED),
												packets: count('Packets', NEEDED),
												price: amount('Price a packet', NEEDED),
												sowBy: count('Packed for the year', NEEDED),
												people: count('People', NEEDED),
												minutes: figure('Minutes of packing')
											}}
											save={(body) =>
												ask(PUT('/api/packing-runs/{id}', { params: { path: { id: run.id } }, body }))}
											done={kept}
										/>{/if}</td
								>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}
		</Page>
	{/snippet}
</Loading>
