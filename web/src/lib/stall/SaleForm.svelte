<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { here } from '$lib/rows/here';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { massIn, maybeNumberIn, countIn } from '$lib/form/typed';
	import { mass } from '$lib/units/units';
	import { money, packet, SALE } from './words';

	interface Props {
		number: string;
		stock: Schemas['StockView'];
		customers: Schemas['CustomerView'][];
		/** Whether selling is the next thing here. */
		main: boolean;
		/** @param swappedWith who gave something for it */
		kept: (swappedWith?: string) => void;
	}
	let { number, stock, customers, main, kept }: Props = $props();
	const attempt = new Attempt();
	const BULK = 'bulk';
	// svelte-ignore state_referenced_locally
	let from = $state(stock.runs.find((run) => run.free > 0)?.id ?? BULK);
	let customer = $state('');
	let packets = $state('');
	let bulk = $state(NaN);
	let price = $state('');
	let kind = $state<Schemas['SaleView']['kind']>('SALE');
	let note = $state('');
	let soldOn = $state(session.today);
	const id = $props.id();
	const LABELS = {
		customer: 'To whom',
		packets: 'Packets',
		bulk: 'Bulk',
		price: 'Price in all',
		soldOn: 'On',
		kind: 'As',
		note: 'What came back',
		number: 'Lot'
	};

	function sell(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const what =
				from === BULK
					? { bulk: massIn('bulk', bulk) }
					: { packingRunId: from, packets: countIn('packets', packets) };
			await ask(
				POST('/api/lots/{number}/sales', {
					params: { path: { number } },
					body: {
						customer,
						soldOn,
						kind,
						note,
						price: kind === 'SALE' ? maybeNumberIn('price', price) : undefined,
						...what
					},
					...here(`${number} sold to ${customer}`)
				})
			);
			kept(kind === 'SWAP' ? customer : undefined);
		});
	}
</script>

<form class="grid gap-x-5 gap-y-4 sm:grid-cols-2" onsubmit={sell}>
	<Draft of="sale" {attempt} />
	<TextField
		label={LABELS.customer}
		name="customer"
		needed
		{attempt}
		bind:value={customer}
		list="{id}-known"
		hint="a market, a shop, another grower"
	/>
	<datalist id="{id}-known"
		>{#each customers as known (known.id)}<option value={known.name}></option>{/each}</datalist
	>
	<ChoiceField
		label="From"
		name="from"
		{attempt}
		bind:value={from}
		choices={[
			...stock.runs
				.filter((run) => run.free > 0)
				.map((run) => ({
					value: run.id,
					label: `${packet(run)}, ${money(run.price)}: ${run.free} left`
				})),
			{ value: BULK, label: `bulk, ${mass(stock.free, session.units)}` }
		]}
	/>
	{#if from === BULK}
		<MassField label={LABELS.bulk} name="bulk" needed {attempt} bind:grams={bulk} />
	{:else}
		<TextField
			label={LABELS.packets}
			name="packets"
			needed
			{attempt}
			bind:value={packets}
			inputmode="numeric"
		/>
	{/if}
	<ChoiceField
		label={LABELS.kind}
		name="kind"
		{attempt}
		bind:value={kind}
		choices={Object.entries(SALE).map(([value, label]) => ({ value: value as typeof kind, label }))}
	/>
	{#if kind === 'SALE'}
		<TextField
			label={LABELS.price}
			name="price"
			{attempt}
			bind:value={price}
			inputmode="decimal"
			unit={session.farm?.currency}
			hint="empty: by the customer’s terms"
		/>
	{:else if kind === 'SWAP'}
		<TextField label={LABELS.note} name="note" {attempt} bind:value={note} />
	{/if}
	<TextField label={LABELS.soldOn} name="soldOn" needed type="date" {attempt} bind:value={soldOn} />
	<div class="grid gap-4 sm:col-span-2">
		<Trouble {attempt} labels={LABELS} />
		<div>
			<Act {main} type="submit" disabled={attempt.busy}
				>{{ SALE: 'Sold', GIFT: 'Given', SWAP: 'Swapped' }[kind]}</Act
			>
		</div>
	</div>
</form>
