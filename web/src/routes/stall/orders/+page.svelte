<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import InvoiceState from '$lib/invoice/InvoiceState.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import OrderForm from '$lib/stall/OrderForm.svelte';
	import StallTabs from '$lib/stall/StallTabs.svelte';
	import { money, much, ORDER, SALE } from '$lib/stall/words';
	import { dayMonth } from '$lib/words/dates';
	import { many } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const all = $derived(page.url.searchParams.has('all'));
	const at = $derived(Number(page.url.searchParams.get('page')) || 0);
	let making = $state(false);
</script>

<Loading from={data.found} stays>
	{#snippet children([orders, customers, { lots }, unpaid])}
		{@const short = orders.items.filter((order) => order.state === 'SHORT').length}
		<Page
			title="Stall"
			says={all
				? many(orders.total, 'order')
				: `${many(orders.total, 'open order')}${short ? `, ${short} larger than the stock` : ''}`}
		>
			<StallTabs />
			{#if session.grower}
				{#if customers.length === 0}
					<p class="mb-4"><a class="quiet" href="/stall/customers">Say first who buys.</a></p>
				{:else}
					<div class="mb-4"><Act main key="n" onclick={() => (making = !making)}>Take an order</Act></div>
					{#if making}
						<section class="mb-7 max-w-4xl border-l-4 border-marigold bg-paper p-5">
							<OrderForm {customers} {lots} kept={(order) => void goto(`/stall/orders/${order.id}`)} />
						</section>
					{/if}
				{/if}
			{/if}
			<table class="figures">
				<thead
					><tr
						><th scope="col">order</th><th scope="col">wanted</th><th scope="col">what</th><th scope="col"
						></th><th scope="col" class="text-right! max-sm:hidden">comes to</th></tr
					></thead
				>
				<tbody>
					{#each orders.items as order (order.id)}
						<tr>
							<th scope="row"
								><a class="quiet font-semibold" href="/stall/orders/{order.id}">{order.number}</a>
								{order.customer.name}{order.kind === 'SALE' ? '' : `, ${SALE[order.kind]}`}<br /><span
									class="beside">of {dayMonth(order.orderedOn, session.today)}</span
								></th
							>
							<td>{dayMonth(order.wantedOn, session.today)}</td>
							<td
								>{#each order.lines.slice(0, 4) as line (line.id)}<span class="block"
										>{much(line, line.wanted)}, {line.variety}</span
									>{/each}{#if order.lines.length > 4}<span class="beside"
										>and {order.lines.length - 4} more</span
									>{/if}</td
							>
							<td><Mark {...ORDER[order.state]} /></td>
							<td class="num max-sm:hidden">{money(order.total)}</td>
						</tr>
					{:else}
						<tr><td colspan="5" class="text-soft">{all ? 'No order yet.' : 'No order is open.'}</td></tr>
					{/each}
				</tbody>
			</table>
			{#if unpaid.items.length > 0}
				<h2 class="ruled mt-8">To be paid</h2>
				<table class="figures">
					<thead
						><tr
							><th scope="col">invoice</th><th scope="col">of</th><th scope="col" class="text-right!"
								>comes to</th
							><th scope="col">how it stands</th></tr
						></thead
					>
					<tbody>
						{#each unpaid.items as invoice (invoice.id)}
							<tr>
								<th scope="row"
									><a class="quiet" href="/stall/orders/{invoice.orderId}">{invoice.number}</a>
									{invoice.customer}</th
								>
								<td>{dayMonth(invoice.invoicedOn, session.today)}</td>
								<td class="num">{money(invoice.sum.toPay)}</td>
								<td><InvoiceState {invoice} done={refresh} /></td>
							</tr>
						{/each}
					</tbody>
				</table>
				{#if unpaid.total > unpaid.items.length}<p class="beside">
						and {unpaid.total - unpaid.items.length} more
					</p>{/if}
			{/if}
			<nav class="mt-4 flex gap-4" aria-label="Pages">
				<a class="quiet" href={all ? '/stall/orders' : '/stall/orders?all'}
					>{all ? 'only open ones' : 'all orders'}</a
				>
				{#if at > 0}<a class="quiet" href="?{all ? 'all&' : ''}page={at - 1}">back</a>{/if}
				{#if at + 1 < orders.pages}<a class="quiet" href="?{all ? 'all&' : ''}page={at + 1}">further</a>{/if}
			</nav>
		</Page>
	{/snippet}
</Loading>
