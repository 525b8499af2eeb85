<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { count, day } from '$lib/form/kinds';
	import MassField from '$lib/form/MassField.svelte';
	import { numberIn } from '$lib/form/typed';
	import { mass } from '$lib/units/units';

	interface Props {
		lot: Schemas['Ingredient'];
		/** Whether it is; else nothing of it can stay behind. */
		clean: boolean;
		parted: (parts: Schemas['LotView'][]) => void;
	}
	/** Parts a lot: some of it apart, or all of it into parts alike. */
	let { lot, clean, parted }: Props = $props();

	let masses = $state(['']);
	const form = new Form<Schemas['PartRequest']>({
		parts: count('Or all of it into parts alike', { hint: 'how many' }),
		transferredOn: day('Split on', { needed: true, start: session.today })
	});
	async function send() {
		const body = form.body();
		if (!body.parts) body.masses = masses.map((one, i) => numberIn(`masses[${i}]`, one));
		parted(await ask(POST('/api/lots/{number}/parts', { params: { path: { number: lot.number } }, body })));
	}
</script>

<FormOf
	{form}
	{send}
	act="Part it"
	labels={{ masses: 'Each part', mass: 'Each part' }}
	class="max-w-2xl gap-4 sm:grid-cols-2"
>
	<p class="sm:col-span-2">
		There are <strong>{mass(lot.available, session.units)}</strong> that nobody is promised{#if lot.kept > 0}; {mass(
				lot.kept,
				session.units
			)}
			more is kept for own sowing and stays (<a class="quiet" href="/lot/{lot.number}/store"
				>keep less of it</a
			>){/if}. {#if clean}What is not transferred stays under <span class="font-mono">{lot.number}</span
			>.{:else}All of it goes into the parts: it is not clean yet, and what stayed behind would have no steps
			of its own.{/if}
	</p>
	{#if !form.typed.parts}
		{#each masses.keys() as i (i)}
			<MassField
				label="Part {i + 1}"
				name="masses[{i}]"
				heavy={lot.available >= 1000}
				attempt={form.attempt}
				bind:value={masses[i]}
				scale
			/>
		{/each}
		<button
			type="button"
			class="cursor-pointer self-end justify-self-start pb-3 text-sm underline"
			onclick={() => masses.push('')}>another part</button
		>
	{/if}
	<Fields {form} />
	<p class="text-sm text-soft sm:col-span-2">
		Each part gets a number of its own and takes over the tests with their dates. Weevils are looked for anew.
	</p>
</FormOf>
