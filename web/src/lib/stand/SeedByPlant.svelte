<script lang="ts">
	import Act from '$lib/form/Act.svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { massIn, numberIn } from '$lib/form/typed';
	import { mass, tenth } from '$lib/units/units';
	import { many } from '$lib/words/words';

	interface Props {
		stand: Schemas['StandPage'];
		weigh: (plant: string, grams: number) => Promise<void>;
		changed: () => void;
	}
	/** Seed weighed plant by plant: a few plants that gave most of it are worth fewer than they are. */
	let { stand, weigh, changed }: Props = $props();

	const attempt = new Attempt();
	const next = $derived(
		String(1 + Math.max(0, ...stand.seeds.map((seed) => Number(seed.plant)).filter(Number.isInteger)))
	);
	let typed = $state<string>();
	let grams = $state(NaN);
	let weighed = $state(0);
	const plant = $derived(typed ?? next);
	const known = $derived(stand.seeds.some((seed) => seed.plant === plant.trim()));

	const add = () =>
		attempt.run(async () => {
			const value = massIn('mass', grams);
			await weigh(plant.trim(), value);
			typed = /^\d+$/.test(plant.trim()) ? String(Number(plant) + 1) : '';
			grams = NaN;
			weighed++;
		});
</script>

<section>
	<h2 class="ruled">Seed by plant</h2>
	{#if stand.worth}
		<p class="mt-2 font-bold">
			{many(stand.worth.plants, 'plant')} picked: worth {tenth(stand.worth.effective)} to diversity{stand
				.worth.weighed > 1
				? `, ${tenth(stand.worth.ifAlike)} if all had given alike`
				: ''}.
		</p>
	{/if}
	<p class="text-sm text-soft">
		{stand.worth?.weighed
			? `${many(stand.worth.weighed, 'plant')} weighed; the others are taken to give as much on average. Pollen is taken to come evenly from all.`
			: 'Where plants give very unlike, weigh the seed of each by itself, or of twenty taken as they come.'}
	</p>
	{#if session.works}
		<form
			class="mt-3 grid grid-cols-[5rem_minmax(0,1fr)_auto] items-end gap-3"
			onsubmit={(event) => {
				event.preventDefault();
				void add();
			}}
		>
			<TextField
				label="Plant"
				name="plant"
				{attempt}
				required
				needed
				maxlength={20}
				bind:value={() => plant, (value) => (typed = value)}
			/>
			{#key weighed}<MassField label="Its seed" name="mass" {attempt} bind:grams />{/key}
			<Act main type="submit" why={plant.trim() ? (known ? 'Choose another plant.' : '') : 'Say which plant.'}
				>Weighed</Act
			>
		</form>
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
									version={seed.version}
									entries={[
										{ name: 'plant', label: 'Plant', value: seed.plant },
										{ name: 'mass', label: 'Its seed, g', value: String(seed.mass), type: 'number' },
										{ name: 'weighedOn', label: 'Weighed on', value: seed.weighedOn, type: 'date' }
									]}
									save={(entry, made) =>
										ask(
											PUT('/api/seeds/{id}', {
												params: { path: { id: seed.id } },
												body: {
													id: seed.id,
													plant: entry.plant,
													mass: numberIn('mass', entry.mass),
													weighedOn: entry.weighedOn,
													...made
												}
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
