<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import type { Undo } from '$lib/form/undo.svelte';
	import { shortDay } from '$lib/words/dates';

	interface Props {
		seen: Schemas['NeighbourView'];
		attempt: Attempt;
		undo: Undo;
		kept: () => void;
	}
	/** What a neighbour agreed to cut, or is to be mown: a promise until somebody has seen it done. */
	let { seen, attempt, undo, kept }: Props = $props();

	function say(says: string, by: string | undefined, on: string | undefined) {
		const { agreedBy, keptOn } = seen;
		void attempt.run(async () => {
			const path = { id: seen.id };
			const now = await ask(
				POST('/api/neighbours/{id}/agreed', {
					params: { path },
					body: { version: seen.version, by, kept: on }
				})
			);
			undo.done(says, () =>
				ask(
					POST('/api/neighbours/{id}/agreed', {
						params: { path },
						body: { version: now.version, by: agreedBy, kept: keptOn }
					})
				)
			);
			kept();
		});
	}
</script>

{#if seen.agreedBy}
	<p class="mb-2">
		{seen.keptOn
			? `Seen cut on ${shortDay(seen.keptOn)}.`
			: `To be cut by ${shortDay(seen.agreedBy)}: a promise until you have seen it done.`}
	</p>
	<p class="mb-4 flex flex-wrap gap-3">
		{#if !seen.keptOn}
			<Act
				disabled={attempt.busy}
				onclick={() => say(`${seen.name} is seen cut.`, seen.agreedBy, session.today)}>I have seen it cut</Act
			>
		{/if}
		<Act disabled={attempt.busy} onclick={() => say(`${seen.name} is not to be cut.`, undefined, undefined)}
			>It is not to be cut</Act
		>
	</p>
{/if}
