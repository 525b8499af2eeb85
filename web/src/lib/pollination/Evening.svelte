<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { store } from '$lib/offline/store';
	import { many } from '$lib/words/words';
	import { listed } from './pollination';

	type Buds = Schemas['BudsRequest'];
	interface Props {
		planting: Schemas['PlantingView'];
		/** Closed this evening already, recorded or on the phone. */
		tonight: Buds[];
		close: (closed: Buds[], draft: string) => Promise<void>;
	}
	/** This evening: buds that open tomorrow, closed plant by plant. */
	let { planting, tonight, close }: Props = $props();

	// svelte-ignore state_referenced_locally
	const key = `buds ${planting.id}`;
	let plant = $state(1);
	let closed = $state<Buds[]>([]);
	const here = $derived(closed.find((buds) => buds.plant === plant));
	const females = $derived(closed.reduce((sum, buds) => sum + buds.females, 0));
	const males = $derived(closed.reduce((sum, buds) => sum + buds.males, 0));
	const before = $derived(tonight.reduce((sum, buds) => sum + buds.females + buds.males, 0));

	void store()
		.then((box) => box.drafts.get(key))
		.then((kept) => {
			if (kept) closed = kept.value as Buds[];
		});

	function add(females: number, males: number) {
		const now = here ?? { plant, females: 0, males: 0 };
		const then = {
			plant,
			females: Math.max(0, now.females + females),
			males: Math.max(0, now.males + males)
		};
		closed = [...closed.filter((buds) => buds.plant !== plant), then]
			.filter((buds) => buds.females + buds.males > 0)
			.sort((a, b) => a.plant - b.plant);
		const value = $state.snapshot(closed);
		void store().then((box) => box.drafts.put({ key, value }));
	}
	const attempt = new Attempt();
	const record = () =>
		attempt.run(async () => {
			await close($state.snapshot(closed), key);
			closed = [];
		});
</script>

<section>
	<h2 class="ruled flex items-baseline justify-between gap-3">
		This evening<span class="text-sm font-normal text-soft">buds that open tomorrow</span>
	</h2>
	<p class="py-2 text-sm">
		Coloured at the tip and still shut. Close them with a clip or a band, so that no bee is there first.
		{before ? `${many(before, 'bud')} closed this evening already.` : ''}
	</p>
	<div class="plant">
		<button type="button" aria-label="Plant before" onclick={() => (plant = Math.max(1, plant - 1))}>−</button
		>
		<label class="grid justify-items-center text-sm"
			>plant
			<input
				class="number"
				inputmode="numeric"
				value={plant}
				onchange={(event) => {
					const typed = Math.round(Number(event.currentTarget.value));
					plant = Math.min(planting.plants, Math.max(1, typed || 1));
				}}
			/></label
		>
		<button
			type="button"
			aria-label="Plant after"
			onclick={() => (plant = Math.min(planting.plants, plant + 1))}>+</button
		>
	</div>
	<div class="mt-2 grid grid-cols-2 gap-2">
		<button type="button" class="bud" onclick={() => add(1, 0)}
			><span>female bud</span><strong>{here?.females ?? 0}</strong></button
		>
		<button type="button" class="bud" onclick={() => add(0, 1)}
			><span>male bud</span><strong>{here?.males ?? 0}</strong></button
		>
	</div>
	{#if closed.length}
		<p class="mt-2 text-sm">
			{many(females, 'female')} and {many(males, 'male')}, on plants {listed(
				closed.map((buds) => buds.plant)
			)}.
			{#if here}<button type="button" class="cursor-pointer underline" onclick={() => add(-99, -99)}
					>take plant {plant} back</button
				>{/if}
		</p>
		<Trouble {attempt} />
		<button
			type="button"
			class="btn mt-3 h-14 w-full btn-primary"
			aria-disabled={attempt.busy}
			onclick={() => void record()}>Record {many(females + males, 'closed bud')}</button
		>
	{/if}
</section>

<style>
	.plant {
		display: grid;
		grid-template-columns: 1fr 1fr 1fr;
		align-items: stretch;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
	}
	.plant button {
		min-height: 4rem;
		font-size: 1.8rem;
		font-weight: 700;
	}
	.number {
		width: 4.5rem;
		text-align: center;
		font-size: 1.8rem;
		font-weight: 750;
		background: transparent;
	}
	.bud {
		min-height: 4rem;
		padding: 0.5rem 0.8rem;
		display: flex;
		justify-content: space-between;
		align-items: center;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
		font-weight: 650;
	}
	.bud strong {
		font-size: 1.6rem;
	}
</style>
