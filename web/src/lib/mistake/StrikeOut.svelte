<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	/** Strikes out what was made by mistake, as long as nothing rests on it; and puts it back. */
	interface Props {
		kind: Schemas['StrikeOutRequest']['kind'];
		recordId: string;
		/** What it is called. */
		named: string;
	}
	let { kind, recordId, named }: Props = $props();
	const attempt = new Attempt();
	let because = $state('');
	let out = $state.raw<Schemas['StruckOutView']>();

	function strike(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			out = await ask(POST('/api/struck-out', { body: { kind, recordId, because } }));
		});
	}
	function back(id: string) {
		void attempt.run(async () => {
			await ask(POST('/api/struck-out/{id}/taken-back', { params: { path: { id } } }));
			out = undefined;
			because = '';
		});
	}
</script>

<div aria-live="polite">
	{#if out}
		<p class="caution flex flex-wrap items-center gap-3">
			<span>{named} is struck out: it no longer stands in any list.</span>
			<Act onclick={() => back(out!.id)} disabled={attempt.busy}>Put it back</Act>
		</p>
	{:else}
		<details>
			<summary class="quiet block w-fit cursor-pointer py-1.5">Made by mistake?</summary>
			<form class="mt-3 grid max-w-md gap-3" onsubmit={strike}>
				<TextField
					label="Why it is struck out"
					name="because"
					{attempt}
					bind:value={because}
					hint="only while nothing rests on it; it can be put back"
				/>
				<Trouble {attempt} labels={{ because: 'Why it is struck out', recordId: named }} />
				<div><Act type="submit" disabled={attempt.busy}>Strike {named} out</Act></div>
			</form>
		</details>
	{/if}
</div>
