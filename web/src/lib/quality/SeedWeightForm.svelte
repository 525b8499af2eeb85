<script lang="ts">
	import { ask, POST } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, count, day, figure } from '$lib/form/kinds';
	import Readings from '$lib/form/Readings.svelte';
	import { numbersIn } from '$lib/form/typed';
	import { here } from '$lib/offline/here';

	let { number, kept }: { number: string; kept: () => void } = $props();
	let grams = $state(Array.from({ length: 8 }, () => ''));
	const all = (typed: { way?: string }) => typed.way === 'all';
	const form = new Form({
		weighedOn: day('Weighed on', { needed: true, start: session.today }),
		way: choice('How', {
			hundreds: 'hundreds, weighed apart',
			all: 'all of it, counted: there is too little'
		}),
		counted: count('Seeds counted', { needed: true, when: all }),
		'grams[0]': figure('They weigh', { needed: true, when: all, unit: 'g' })
	});
	async function send() {
		const { way, 'grams[0]': together, ...body } = form.body();
		const weighed = way === 'all' ? [together] : numbersIn('grams', grams);
		await ask(
			POST('/api/lots/{number}/seed-weight', {
				params: { path: { number } },
				body: { ...body, grams: weighed },
				...here(`weight of the seed of ${number}`)
			})
		);
		kept();
	}
</script>

<FormOf {form} {send} draft="weight" act="Save weights" labels={{ grams: 'Weights' }}>
	<Fields {form} />
	{#if !all(form.typed)}
		<Readings
			attempt={form.attempt}
			name="grams"
			legend="100 seeds weigh, in grams"
			each={(i) => `Weight ${i} of 100 seeds, grams`}
			bind:values={grams}
			class="grid-cols-4"
			hint="Eight make a full test; two are the least. Draw them from the mixed lot."
		/>
	{/if}
</FormOf>
