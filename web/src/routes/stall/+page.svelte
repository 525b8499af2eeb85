<script lang="ts">
	import { page } from '$app/state';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { amount, choice, count, day, text, weight } from '$lib/form/kinds';
	import WrongLots from '$lib/lot/WrongLots.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { amount as there } from '$lib/family/words';
	import OnPaper from '$lib/stall/OnPaper.svelte';
	import StallTabs from '$lib/stall/StallTabs.svelte';
	import { money, SALE } from '$lib/stall/words';
	import Tag from '$lib/tag/Tag.svelte';
	import { mass } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { capital, cropWord, many } from '$lib/words/words';
	import { saying } from '$lib/words/say';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const at = $derived(Number(page.url.searchParams.get('page')) || 0);
	const lotsAt = $derived(Number(page.url.searchParams.get('lots')) || 0);
	const turned = (to: { lots?: number; page?: number }) => {
		const { lots, page } = { lots: lotsAt, page: at, ...to };
		return `?lots=${lots}&page=${page}`;
	};
	type Sale = Schemas['SaleView'];
	const NEEDED = { needed: true } as const;
	/** Packets or bulk, as it was sold. */
	const much = ({ packets }: Sale) => ({
		bulk: weight('Bulk', { ...NEEDED, when: () => packets === undefined }),
		packets: count('Packets', { ...NEEDED, when: () => packets !== undefined })
	});
	/** What a customer brings back. */
	const returnFields = (sale: Sale) => ({
		...much(sale),
		moneyBack: amount('Paid back', { ...NEEDED, start: 0 }),
		returnedOn: day('Day', { ...NEEDED, start: session.today }),
		keep: choice('It goes', { yes: 'back to the stock', no: 'away: it is thrown away' }),
		note: text('Why it came back')
	});
	/** A return as it stands, to be put right. */
	const returned = ({ version, packets, bulk, price, soldOn, note }: Sale) => ({
		version,
		...{
			packets: packets === undefined ? undefined : -packets,
			bulk: bulk === undefined ? undefined : -bulk
		},
		...{ moneyBack: -price, returnedOn: soldOn, note }
	});
	const backFields = (back: Sale) => ({
		...much(back),
		moneyBack: amount('Paid back', NEEDED),
		returnedOn: day('Day', NEEDED),
		note: text('Why it came back', { hint: 'what did not come back after all: 0' })
	});
	const saleFields = (sale: Sale) => ({
		...much(sale),
		price: amount('Price in all', NEEDED),
		soldOn: day('Day', NEEDED),
		note: text('Note', { hint: 'a sale that never was: 0, for nothing' })
	});
</script>

{#snippet which(lot: Schemas['Stocked'])}
	<Tag number={lot.lot.number} />
	<span class="mt-1 block"
		><strong>{lot.variety.name}</strong>
		<span class="beside">{cropWord(lot.variety.cropName)}</span></span
	>
{/snippet}

<Loading from={data.found} stays>
	{#snippet children([stall, sales, lists])}
		{@const ready = stall.lots.items.filter((lot) => lot.gate.mayBeSold)}
		{@const back = stall.lots.items.filter((lot) => !lot.gate.mayBeSold)}
		<Page
			title="Stall"
			says={stall.ready ? `${many(stall.ready, 'lot')} may be sold` : 'nothing may be sold yet'}
		>
			<StallTabs />
			<WrongLots wrong={stall.wrong} />
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
				<section>
					<h2 class="ruled">Stock</h2>
					<table class="figures">
						<thead
							><tr
								><th scope="col">lot</th><th scope="col" class="text-right!">packets</th><th
									scope="col"
									class="text-right!">bulk</th
								><th scope="col"><span class="sr-only">act</span></th></tr
							></thead
						>
						<tbody>
							{#each ready as lot (lot.lot.id)}
								<tr>
									<th scope="row">{@render which(lot)}</th>
									<td class="num"
										>{lot.stock.packets}{#if lot.stock.packetsFree < lot.stock.packets}<br /><span
												class="beside max-sm:hidden"
												>{lot.stock.packets - lot.stock.packetsFree} promised</span
											>{/if}</td
									>
									<td class="num"
										>{mass(lot.stock.bulk, session.units)}{#if lot.stock.free < lot.stock.bulk}<br /><span
												class="beside max-sm:hidden">{mass(lot.stock.free, session.units)} to sell</span
											>{/if}</td
									>
									<td class="text-right!"
										><a class="quiet font-semibold" href="/stall/{lot.lot.number}">pack or sell</a></td
									>
								</tr>
							{:else}
								<tr
									><td colspan="4" class="text-soft"
										>{stall.ready
											? 'All that may be sold stands on the pages before.'
											: 'A lot is offered here once it is clean, tested and nothing holds it back.'}</td
									></tr
								>
							{/each}
						</tbody>
					</table>
					{#if session.works && stall.ready}<OnPaper {lists} />{/if}
					{#if back.length > 0}
						<h2 class="ruled mt-8">What is held back</h2>
						<table class="figures">
							<tbody>
								{#each back as lot (lot.lot.id)}
									<tr>
										<th scope="row">{@render which(lot)}</th>
										<td class="num whitespace-normal!"
											>{there(lot.stock.packets, lot.stock.bulk, session.units)}</td
										>
										<td class="pl-4!"
											>{#each lot.gate.against.filter((one) => !one.overruled) as { finding } (finding.kind)}<span
													class="block">{capital(saying('gate.found', finding))}</span
												>{/each}</td
										>
									</tr>
								{/each}
							</tbody>
						</table>
					{/if}
					{#if stall.lots.pages > 1}
						<nav class="mt-3 flex gap-4" aria-label="Lots">
							{#if lotsAt > 0}<a class="quiet" href={turned({ lots: lotsAt - 1 })}>lots before</a>{/if}
							{#if lotsAt + 1 < stall.lots.pages}<a class="quiet" href={turned({ lots: lotsAt + 1 })}
									>further lots</a
								>{/if}
						</nav>
					{/if}
				</section>
				<section>
					<h2 class="ruled">Sales</h2>
					<table class="figures">
						<thead
							><tr
								><th scope="col">customer</th><th scope="col">what</th><th scope="col" class="text-right!"
									>brought</th
								></tr
							></thead
						>
						<tbody>
							{#each sales.items as { sale, number } (sale.id)}
								<tr>
									<th scope="row"
										>{sale.customer}<br /><span class="beside">{dayMonth(sale.soldOn, session.today)}</span
										></th
									>
									<td
										>{sale.packets === undefined
											? mass(Math.abs(sale.bulk ?? 0), session.units)
											: many(Math.abs(sale.packets), 'packet')}{sale.returnOf ? ' came back' : ''}<br /><a
											class="quiet font-mono text-sm"
											href="/lot/{number}">{number}</a
										></td
									>
									<td class="num"
										>{sale.kind === 'SALE' ? money(sale.price) : SALE[sale.kind]}{#if session.grower}<br
											/>{#if sale.returnOf}<Amend
													what="what {sale.customer} brought back"
													was={returned(sale)}
													fields={backFields(sale)}
													save={(body) =>
														ask(
															PUT('/api/returns/{id}', {
																params: { path: { id: sale.id } },
																body: { ...body, keep: true }
															})
														)}
													done={refresh}
												/>{:else}<Amend
													what="what {sale.customer} got"
													act="came back"
													fields={returnFields(sale)}
													save={(body) =>
														ask(
															POST('/api/sales/{id}/returns', {
																params: { path: { id: sale.id } },
																body: { ...body, keep: body.keep === 'yes' }
															})
														)}
													done={refresh}
												/>{/if}{#if !sale.returnOf && sale.delivery === undefined}
												<Amend
													what="what {sale.customer} got"
													was={sale}
													fields={saleFields(sale)}
													save={(body) =>
														ask(PUT('/api/sales/{id}', { params: { path: { id: sale.id } }, body }))}
													done={refresh}
												/>{/if}{/if}</td
									>
								</tr>
							{:else}
								<tr><td colspan="3" class="text-soft">Nothing is sold yet.</td></tr>
							{/each}
						</tbody>
					</table>
					{#if at > 0 || sales.further}
						<nav class="mt-3 flex gap-4" aria-label="Pages">
							{#if at > 0}<a class="quiet" href={turned({ page: at - 1 })}>newer</a>{/if}
							{#if sales.further}<a class="quiet" href={turned({ page: at + 1 })}>older</a>{/if}
						</nav>
					{/if}
				</section>
			</div>
		</Page>
	{/snippet}
</Loading>
