<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { amount, choice, count, day, pick, text, weight } from '$lib/form/kinds';
	import { money, SALE, SOLD } from '$lib/stall/words';
	import { mass } from '$lib/units/units';

	interface Props {
		mix: Schemas['MixView'];
		customers: Schemas['CustomerView'][];
		main: boolean;
		kept: () => void;
	}
	/** Packets of a mix, or some of it by weight, that leave. */
	let { mix, customers, main, kept }: Props = $props();
	const BULK = 'bulk';
	const NEEDED = { needed: true } as const;
	const left = $derived(mix.packings.filter((one) => one.left > 0));
	const form = new Form({
		customer: text('To whom', { known: () => customers.map((known) => known.name) }),
		packingId: pick(
			'From',
			() => [
				...left.map((one) => ({
					value: one.id,
					label: `packets of ${mass(one.grams, session.units)}, ${money(one.price)}: ${one.left} left`
				})),
				{ value: BULK, label: `not packed, ${mass(mix.bulk, session.units)}` }
			],
			{ ...NEEDED, start: untrack(() => left[0]?.id ?? BULK) }
		),
		bulk: weight('Bulk', { ...NEEDED, when: (typed) => typed.packingId === BULK }),
		packets: count('Packets', { ...NEEDED, when: (typed) => typed.packingId !== BULK }),
		kind: choice('As', SALE),
		price: amount('Price in all', {
			when: ({ kind }) => kind === 'SALE',
			hint: ({ packingId }) => (packingId === BULK ? undefined : 'empty: the price on the packets')
		}),
		note: text('What came back', { when: ({ kind }) => kind === 'SWAP' }),
		soldOn: day('On', { ...NEEDED, start: session.today })
	});
	async function send() {
		const { packingId, ...sale } = form.body();
		const body = { ...sale, packingId: packingId === BULK ? undefined : packingId };
		await ask(POST('/api/mixes/{number}/sales', { params: { path: { number: mix.number } }, body }));
		form.clear('packets', 'price', 'bulk');
		kept();
	}
</script>

<FormOf {form} {send} {main} act={SOLD[form.typed.kind || 'SALE']} labels={{ number: 'The mix' }} />
