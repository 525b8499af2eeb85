<script lang="ts">
	import Term from '$lib/glossary/Term.svelte';
	import { untrack } from 'svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { day, text, weight } from '$lib/form/kinds';
	import { mass, tenth } from '$lib/units/units';
	import { many } from '$lib/words/words';

	interface Props {
		stand: Schemas['StandPage'];
		weigh: (plant: string, grams: number) => Promise<void>;
		changed: () => void;
	}
	/** Seed weighed plant by plant: a few plants that gave most of it count for fewer than they are. */
	let { stand, weigh, changed }: Props = $props();

	const NEEDED = { needed: true } as const;
	const next = $derived(
		String(1 + Math.max(0, ...stand.seeds.map((seed) => Number(seed.plant)).filter(Number.isInteger)))
	);
	const form = new Form({
		plant: text('Plant', { ...NEEDED, maxlength: 20, start: untrack(() => next) }),
		mass: weight('Its seed', NEEDED)
	});
	const plant = $derived(form.typed.plant.trim());
	const known = $derived(stand.seeds.some((seed) => seed.plant === plant));

	async function send() {
		const { plant, mass } = form.body();
		await weigh(plant, mass);
		form.typed.plant = /^\d+$/.test(plant) ? String(Number(plant) + 1) : '';
		form.clear('mass');
	}
</script>

<section>
	<h2 class="ruled">Seed by plant</h2>
	{#if stand.effectiveSize}
		<p class="mt-2 font-bold">
			{many(stand.effectiveSize.plants, 'plant')} picked, an <Term of="effectiveSize"
				>effective population size</Term
			> of {tenth(stand.effectiveSize.effective)}{stand.effectiveSize.weighed > 1
				? `, ${tenth(stand.effectiveSize.ifAlike)} if all had given alike`
				: ''}.
		</p>
	{/if}
	<p class="text-sm text-soft">
		{stand.effectiveSize?.weighed
			? `${many(stand.effectiveSize.weighed, 'plant')} weighed; the others are taken to give as much on average. Pollen is taken to come evenly from all.`
			: 'Where plants give very unlike, weigh the seed of each by itself, or of twenty taken as they come.'}
	</p>
	{#if session.works}
		<FormOf
			{form}
			{send}
			act="Weighed"
			why={plant ? (known ? 'Choose another plant.' : '') : 'Say which plant.'}
			class="mt-3 grid-cols-[5rem_minmax(0,1fr)] items-end gap-3"
		/>
		{#if known}<p class="text-sm font-semibold text-alarm">Plant {plant} is weighed already.</p>{/if}
	{/if}
	{#if stand.seeds.length}
		<table class="figures mt-2">
			<tbody>
				{#each stand.seeds.toReversed().slice(0, 8) as seed (seed.id)}
					<tr>
						<th scope="row">plant {seed.plant}</th>
						<td class="num">{mass(seed.mass, session.units)}</td>
						<td class="num"
							>{#if session.works}<Amend
									what="the seed of plant {seed.plant}"
									was={seed}
									fields={{
										plant: text('Plant', NEEDED),
										mass: weight('Its seed', NEEDED),
										weighedOn: day('Weighed on', NEEDED)
									}}
									save={(body) =>
										ask(
											PUT('/api/seeds/{id}', {
												params: { path: { id: seed.id } },
												body: { ...body, id: seed.id }
											})
										)}
									done={changed}
								/>{/if}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</section>
