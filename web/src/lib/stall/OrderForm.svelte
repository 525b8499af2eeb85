<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, day, pick, text } from '$lib/form/kinds';
	import { maybeNumberIn, countIn, numberIn } from '$lib/form/typed';
	import { cropWord } from '$lib/words/words';
	import { SALE } from './words';

	interface Props {
		customers: Schemas['CustomerView'][];
		/** Lots in stock: what may be asked for. */
		lots: Schemas['Stocked'][];
		kept: (order: Schemas['OrderView']) => void;
	}
	let { customers, lots, kept }: Props = $props();
	const BULK = 'bulk';
	const nothing = () => ({ what: '', much: '', price: '' });
	let rows = $state([nothing()]);
	const form = new Form({
		customerId: pick('Customer', () => customers.map((one) => ({ value: one.id, label: one.name })), {
			needed: true
		}),
		kind: choice('As', SALE),
		wantedOn: day('Wanted on', { needed: true, start: session.today }),
		note: text('Note')
	});

	/** Every packet there is of each variety, and its bulk. */
	const choices = $derived.by(() => {
		const all: Record<string, string> = {};
		for (const { variety, stock } of lots) {
			const named = `${variety.name}, ${cropWord(variety.cropName)}`;
			for (const run of stock.runs)
				if (run.seeds) all[`${variety.id}/${run.seeds}`] = `${named}: packets of ${run.seeds}`;
			all[`${variety.id}/${BULK}`] = `${named}: bulk, g`;
		}
		return Object.entries(all)
			.map(([value, label]) => ({ value, label }))
			.sort((a, b) => a.label.localeCompare(b.label));
	});
	const bad = (i: number, ...parts: string[]) =>
		parts.some((part) => form.attempt.problem?.field === `lines[${i}].${part}`);

	async function send() {
		const lines = rows
			.filter((row) => row.what !== '')
			.map((row, i) => {
				const [varietyId, of] = row.what.split('/');
				const price = maybeNumberIn(`lines[${i}].price`, row.price);
				return of === BULK
					? { varietyId, bulk: numberIn(`lines[${i}].bulk`, row.much), price }
					: { varietyId, seeds: Number(of), packets: countIn(`lines[${i}].packets`, row.much), price };
			});
		kept(await ask(POST('/api/orders', { body: { ...form.body(), orderedOn: session.today, lines } })));
	}
</script>

<FormOf
	{form}
	{send}
	draft="order"
	act="Take the order"
	labels={{ lines: 'What' }}
	class="gap-4 sm:grid-cols-3"
>
	<Fields {form} of={['customerId', 'kind', 'wantedOn']} />
	<div class="col-span-full">
		<table class="figures">
			<thead
				><tr
					><th scope="col">what</th><th scope="col" class="text-right!">packets, or g</th><th
						scope="col"
						class="text-right!">price each, or for 100 g</th
					></tr
				></thead
			>
			<tbody>
				{#each rows as row, i (i)}
					<tr>
						<td
							><select
								class={['select w-full', bad(i, 'seeds') && 'select-error']}
								aria-label="What, line {i + 1}"
								bind:value={row.what}
							>
								<option value="">nothing</option>
								{#each choices as choice (choice.value)}<option value={choice.value}>{choice.label}</option
									>{/each}
							</select></td
						>
						<td class="text-right!"
							><input
								class={['input w-24 text-right', bad(i, 'packets', 'bulk') && 'input-error']}
								inputmode="decimal"
								aria-label="How much, line {i + 1}"
								bind:value={row.much}
							/></td
						>
						<td class="text-right!"
							><input
								class={['input w-28 text-right', bad(i, 'price') && 'input-error']}
								inputmode="decimal"
								placeholder={form.typed.kind === 'SALE' ? 'by terms' : 'none'}
								aria-label="Price, line {i + 1}"
								bind:value={row.price}
							/></td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<div class="col-span-full flex flex-wrap gap-3">
		<Act onclick={() => rows.push(nothing())}>Another line</Act>
	</div>
	<div class="col-span-full"><Fields {form} of={['note']} /></div>
</FormOf>
