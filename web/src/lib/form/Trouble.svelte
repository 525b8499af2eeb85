<script lang="ts">
	import { partsOf } from '$lib/offline/mend';
	import type { Attempt } from './attempt.svelte';
	import { refusal } from './refusal';

	interface Props {
		attempt: Attempt;
		labels?: Record<string, string>;
		/** Whether the form itself shows both versions where two clash. */
		showsClash?: boolean;
	}
	/** Why an act was refused; where something else is kept already, that too. */
	let { attempt, labels = {}, showsClash = false }: Props = $props();
	const problem = $derived(attempt.problem);
	const kept = $derived(
		problem?.status === 409 && problem.current && !showsClash
			? partsOf(problem.current).filter((part) => part.typed && /^\w+$/.test(part.name))
			: []
	);
</script>

<div role="alert">
	{#if problem && !(showsClash && problem.current)}
		<p class="caution font-semibold">
			{refusal(problem, problem.field ? labels[problem.field.split('[')[0]] : undefined)}
		</p>
		{#if kept.length}
			<p class="mt-1 text-sm">
				Kept is: {kept.map((part) => `${part.says} ${part.typed}`).join(', ')}.
			</p>
		{/if}
	{/if}
</div>
