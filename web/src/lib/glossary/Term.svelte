<script lang="ts">
	import { Popover } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { TERMS, type Term, type TermKey } from './terms';

	interface Props {
		/** Which term it is. */
		of: TermKey;
		/** How the page says it; its name where it says nothing. */
		children?: Snippet;
	}
	let { of, children }: Props = $props();
	const term: Term = $derived(TERMS[of]);
</script>

<Popover.Root
	><Popover.Trigger class="term" data-term={of} title={term.means}>
		{#if children}{@render children()}{:else}{term.term}{/if}
	</Popover.Trigger><Popover.Portal>
		<Popover.Content role="dialog" class="gloss" sideOffset={6} collisionPadding={12} aria-label={term.term}>
			<p class="font-semibold">{term.term}{term.short ? ` (${term.short})` : ''}</p>
			<p class="mt-1">{term.means}</p>
			<p class="mt-2"><a class="quiet" href="/handbook/glossary#{of}">All terms</a></p>
		</Popover.Content>
	</Popover.Portal></Popover.Root
>

<style>
	:global(.term) {
		cursor: help;
		font: inherit;
		color: inherit;
		text-align: inherit;
		text-decoration: underline dotted 1px;
		text-underline-offset: 3px;
	}
	:global(.gloss) {
		z-index: 40;
		max-width: min(24rem, 92vw);
		padding: 0.8rem 1rem;
		background: var(--color-base-100);
		border: 2px solid var(--color-base-content);
		font-size: var(--text-sm);
		font-weight: 400;
		text-align: left;
	}
</style>
