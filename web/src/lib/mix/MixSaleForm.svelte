<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn, massIn, maybeNumberIn } from '$lib/form/typed';
	import { money, SALE } from '$lib/stall/words';
	import { mass } from '$lib/units/units';

	interface Props {
		mix: Schemas['MixView'];
		customers: Schemas['CustomerView'][];
		main: boolean;
		kept: () => void;
	}
	/** Packets of a mix, or grams of it, that leave. */
	let { mix, customers, main, kept }: Props = $props();
	const attempt = new Attempt();
	const BULK = 'bulk';
	// svelte-ignore state_referenced_locally
	let from = $state(mix.packings.find((one) => one.left > 0)?.id ?? BULK);
	let customer = $state('');
	let packets = $state('');
	let bulk = $state(NaN);
	let price = $state('');
	let kind = $state<Schemas['MixSold']['kind']>('SALE');
	let note = $state('');
	let soldOn = $state(session.today);
	const id = $props.id();
	const LABELS = {
		customer: 'To whom',
		packets: 'Packets',
		bulk: 'Grams',
		price: 'Price in all',
		soldOn: 'On',
		note: 'What came back',
		number: 'The mix'
	};

	function sell(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const what =
				from === BULK
					? { bulk: massIn('bulk', bulk) }
					: { packingId: from, packets: countIn('packets', packets) };
			await ask(
				POST('/api/mixes/{number}/sales', {
					params: { path: { number: mix.number } },
					body: {
						customer,
						kind,
						soldOn,
						note,
						price: kind === 'SALE' ? maybeNumberIn('price', price) : undefined,
						...what
					}
				})
			);
			packets = price = '';
			bulk = NaN;
			kept();
		});
	}
</script>

<form class="grid gap-x-5 gap-y-4 sm:grid-cols-2" onsubmit={sell}>
	<TextField label={LABELS.customer} name="customer" {attempt} bind:value={customer} list="{id}-known" />
	<datalist id="{id}-known"
		>{#each customers as known (known.id)}<option value={known.name}></option>{/each}</datalist
	>
	<ChoiceField
		label="From"
		name="from"
		{attempt}
		bind:value={from}
		choices={[
			...mix.packings
				.filter((one) => one.left > 0)
				.map((one) => ({
					value: one.id,
					label: `packets of ${mass(one.grams, session.units)}, ${money(one.price)}: ${one.left} left`
				})),
			{ value: BULK, label: `not packed, ${mass(mix.bulk, session.units)}` }
		]}
	/>
	{#if from === BULK}
		<MassField label={LABELS.bulk} name="bulk" {attempt} bind:grams={bulk} />
	{:else}
		<TextField label={LABELS.packets} name="packets" {attempt} bind:value={packets} inputmode="numeric" />
	{/if}
	<ChoiceField
		label="As"
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
			hint={from === BULK ? undefined : 'empty: the price on the packets'}
		/>
	{:else if kind === 'SWAP'}
		<TextField label={LABELS.note} name="note" {attempt} bind:value={note} />
	{/if}
	<TextField label={LABELS.soldOn} name="soldOn" type="date" {attempt} bind:value={soldOn} />
	<div class="grid gap-4 sm:col-span-2">
		<Trouble {attempt} labels={LABELS} />
		<div>
			<Act {main} type="submit" disabled={attempt.busy}
				>{{ SALE: 'Sold', GIFT: 'Given', SWAP: 'Swapped' }[kind]}</Act
			>
		</div>
	</div>
</form>
