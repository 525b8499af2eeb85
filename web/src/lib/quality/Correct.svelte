<script lang="ts">
	import type { Snippet } from 'svelte';
	import { session } from '$lib/api/session.svelte';

	interface Props {
		/** What is corrected, in a few words. */
		what: string;
		/** The form, given what closes it. */
		children: Snippet<[() => void]>;
	}
	/** A quiet button that opens the form in which a record is corrected under it. */
	let { what, children }: Props = $props();
	let open = $state(false);
</script>

{#if session.works}
	<button
		type="button"
		class="cursor-pointer text-sm text-soft underline"
		aria-label="Correct {what}"
		onclick={() => (open = true)}>correct</button
	>
	{#if open}
		<div class="my-3 border-l-4 border-marigold bg-paper p-4 text-left">
			{@render children(() => (open = false))}
		</div>
	{/if}
{/if}
