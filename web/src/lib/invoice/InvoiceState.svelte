<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
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
			version={invoice.version}
			entries={[]}
			save={(_, made) => ask(PUT('/api/invoices/{id}/paid', { params, body: made }))}
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
			entries={[{ name: 'paidOn', label: 'Paid on', value: session.today, type: 'date' }]}
			save={(typed) =>
				ask(
					PUT('/api/invoices/{id}/paid', {
						params,
						body: { paidOn: typed.paidOn, version: invoice.version }
					})
				)}
			{done}
		/>
		<Amend
			{what}
			act="cancel it"
			version={invoice.version}
			entries={[]}
			save={(_, made) => ask(PUT('/api/invoices/{id}/cancelled', { params, body: made }))}
			{done}
		/>
	{/if}
{/if}
