<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Attempt } from './attempt.svelte';
	import { refusal } from './refusal';

	interface Props {
		label: string;
		name: string;
		attempt: Attempt;
		hint?: string;
		children: Snippet<[{ id: string; invalid: boolean; describedBy?: string }]>;
	}
	let { label, name, attempt, hint, children }: Props = $props();
	const id = $props.id();
	const problem = $derived(attempt.problem?.field?.split('[')[0] === name ? attempt.problem : undefined);
	const describedBy = $derived(problem ? `${id}-wrong` : hint ? `${id}-hint` : undefined);
</script>

<div class="flex min-w-0 flex-col gap-1" oninput={() => attempt.typed(name)}>
	<label for={id} class="text-sm font-semibold">{label}</label>
	{@render children({ id, invalid: problem !== undefined, describedBy })}
	{#if problem}
		<p id="{id}-wrong" class="text-sm font-semibold text-alarm">{refusal(problem, label)}</p>
	{:else if hint}
		<p id="{id}-hint" class="text-sm text-soft">{hint}</p>
	{/if}
</div>
