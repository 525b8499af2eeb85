<script lang="ts">
	import { v7 as newId } from 'uuid';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { cropWord } from '$lib/words/words';
	import { SEEN } from './bloomLooks';

	type Seen = Schemas['BloomLookRequest']['seen'];
	interface Props {
		plantingId: string;
		variety: string;
		crop: string;
		/** Where it was seen from: the page it is done on. */
		from: string;
	}
	/** One tap for what is seen today of a bloom, with a signal or without. */
	let { plantingId, variety, crop, from }: Props = $props();

	const attempt = new Attempt();
	let seen = $state<Seen>();
	const words = Object.entries(SEEN) as [Seen, string][];

	function note(what: Seen) {
		void attempt.run(async () => {
			const id = newId();
			await outbox.add({
				id,
				method: 'POST',
				path: `/api/plantings/${plantingId}/bloom-looks`,
				body: { id, seenOn: session.today, seen: what, note: '' },
				says: `bloom of the ${variety} ${cropWord(crop)}: ${SEEN[what]}`,
				from
			});
			seen = what;
		});
	}
</script>

<div class="looks" role="group" aria-label="Does the {variety} bloom?">
	{#each words as [what, says] (what)}
		<button
			type="button"
			aria-pressed={seen === what}
			disabled={attempt.busy || seen !== undefined}
			onclick={() => note(what)}>{says}</button
		>
	{/each}
</div>
<Trouble {attempt} />

<style>
	.looks {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		border: 1px solid var(--color-base-content);
	}
	button {
		min-height: 2.75rem;
		font-weight: 650;
		font-size: var(--text-sm);
		background: var(--color-base-100);
	}
	button:disabled {
		opacity: 0.5;
	}
	button[aria-pressed='true'] {
		opacity: 1;
		background: var(--color-accent);
		color: var(--color-accent-content);
	}
</style>
