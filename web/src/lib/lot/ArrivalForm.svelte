<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, pick } from '$lib/form/kinds';
	import { cropWord, GRADE } from '$lib/words/words';
	import { arrivalFields } from './arrival';

	type Way = Schemas['ArrivalView']['way'];
	interface Props {
		varieties: Schemas['VarietyView'][];
		/** How it came and from whom, where that is known already. */
		way?: Way;
		fromWhom?: string;
		kept: (lot: Schemas['LotView']) => void;
	}
	/** Gives seed a number that no planting here gave. */
	let { varieties, way = 'BOUGHT', fromWhom = '', kept }: Props = $props();
	const form = new Form({
		varietyId: pick(
			'Variety',
			() => [
				{ value: '', label: 'choose' },
				...varieties.map((one) => ({ value: one.id, label: `${one.name}, ${cropWord(one.cropName)}` }))
			],
			{ needed: true }
		),
		...arrivalFields(untrack(() => ({ way, fromWhom }))),
		grade: choice('Grade it is taken to be', GRADE, { start: 'MARKET' })
	});
	const send = async () => kept(await ask(POST('/api/lots/arrivals', { body: form.body() })));
</script>

<FormOf {form} {send} draft="arrival" act="Give it a number">
	<div>
		<Fields {form} of={['varietyId']} />
		<a class="quiet mt-1 inline-block text-sm" href="/desk/varieties/new">a variety not listed yet</a>
	</div>
	<Fields {form} of={['way', 'mass', 'grownIn', 'fromWhom', 'oldNumber', 'cameOn']} />
	<details class="sm:col-span-2">
		<summary class="cursor-pointer font-semibold">More: its grade, plants, treatment, and their test</summary>
		<div class="mt-3 grid gap-4 sm:grid-cols-2">
			<Fields {form} of={['grade', 'plants', 'theirGermination', 'theirTestOn', 'treatment', 'note']} />
		</div>
	</details>
</FormOf>
