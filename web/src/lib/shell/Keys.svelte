<script lang="ts">
	import { TERMS, type TermKey } from '$lib/glossary/terms';
	import Dialog from './Dialog.svelte';

	let { shown = $bindable() }: { shown: boolean } = $props();
	let onPage = $state<{ key: string; act: string }[]>([]);
	let terms = $state<TermKey[]>([]);

	$effect(() => {
		if (!shown) return;
		onPage = [...document.querySelectorAll<HTMLElement>('[data-key]')].map((element) => ({
			key: element.dataset.key ?? '',
			act: [...element.childNodes]
				.filter((part) => part.nodeName !== 'KBD')
				.map((part) => part.textContent)
				.join('')
				.trim()
		}));
		terms = [
			...new Set(
				[...document.querySelectorAll<HTMLElement>('[data-term]')].map(
					(element) => element.dataset.term as TermKey
				)
			)
		];
	});
</script>

<Dialog bind:open={shown} title="Keys">
	<dl>
		<dt><kbd>/</kbd></dt>
		<dd>search the farm’s lots, plantings, customers, orders and pages</dd>
		<dt><kbd>26-TOM-07-W</kbd></dt>
		<dd>type or scan a lot number anywhere, then ⏎: opens the lot</dd>
		<dt><kbd>?</kbd></dt>
		<dd>these keys</dd>
		{#each onPage as entry (entry.key + entry.act)}
			<dt><kbd>{entry.key}</kbd></dt>
			<dd>{entry.act}</dd>
		{/each}
	</dl>
	{#if terms.length}
		<h2 class="ruled">Terms on this page</h2>
		<ul class="my-4 flex max-w-prose flex-wrap gap-x-5 gap-y-1">
			{#each terms as key (key)}
				<li>
					<a class="quiet" href="/handbook/glossary#{key}" onclick={() => (shown = false)}
						>{TERMS[key].term}</a
					>
				</li>
			{/each}
		</ul>
	{/if}
	<p><a class="quiet" href="/handbook/glossary" onclick={() => (shown = false)}>All terms</a></p>
</Dialog>

<style>
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0.5rem 1.25rem;
		margin: 1rem 0 1.25rem;
	}
	kbd {
		font-family: var(--font-mono);
		font-weight: 650;
	}
</style>
