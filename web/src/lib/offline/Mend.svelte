<script lang="ts">
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { capital } from '$lib/words/words';
	import type { Waiting } from './box';
	import { mended, partsOf, wasChosen } from './mend';

	interface Props {
		record: Waiting;
		send: (body: object) => Promise<void>;
	}
	/** A record that was refused, with every part that was typed, to be put right and sent again. */
	let { record, send }: Props = $props();

	const attempt = new Attempt();
	// svelte-ignore state_referenced_locally
	let parts = $state(partsOf(record.body!));
</script>

<form
	class="mt-2 grid max-w-xl gap-2 sm:grid-cols-2"
	onsubmit={(event) => {
		event.preventDefault();
		void attempt.run(() => send(mended(record.body!, parts)));
	}}
>
	{#each parts as part (part.name)}
		<TextField
			label={capital(part.says)}
			name={part.name}
			type={part.day ? 'date' : 'text'}
			{attempt}
			bind:value={part.typed}
		/>
	{/each}
	{#if wasChosen(record.body)}
		<p class="text-sm text-soft sm:col-span-2">
			What was chosen stays as it was; to choose otherwise, write it down anew and set this one aside.
		</p>
	{/if}
	<button
		type="submit"
		class="btn btn-primary sm:col-span-2 sm:justify-self-start"
		aria-disabled={attempt.busy}>Send it again</button
	>
</form>
