<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { amount, choice, count, day, pick, text, weight } from '$lib/form/kinds';
	import { here } from '$lib/offline/here';
	import { mass } from '$lib/units/units';
	import { money, packet, SALE, SOLD } from './words';

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
	const BULK = 'bulk';
	const NEEDED = { needed: true } as const;
	const left = $derived(stock.runs.filter((run) => run.free > 0));
	const form = new Form({
		customer: text('To whom', {
			...NEEDED,
			known: () => customers.map((known) => known.name),
			hint: 'a market, a shop, another grower'
		}),
		packingRunId: pick(
			'From',
			() => [
				...left.map((run) => ({
					value: run.id,
					label: `${packet(run)}, ${money(run.price)}: ${run.free} left`
				})),
				{ value: BULK, label: `bulk, ${mass(stock.free, session.units)}` }
			],
			{ ...NEEDED, start: untrack(() => left[0]?.id ?? BULK) }
		),
		bulk: weight('Bulk', { ...NEEDED, when: (typed) => typed.packingRunId === BULK }),
		packets: count('Packets', { ...NEEDED, when: (typed) => typed.packingRunId !== BULK }),
		kind: choice('As', SALE),
		price: amount('Price in all', {
			when: ({ kind }) => kind === 'SALE',
			hint: 'empty: by the customer’s terms'
		}),
		note: text('What came back', { when: ({ kind }) => kind === 'SWAP' }),
		soldOn: day('On', { ...NEEDED, start: session.today })
	});

	async function send() {
		const { packingRunId, ...sale } = form.body();
		const body = { ...sale, packingRunId: packingRunId === BULK ? undefined : packingRunId };
		await ask(
			POST('/api/lots/{number}/sales', {
				params: { path: { number } },
				body,
				...here(`${number} sold to ${sale.customer}`)
			})
		);
		kept(sale.kind === 'SWAP' ? sale.customer : undefined);
	}
</script>

<FormOf {form} {send} draft="sale" {main} act={SOLD[form.typed.kind || 'SALE']} labels={{ number: 'Lot' }} />
