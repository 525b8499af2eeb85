<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { day } from '$lib/form/kinds';
	import { STEP } from '$lib/words/words';

	type Kind = Schemas['StepView']['kind'];
	interface Props {
		number: string;
		goesOn: (lot: Schemas['LotView']) => void;
	}
	/** Sends clean seed back to the bench for more steps. */
	let { number, goesOn }: Props = $props();

	/** In the order they are done in. */
	const KINDS: Kind[] = ['DRY', 'SCREEN', 'WINNOW', 'HAND_PICK', 'FREEZE'];
	const form = new Form({ on: day('Taken on', { needed: true, start: session.today }) });
	let chosen = $state<Kind[]>([]);

	async function send() {
		const body = { ...form.body(), steps: KINDS.filter((kind) => chosen.includes(kind)) };
		goesOn(await ask(POST('/api/lots/{number}/clean-again', { params: { path: { number } }, body })));
	}
</script>

<FormOf
	{form}
	{send}
	main={false}
	act="Clean it again"
	labels={{ steps: 'Steps', number: 'The lot' }}
	class="max-w-2xl gap-4"
>
	<p>
		While none of it was packed, sold, taken or promised it keeps its number. After that the rest gets a
		number of its own, for it is no longer the seed that was sold; both know of each other.
	</p>
	<fieldset class="flex flex-wrap gap-x-6 gap-y-2">
		<legend class="mb-1 font-semibold">Steps</legend>
		{#each KINDS as kind (kind)}
			<label class="flex items-center gap-2">
				<input type="checkbox" class="checkbox" value={kind} bind:group={chosen} />
				{STEP[kind].act.toLowerCase()}
			</label>
		{/each}
	</fieldset>
	<div class="max-w-60"><Fields {form} /></div>
</FormOf>
