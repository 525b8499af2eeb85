<script lang="ts">
	import { cautions } from './cautions.svelte';

	interface Props {
		/** Under what it is remembered. */
		of: string;
		says: string;
	}
	/** What can hurt: large until it was read once this season, a line from then on. */
	let { of, says }: Props = $props();

	$effect(() => void cautions.look().catch(() => {}));
</script>

{#if cautions.known(of)}
	<p class="text-sm text-soft"><strong>Take care:</strong> {says}</p>
{:else}
	<div class="caution">
		<p class="font-bold">Take care</p>
		<p>{says}</p>
		<p class="mt-1 text-sm">
			Follow the rules of your place, and whoever is licensed for it where that is asked.
		</p>
		<button
			type="button"
			class="btn mt-2 btn-secondary"
			onclick={() => void cautions.read(of).catch(() => {})}>I have read it</button
		>
	</div>
{/if}
