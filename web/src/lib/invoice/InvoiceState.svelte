<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { day } from '$lib/form/kinds';
	import { dayMonth } from '$lib/words/dates';

	interface Props {
		invoice: Schemas['InvoiceView'];
		done: () => void;
	}
	/** Whether an invoice is paid, and what can be said of that. */
	let { invoice, done }: Props = $props();
	const params = $derived({ path: { id: invoice.id } });
	const overdue = $derived(invoice.dueOn < session.today);
	const what = $derived(`invoice ${invoice.number}`);
</script>

{#if invoice.cancelledBecause}
	<span class="text-soft">cancelled: {invoice.cancelledBecause}</span>
{:else if invoice.paidOn}
	paid {dayMonth(invoice.paidOn, session.today)}
	{#if session.grower}
		<Amend
			{what}
			act="not paid after all"
			was={invoice}
			fields={{}}
			save={(body) => ask(PUT('/api/invoices/{id}/paid', { params, body }))}
			{done}
		/>
	{/if}
{:else}
	<span class={[overdue && 'font-bold']}
		>{overdue ? 'was due' : 'due'} {dayMonth(invoice.dueOn, session.today)}</span
	>
	{#if session.grower}
		<Amend
			{what}
			act="paid"
			fields={{ paidOn: day('Paid on', { needed: true, start: session.today }) }}
			save={(body) =>
				ask(PUT('/api/invoices/{id}/paid', { params, body: { ...body, version: invoice.version } }))}
			{done}
		/>
		<Amend
			{what}
			act="cancel it"
			was={invoice}
			fields={{}}
			save={(body) => ask(PUT('/api/invoices/{id}/cancelled', { params, body }))}
			{done}
		/>
	{/if}
{/if}
