<script lang="ts">
	import { v7 as newId } from 'uuid';
	import type { Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { maybeNumberIn } from '$lib/form/typed';
	import Trouble from '$lib/form/Trouble.svelte';
	import { many } from '$lib/words/words';
	import { money, packet } from './words';

	type Along = Schemas['AlongLine'];
	interface Props {
		lines: Along[];
		/** Packets of a run that are on their way to the server. */
		underWay: (line: Along) => number;
		hand: (handed: Schemas['HandedRequest'], says: string) => Promise<void>;
	}
	/** The packets on the table, to be tapped one by one as they go into a hand. */
	let { lines, underWay, hand }: Props = $props();

	const attempt = new Attempt();
	let chosen = $state<Record<string, number>>({});
	let agreed = $state('');
	let other = $state(false);
	const left = (line: Along) => line.taken - line.handed - underWay(line) - (chosen[line.packingRunId] ?? 0);
	const basket = $derived(lines.filter((line) => chosen[line.packingRunId]));
	const packets = $derived(basket.reduce((sum, line) => sum + chosen[line.packingRunId], 0));
	const sum = $derived(basket.reduce((all, line) => all + line.price * chosen[line.packingRunId], 0));

	function empty() {
		chosen = {};
		agreed = '';
		other = false;
	}

	function over(gift: boolean) {
		void attempt.run(async () => {
			await hand(
				{
					id: newId(),
					lines: basket.map(({ packingRunId }) => ({ packingRunId, packets: chosen[packingRunId] })),
					gift,
					price: gift || !other ? undefined : maybeNumberIn('price', agreed)
				},
				`${many(packets, 'packet')} ${gift ? 'given' : 'sold'} at the stall`
			);
			empty();
		});
	}
</script>

<ul class="grid grid-cols-2 gap-2 sm:grid-cols-3 lg:grid-cols-4">
	{#each lines as line (line.packingRunId)}
		{@const n = chosen[line.packingRunId] ?? 0}
		<li>
			<button
				type="button"
				class={['packets', n > 0 && 'chosen']}
				disabled={left(line) <= 0}
				onclick={() => (chosen = { ...chosen, [line.packingRunId]: n + 1 })}
			>
				<strong class="leading-tight">{line.variety}</strong>
				<span class="text-sm">{packet(line)}</span>
				<span class="flex w-full items-baseline justify-between gap-2">
					<span class="num">{money(line.price)}</span>
					<span class="text-sm"
						>{n > 0 ? `${n} ×` : left(line) > 0 ? `${left(line)} there` : 'none left'}</span
					>
				</span>
			</button>
		</li>
	{/each}
</ul>
<section class="basket" aria-label="This customer">
	<p class="flex items-baseline justify-between gap-3">
		<span aria-live="polite">{packets ? many(packets, 'packet') : 'Tap what goes into a hand.'}</span>
		{#if packets}<strong class="num text-2xl">{money(sum)}</strong>{/if}
	</p>
	{#if packets}
		{#if other}
			<TextField
				label="Agreed in all"
				name="price"
				{attempt}
				bind:value={agreed}
				inputmode="decimal"
				hint="empty: {money(sum)}"
			/>
		{/if}
		<Trouble {attempt} labels={{ price: 'Agreed in all', packets: 'Packets' }} />
		<div class="flex flex-wrap items-center gap-2">
			<Act main key="s" disabled={attempt.busy} onclick={() => over(false)}>Sold</Act>
			<Act disabled={attempt.busy} onclick={() => over(true)}>Given</Act>
			{#if !other}<button type="button" class="quiet" onclick={() => (other = true)}>other price</button>{/if}
			<button type="button" class="quiet ml-auto" onclick={empty}>none of it</button>
		</div>
	{/if}
</section>

<style>
	.packets {
		display: grid;
		width: 100%;
		min-height: 6rem;
		align-content: space-between;
		justify-items: start;
		gap: 0.25rem;
		padding: 0.6rem 0.7rem;
		text-align: left;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
	}
	.packets:disabled {
		opacity: 0.45;
	}
	.chosen {
		border-width: 3px;
		padding: calc(0.6rem - 1.5px) calc(0.7rem - 1.5px);
	}
	.basket {
		position: sticky;
		bottom: 0.5rem;
		display: grid;
		gap: 0.6rem;
		margin: 0.75rem 0 1.5rem;
		padding: 0.75rem 0.9rem;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
	}
	/* The rooms lie along the bottom of a phone. */
	@media (width < 48rem) {
		.basket {
			bottom: 4.25rem;
		}
	}
</style>
