<script lang="ts">
	import ScanButton from '$lib/scan/ScanButton.svelte';
	import type SearchBox from './SearchBox.svelte';
	import SearchField from './SearchField.svelte';

	/** The search box. What it takes to search is fetched when somebody begins to. */
	let Box = $state.raw<typeof SearchBox>();
	let box = $state<SearchBox>();
	let field = $state<HTMLInputElement>();
	let begun = $state('');
	let entered = $state(false);
	let scanned = '';

	async function fetchBox() {
		const { default: fetched } = await import('./SearchBox.svelte');
		entered = document.activeElement === field;
		Box = fetched;
	}

	export async function open(number: string) {
		if (box) return box.open(number);
		scanned = number;
		await fetchBox();
	}

	$effect(() => {
		if (!box || !scanned) return;
		void box.open(scanned);
		scanned = '';
	});
</script>

<search class="relative flex w-full gap-2">
	{#if Box}
		<Box bind:this={box} {begun} {entered} />
	{:else}
		<SearchField bind:value={begun} bind:field onfocus={fetchBox} />
	{/if}
	<ScanButton what="a lot" read={(code) => void open(code)} />
</search>
