<script lang="ts">
	let { shown = $bindable() }: { shown: boolean } = $props();
	let dialog = $state<HTMLDialogElement>();
	let onPage = $state<{ key: string; act: string }[]>([]);

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
