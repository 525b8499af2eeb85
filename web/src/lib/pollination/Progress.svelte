<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn, numberIn } from '$lib/form/typed';
	import { percent, whole, written } from '$lib/units/units';
	import { refusal } from '$lib/form/refusal';
	import { many } from '$lib/words/words';

	interface Props {
		page: Schemas['PollinationPage'];
		/** Flowers that lie on the phone still. */
		waiting: number;
		changed: () => void;
	}
	/** How many flowers the seed wanted asks for, and how many parents it really has. */
	let { page, waiting, changed }: Props = $props();

	const WANTED: Record<string, string> = {
		seeds: 'Seeds wanted',
		perFruit: 'Good seeds a fruit',
		fruits: 'Ripe fruits for it',
		variation: 'How unlike fruits are',
		reason: 'Why it is changed'
	};
	const attempt = new Attempt();
	const progress = $derived(page.progress);
	const parents = $derived(page.parents);
	const need = $derived(progress.need);
	// svelte-ignore state_referenced_locally
	let aiming = $state(progress.wrong !== undefined);
	// svelte-ignore state_referenced_locally
	let seeds = $state(String(progress.wanted.seeds));
	// svelte-ignore state_referenced_locally
	let perFruit = $state(written(progress.wanted.perFruit));
	// svelte-ignore state_referenced_locally
	let variation = $state(written(progress.wanted.variation));
	let reason = $state('');

	function keep() {
		void attempt.run(async () => {
			await ask(
				PUT('/api/plantings/{id}/pollination-aim', {
					params: { path: { id: page.planting.id! } },
					body: {
						seeds: countIn('seeds', seeds),
						perFruit: numberIn('perFruit', perFruit),
						variation: numberIn('variation', variation),
						version: progress.version,
						reason
					}
				})
			);
			aiming = false;
			changed();
		});
	}
</script>

<section>
	<h2 class="ruled">How many more</h2>
	{#if need}
		<p class="mt-2 text-lg font-bold">
			{need.more > 0
				? `${many(need.more, 'more flower')} to pollinate`
				: 'Enough flowers, if they take and ripen as expected'}
		</p>
	{:else if progress.wrong}
		<p class="caution mt-2 font-semibold" role="alert">
			No number of flowers comes of what is wanted: {refusal(progress.wrong, WANTED[progress.wrong.field])} Put
			it right below.
		</p>
	{/if}
	<table class="figures mt-1">
		<tbody>
			<tr
				><th scope="row"
					>seed wanted{progress.version < 0 ? ', as the plants usually give' : ''}, at {progress.wanted
						.perFruit} seeds a fruit</th
				><td class="num">{whole(progress.wanted.seeds)}</td></tr
			>
			{#if need}
				<tr><th scope="row">ripe fruits for it</th><td class="num">{need.fruits}</td></tr>
				<tr
					><th scope="row"
						>flowers in all, if {percent(progress.take)} take and {percent(progress.ripe)} of those ripen</th
					><td class="num">{need.flowers}</td></tr
				>
			{/if}
			<tr
				><th scope="row">pollinated{waiting ? `, ${waiting} of them on this phone` : ''}</th><td class="num"
					>{progress.done + waiting}</td
				></tr
			>
			<tr><th scope="row">took, and fell off</th><td class="num">{progress.took}, {progress.failed}</td></tr>
			<tr
				><th scope="row">plants that bore a fruit that took</th><td class="num"
					>{parents.mothers} of {page.planting.plants}</td
				></tr
			>
			<tr><th scope="row">plants whose pollen is in them</th><td class="num">{parents.fathers}</td></tr>
			<tr
				><th scope="row">worth of these parents to diversity</th><td class="num"
					>{Math.round(parents.effective * 10) / 10}</td
				></tr
			>
		</tbody>
	</table>
	<p class="mt-2 text-sm text-soft">
		For a 95 % chance; take is from {progress.took + progress.failed} flowers looked at, what is usual weighing
		as ten. Take drops in heat and late in the season. Fathers of one flower are counted as sharing its seed evenly.
	</p>
	{#if session.grower}
		<button type="button" class="mt-2 cursor-pointer underline" onclick={() => (aiming = !aiming)}
			>change what is wanted</button
		>
	{/if}
	{#if aiming}
		<form
			class="mt-3 grid gap-3 border-l-4 border-marigold bg-paper p-4"
			onsubmit={(event) => {
				event.preventDefault();
				keep();
			}}
		>
			<TextField label="Seeds wanted" name="seeds" {attempt} inputmode="numeric" bind:value={seeds} />
			<TextField
				label="Good seeds a fruit"
				name="perFruit"
				{attempt}
				inputmode="decimal"
				bind:value={perFruit}
			/>
			<TextField
				label="How unlike fruits are"
				name="variation"
				{attempt}
				inputmode="decimal"
				bind:value={variation}
				hint="0 all alike; 0.4 is usual"
			/>
			{#if progress.version >= 0}
				<TextField label="Why it is changed" name="reason" {attempt} bind:value={reason} />
			{/if}
			<Trouble {attempt} labels={WANTED} />
			<button type="submit" class="btn h-12 btn-primary" aria-disabled={attempt.busy}>Save</button>
		</form>
	{/if}
</section>
