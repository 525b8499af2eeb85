<script lang="ts">
	import type { Attempt } from './attempt.svelte';
	import { refusal } from './refusal';

	let { attempt, labels = {} }: { attempt: Attempt; labels?: Record<string, string> } = $props();
	const problem = $derived(attempt.problem);
</script>

<div role="alert">
	{#if problem && problem.status !== 409}
		<p class="caution font-semibold">
			{refusal(problem, problem.field ? labels[problem.field.split('[')[0]] : undefined)}
		</p>
	{:else if problem && problem.current === undefined}
		<p class="caution font-semibold">{problem.message}</p>
	{/if}
</div>
