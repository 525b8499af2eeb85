<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend, { type Amended, type Entry } from '$lib/form/Amend.svelte';
	import { countIn } from '$lib/form/typed';
	import { dayMonth } from '$lib/words/dates';
	import { many } from '$lib/words/words';
	import { listed, plantsIn } from './pollination';

	type Flower = Schemas['FlowerView'];
	interface Props {
		page: Schemas['PollinationPage'];
		changed: () => void;
	}
	/** Every flower that was pollinated, with its parents, newest first. */
	let { page, changed }: Props = $props();

	const SHOWN = 12;
	let all = $state(false);
	const newest = $derived(page.flowers.toReversed());
	const here = $derived(page.planting.id!);
	const elsewhere = (flower: Flower) => flower.fathers.filter((father) => father.plantingId !== here);
	const own = (flower: Flower) =>
		flower.fathers.filter((father) => father.plantingId === here).map((father) => father.plant);
	const fate = (flower: Flower) =>
		flower.took === undefined ? 'not looked at yet' : flower.took ? 'took' : 'fell off';

	const entries = (flower: Flower): Entry[] => [
		{ name: 'tag', label: 'Tag', value: flower.tag },
		{ name: 'mother', label: 'Mother plant', value: String(flower.mother), type: 'number' },
		{
			name: 'fathers',
			label: 'Father plants',
			value: own(flower).join(', '),
			hint: elsewhere(flower).length
				? `beside ${many(elsewhere(flower).length, 'plant')} of another planting`
				: undefined
		},
		{ name: 'note', label: 'Note', value: flower.note }
	];
	const keep =
		(flower: Flower): Amended =>
		(typed, made) =>
			ask(
				PUT('/api/flowers/{id}', {
					params: { path: { id: flower.id } },
					body: {
						id: flower.id,
						tag: typed.tag,
						mother: countIn('mother', typed.mother),
						fathers: [
							...plantsIn(typed.fathers).map((plant) => ({ plantingId: here, plant })),
							...elsewhere(flower)
						],
						note: typed.note,
						...made
					}
				})
			);
	const keepFate =
		(flower: Flower): Amended =>
		(typed, made) =>
			ask(
				PUT('/api/flowers/{id}/took', {
					params: { path: { id: flower.id } },
					body: { took: typed.took === 'true', lookedOn: typed.lookedOn, ...made }
				})
			);
</script>

{#if page.flowers.length}
	<section class="mt-8">
		<h2 class="ruled">Flowers pollinated</h2>
		<table class="figures max-w-4xl">
			<thead>
				<tr>
					<th scope="col">tag</th><th scope="col">mother</th><th scope="col">fathers</th><th scope="col"
						>pollinated</th
					><th scope="col">since</th>
				</tr>
			</thead>
			<tbody>
				{#each all ? newest : newest.slice(0, SHOWN) as flower (flower.id)}
					<tr>
						<th scope="row"
							><strong>{flower.tag}</strong>
							{#if session.works}<Amend
									what="flower {flower.tag}"
									entries={entries(flower)}
									version={flower.version}
									save={keep(flower)}
									done={changed}
								/>{/if}</th
						>
						<td>plant {flower.mother}</td>
						<td
							>{own(flower).length ? `plants ${listed(own(flower))}` : ''}{elsewhere(flower).length
								? ` and ${elsewhere(flower).length} from another planting`
								: ''}</td
						>
						<td>{dayMonth(flower.pollinatedAt)}, {flower.recordedBy}</td>
						<td
							>{fate(flower)}
							{#if session.works && flower.took !== undefined}<Amend
									what="whether flower {flower.tag} took"
									entries={[
										{ name: 'took', label: 'It took', value: String(flower.took), type: 'yes' },
										{
											name: 'lookedOn',
											label: 'Looked at on',
											value: flower.lookedOn ?? session.today,
											type: 'date'
										}
									]}
									version={flower.version}
									save={keepFate(flower)}
									done={changed}
								/>{/if}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
		{#if newest.length > SHOWN}
			<button type="button" class="mt-2 cursor-pointer underline" onclick={() => (all = !all)}
				>{all ? 'the newest only' : `and ${newest.length - SHOWN} more`}</button
			>
		{/if}
	</section>
{/if}
