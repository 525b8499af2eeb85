<script lang="ts">
	import type { Snippet } from 'svelte';
	import Act from '$lib/form/Act.svelte';

	interface Props {
		/** Where the farm answers over HTTPS, the best first. */
		addresses: string[];
		/** How a device comes to trust it. */
		children: Snippet;
	}
	let { addresses, children }: Props = $props();

	let opens = $state<Record<string, boolean>>({});
	let asked = $state(false);
	const best = $derived(addresses.find((address) => opens[address]));

	/** An answer comes only where the address is found and the browser trusts whoever answers. */
	async function answers(address: string) {
		try {
			await fetch(`${address}/api/network`, {
				mode: 'no-cors',
				cache: 'no-store',
				signal: AbortSignal.timeout(8000)
			});
			return true;
		} catch {
			return false;
		}
	}
	async function ask() {
		asked = false;
		await Promise.all(
			addresses.map(async (address) => {
				opens[address] = await answers(address);
			})
		);
		asked = true;
	}
	$effect(() => void ask());
</script>

<svelte:document onvisibilitychange={() => document.visibilityState === 'visible' && ask()} />

<section class="grid gap-3" aria-live="polite">
	{#if best}
		<p class="font-semibold">This device trusts the farm.</p>
		<div><Act main href={best}>Open the farm</Act></div>
		<p class="text-soft">
			At {best}. Put it on the home screen, and open the farm from there: what is recorded without a signal
			waits under this address.
		</p>
		{#if best !== addresses[0]}
			<p class="caution">
				This device does not find {addresses[0].replace('https://', '')}, which would stay the same. The
				number works until the router gives the farm’s machine another one: have it keep this one.
			</p>
		{/if}
	{:else if asked}
		<p>
			This device does not trust the farm yet, or is not in the farm’s network.
			<button type="button" class="quiet" onclick={ask}>Ask again</button>
		</p>
	{:else}
		<p class="text-soft">Asking whether this device trusts the farm …</p>
	{/if}
</section>

{#if asked && !best}{@render children()}{/if}
