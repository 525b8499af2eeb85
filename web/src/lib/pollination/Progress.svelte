<script lang="ts">
	import Term from '$lib/glossary/Term.svelte';
	import { untrack } from 'svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { count, figure } from '$lib/form/kinds';
	import { session } from '$lib/api/session.svelte';
	import { percent, whole } from '$lib/units/units';
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

	const progress = $derived(page.progress);
	const parents = $derived(page.parents);
	const need = $derived(progress.need);
	const form = untrack(
		() =>
			new Form(
				{
					seeds: count('Seeds wanted', { needed: true }),
					perFruit: figure('Good seeds a fruit', { needed: true }),
					variation: figure('How unlike fruits are', {
						needed: true,
						hint: '0 all alike; 0.4 is usual'
					})
				},
				{ ...progress.wanted, version: progress.version },
				undefined,
				progress.version >= 0
			)
	);
	let aiming = $state(untrack(() => progress.wrong !== undefined));

	async function send() {
		await ask(
			PUT('/api/plantings/{id}/pollination-aim', {
				params: { path: { id: page.planting.id! } },
				body: { reason: '', ...form.body(), version: progress.version }
			})
		);
		aiming = false;
		changed();
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
			No number of flowers comes of what is wanted: {refusal(
				progress.wrong,
				form.labels[progress.wrong.field]
			)} Put it right below.
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
				><th scope="row"><Term of="effectiveSize">effective population size</Term> of these parents</th><td
					class="num">{Math.round(parents.effective * 10) / 10}</td
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
		<FormOf {form} {send} taken={changed} class="mt-3 gap-3 border-l-4 border-marigold bg-paper p-4" />
	{/if}
</section>
