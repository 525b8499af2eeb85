<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Attempt } from './attempt.svelte';
	import { refusal } from './refusal';

	interface Props {
		label: string;
		name: string;
		attempt: Attempt;
		hint?: string;
		/** Whether it cannot be left empty. */
		needed?: boolean;
		children: Snippet<[{ id: string; invalid: boolean; describedBy?: string }]>;
	}
	let { label, name, attempt, hint, needed = false, children }: Props = $props();
	const id = $props.id();
	const problem = $derived(attempt.problem?.field?.split('[')[0] === name ? attempt.problem : undefined);
	let whole = $state<HTMLElement>();
	// Whoever was refused goes on where it is put right, folded away or not.
	$effect(() => {
		if (!problem || !whole) return;
		for (let fold = whole.closest('details'); fold; fold = fold.parentElement?.closest('details') ?? null)
			fold.open = true;
		whole.querySelector<HTMLElement>('input, select, textarea')?.focus();
	});
	const describedBy = $derived(problem ? `${id}-wrong` : hint ? `${id}-hint` : undefined);
</script>

<div bind:this={whole} class="flex min-w-0 flex-col gap-1" oninput={() => attempt.typed(name)}>
	<!-- Beside the label, not in it: a screen reader is told by the field itself. -->
	<span class="flex items-baseline gap-2">
		<label for={id} class="text-sm font-semibold">{label}</label>
		{#if needed}<span class="text-xs text-soft" aria-hidden="true">needed</span>{/if}
	</span>
	{@render children({ id, invalid: problem !== undefined, describedBy })}
	{#if problem}
		<p id="{id}-wrong" class="text-sm font-semibold text-alarm">{refusal(problem, label)}</p>
	{:else if hint}
		<p id="{id}-hint" class="text-sm text-soft">{hint}</p>
	{/if}
</div>
