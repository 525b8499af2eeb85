<script lang="ts">
	import { TERMS, type TermKey } from '$lib/glossary/terms';

	let { shown = $bindable() }: { shown: boolean } = $props();
	let dialog = $state<HTMLDialogElement>();
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
		dialog?.showModal();
	});
</script>

<dialog bind:this={dialog} class="keys" onclose={() => (shown = false)} aria-labelledby="keys-title">
	<h2 id="keys-title" class="ruled">Keys</h2>
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
					<a class="quiet" href="/handbook/glossary#{key}" onclick={() => dialog?.close()}
						>{TERMS[key].term}</a
					>
				</li>
			{/each}
		</ul>
	{/if}
	<p class="mb-4"><a class="quiet" href="/handbook/glossary" onclick={() => dialog?.close()}>All terms</a></p>
	<form method="dialog"><button class="btn btn-primary">Close</button></form>
</dialog>

<style>
	.keys {
		margin: auto;
		border: 2px solid var(--color-base-content);
		background: var(--color-base-100);
		color: inherit;
		padding: 1.25rem 1.5rem;
		min-width: min(30rem, 92vw);
	}
	.keys::backdrop {
		background: rgb(0 0 0 / 0.35);
	}
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
