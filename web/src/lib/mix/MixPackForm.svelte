<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { amount, count, day, weight } from '$lib/form/kinds';

	interface Props {
		mix: Schemas['MixView'];
		main: boolean;
		kept: () => void;
	}
	/** Fills packets of a mix, by weight. */
	let { mix, main, kept }: Props = $props();
	const NEEDED = { needed: true } as const;
	const [year, month] = session.today.split('-').map(Number);
	const form = new Form({
		grams: weight('A packet holds', { ...NEEDED, scale: true }),
		packets: count('Packets', NEEDED),
		price: amount('Price a packet', NEEDED),
		sowBy: count('Packed for the year', { ...NEEDED, start: year + (month >= 8 ? 1 : 0) }),
		packedOn: day('Packed on', { ...NEEDED, start: session.today })
	});
	async function send() {
		const parts = { params: { path: { number: mix.number } }, body: form.body() };
		await ask(POST('/api/mixes/{number}/packing', parts));
		form.clear('packets');
		kept();
	}
</script>

<FormOf {form} {send} {main} act="Packed" labels={{ number: 'The mix' }} />
