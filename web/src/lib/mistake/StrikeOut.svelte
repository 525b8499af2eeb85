<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { text } from '$lib/form/kinds';
	import Act from '$lib/form/Act.svelte';

	/** Strikes out what was made by mistake, as long as nothing rests on it; and puts it back. */
	interface Props {
		kind: Schemas['StrikeOutRequest']['kind'];
		recordId: string;
		/** What it is called. */
		named: string;
	}
	let { kind, recordId, named }: Props = $props();
	const form = new Form({
		because: text('Why it is struck out', {
			hint: 'only while nothing rests on it; it can be put back'
		})
	});
	let out = $state.raw<Schemas['StruckOutView']>();

	async function strike() {
		out = await ask(POST('/api/struck-out', { body: { ...form.body(), kind, recordId } }));
	}
	function back(id: string) {
		void form.attempt.run(async () => {
			await ask(POST('/api/struck-out/{id}/taken-back', { params: { path: { id } } }));
			out = undefined;
			form.clear();
		});
	}
</script>

<div aria-live="polite">
	{#if out}
		<p class="caution flex flex-wrap items-center gap-3">
			<span>{named} is struck out: it no longer stands in any list.</span>
			<Act onclick={() => back(out!.id)} disabled={form.attempt.busy}>Put it back</Act>
		</p>
	{:else}
		<details>
			<summary class="quiet block w-fit cursor-pointer py-1.5">Made by mistake?</summary>
			<FormOf
				{form}
				send={strike}
				main={false}
				act="Strike {named} out"
				labels={{ recordId: named }}
				class="mt-3 max-w-md gap-3"
			/>
		</details>
	{/if}
</div>
