<script lang="ts">
	import { page } from '$app/state';
	import { ask, POST, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { day, text } from '$lib/form/kinds';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import InvoiceState from '$lib/invoice/InvoiceState.svelte';
	import { toInvoice } from '$lib/invoice/invoice';
	import Corrections from '$lib/lot/Corrections.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import ShortLines from '$lib/stall/ShortLines.svelte';
	import { money, much, ORDER, SALE } from '$lib/stall/words';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import { cropWord } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const id = $derived(page.params.id!);
	const attempt = new Attempt();
	let note = $state('');
	let stays = $state<Record<string, boolean>>({});

	function deliver(only: string[]) {
		void attempt.run(async () => {
			const body = { on: session.today, note, only };
			await ask(POST('/api/orders/{id}/deliver', { params: { path: { id } }, body }));
			note = '';
			stays = {};
			refresh();
		});
	}
	function invoice() {
		void attempt.run(async () => {
			const body = { invoicedOn: session.today };
			await ask(POST('/api/orders/{id}/invoices', { params: { path: { id } }, body }));
			refresh();
		});
	}
	function again() {
		void attempt.run(async () => {
			await ask(POST('/api/orders/{id}/allocate', { params: { path: { id } } }));
			refresh();
		});
	}
</script>

<Loading from={data.found} stays>
	{#snippet children([order, corrections, invoices, short])}
		{@const open = order.state === 'READY' || order.state === 'SHORT'}
		{@const promised = order.lines.flatMap((line) => line.out.filter((out) => out.delivery === undefined))}
		{@const going = promised.filter((out) => !stays[out.id]).map((out) => out.id)}
		<Page of={order.number} title="order {order.number}" room={{ name: 'Stall', path: '/stall/orders' }}>
			<div class="mb-5 flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
				<div>
					<p class="text-xl font-bold">{order.customer.name}</p>
					<p class="text-soft">
						{SALE[order.kind]}, ordered {fullDay(order.orderedOn)}, wanted {fullDay(
							order.wantedOn
						)}{order.note ? `; ${order.note}` : ''}
					</p>
					{#if order.cancelledOn}<p>
							Cancelled {fullDay(order.cancelledOn)}: {order.cancelledBecause}
						</p>{/if}
				</div>
				<div class="sm:text-right">
					<Mark {...ORDER[order.state]} />
					<p class="mt-1 text-lg">
						<b>{money(order.total)}</b>{order.delivered > 0 && open
							? `, ${money(order.delivered)} delivered`
							: ''}
					</p>
				</div>
			</div>

			<table class="figures">
				<thead
					><tr
						><th scope="col">what</th><th scope="col" class="text-right!">each</th><th scope="col">out of</th
						><th scope="col">how it stands</th></tr
					></thead
				>
				<tbody>
					{#each order.lines as line (line.id)}
						<tr>
							<th scope="row"
								>{much(line, line.wanted)}<br /><span class="beside"
									>{line.variety}, {cropWord(line.crop)}</span
								></th
							>
							<td class="num">{money(line.price)}{line.bulk ? ' / 100 g' : ''}</td>
							<td>
								{#each line.out as out (out.id)}
									<span class="flex flex-wrap items-center gap-2">
										{#if open && session.grower && out.delivery === undefined}<label
												class="inline-grid place-items-center"
												><input
													type="checkbox"
													class="checkbox"
													aria-label="{much(line, out.much)} of {out.number} go"
													bind:checked={() => !stays[out.id], (goes) => (stays[out.id] = !goes)}
												/></label
											>{/if}
										<a class="quiet font-mono" href="/lot/{out.number}">{out.number}</a>
										{much(line, out.much)}
										<span class="beside"
											>{out.deliveredOn
												? `delivered ${dayMonth(out.deliveredOn, session.today)}`
												: out.shelves.join(', ')}</span
										>
									</span>
								{:else}<span class="beside">nothing</span>{/each}
							</td>
							<td
								>{#if line.missing > 0 && open}<b>{much(line, line.missing)} missing</b
									>{:else if line.delivered >= line.wanted}delivered{:else}promised{/if}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>

			{#if short.length > 0}<ShortLines {order} {short} done={refresh} />{/if}
			{#if open && session.grower}
				<section class="mt-6 grid max-w-2xl gap-4">
					<TextField
						label={order.kind === 'SWAP' ? 'What came back for it' : 'Note on the delivery'}
						name="note"
						{attempt}
						bind:value={note}
					/>
					<Trouble {attempt} labels={{ note: 'What came back', number: 'The lot' }} />
					<div class="flex flex-wrap gap-3">
						<Act
							main={order.state === 'READY'}
							key="d"
							disabled={attempt.busy}
							why={going.length ? '' : 'Choose what goes.'}
							onclick={() => deliver(going)}
							>{going.length < promised.length ? 'Deliver these' : 'Deliver'}</Act
						>
						{#if order.state === 'SHORT'}<Act onclick={again}>Look again for what is missing</Act>{/if}
						<Amend
							what="order {order.number}"
							act="another day"
							was={order}
							fields={{ wantedOn: day('Wanted on', { needed: true }), note: text('Note') }}
							save={(body) => ask(PUT('/api/orders/{id}', { params: { path: { id } }, body }))}
							done={refresh}
						/>
						<Amend
							what="order {order.number}"
							act="cancel it"
							fields={{ reason: text('Why') }}
							save={(body) => ask(POST('/api/orders/{id}/cancel', { params: { path: { id } }, body }))}
							done={refresh}
						/>
					</div>
				</section>
			{/if}
			<h2 class="ruled mt-8">Papers</h2>
			<div class="mt-3 flex flex-wrap gap-3">
				{#if promised.length > 0}<Act newTab href="/api/orders/{order.id}/packing-list.pdf">Packing list</Act
					>{/if}
				{#each order.deliveries as { number } (number)}
					<Act newTab href="/api/orders/{order.id}/delivery-{number}.pdf">Delivery note {number}</Act>
				{/each}
				{#each invoices as one (one.id)}
					<Act newTab href="/api/invoices/{one.id}/invoice.pdf">Invoice {one.number}</Act>
				{/each}
				{#if toInvoice(order, invoices).length > 0 && session.grower}
					<Act key="v" disabled={attempt.busy} onclick={invoice}
						>Invoice of {toInvoice(order, invoices).length > 1 ? 'these deliveries' : 'this delivery'}</Act
					>{/if}
			</div>
			{#each invoices as one (one.id)}
				<p class="mt-3">
					Invoice {one.number}, {money(one.sum.toPay)}: <InvoiceState invoice={one} done={refresh} />
				</p>
			{/each}
			{#if session.grower && !order.cancelledOn && order.deliveries.length > 0}
				<p class="mt-3 flex flex-wrap items-baseline gap-x-4 gap-y-1">
					{#each order.deliveries as { number, on } (number)}
						<span
							>Delivery {number}, {dayMonth(on, session.today)}:
							<Amend
								what="delivery {number} of {order.number}"
								act="take it back"
								was={order}
								fields={{}}
								save={({ reason = '' }) =>
									ask(
										POST('/api/orders/{id}/deliveries/{delivery}/back', {
											params: { path: { id, delivery: number } },
											body: { reason }
										})
									)}
								done={refresh}
							/></span
						>
					{/each}
				</p>
			{/if}
			<p class="mt-3 max-w-prose text-sm text-soft">
				The oldest lot that may be sold on the day it is wanted goes first. What is promised is kept from
				everybody else. An invoice has the address, bank and taxes that <a class="quiet" href="/farm"
					>the farm has said</a
				>.
			</p>
			<Corrections {corrections} />
		</Page>
	{/snippet}
</Loading>
