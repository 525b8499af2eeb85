<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { count, day, text } from '$lib/form/kinds';
	import { here } from '$lib/offline/here';
	import CountGrid from './CountGrid.svelte';
	import { countsOf, nothingCounted, sent, type Counted } from './counting';

	interface Props {
		number: string;
		/** The test that is corrected. */
		test?: Schemas['GerminationView'];
		kept: () => void;
	}
	/** A test that was counted elsewhere, or the correction of one. */
	let { number, test, kept }: Props = $props();
	const was = untrack(() => test);
	let rows = $state<Counted[]>(was?.seedlings.map(countsOf) ?? Array.from({ length: 4 }, nothingCounted));
	let normalOnly = $state(was?.classes === undefined);
	const form = new Form<Schemas['GerminationRequest']>(
		{
			setOn: day('Set on', { needed: true }),
			countedOn: day('Counted on', { needed: true, start: session.today }),
			perReplicate: count('Seeds in each', { needed: true, start: 100 }),
			note: text('Note')
		},
		was
	);
	const normal = $derived(rows.map((row) => row.normal).join(', '));

	async function send() {
		const body = { ...form.body(), ...sent(rows, normalOnly) };
		if (was) {
			const { method, treatment, replicates, firstOn, firstCounts } = was;
			await ask(
				PUT('/api/germination/{id}', {
					params: { path: { id: was.id } },
					body: { ...body, method, treatment, replicates, firstOn, firstCounts }
				})
			);
		} else {
			const parts = { params: { path: { number } }, body };
			await ask(POST('/api/lots/{number}/germination', { ...parts, ...here(`germination of ${number}`) }));
		}
		kept();
	}
</script>

<FormOf
	{form}
	{send}
	draft="germination"
	act="Save test"
	kept="the old count"
	taken={kept}
	labels={{ counts: 'Germinated' }}
	also={(theirs) => [{ label: 'Germinated', mine: normal, theirs: (theirs.counts as number[]).join(', ') }]}
	class="gap-4 sm:grid-cols-3"
>
	<Fields {form} of={['setOn', 'countedOn', 'perReplicate']} />
	<div class="col-span-full">
		<CountGrid
			bind:rows
			perReplicate={Number(form.typed.perReplicate) || 100}
			{normalOnly}
			attempt={form.attempt}
		/>
	</div>
	<label class="col-span-full flex items-center gap-2"
		><input
			type="checkbox"
			class="checkbox"
			bind:checked={() => !normalOnly, (told) => (normalOnly = !told)}
		/>
		It is known what became of the others</label
	>
	<Fields {form} of={['note']} />
</FormOf>
