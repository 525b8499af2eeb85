<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { count, day, text, yes } from '$lib/form/kinds';
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

	const of = ({ id }: { id: string }) => ({ params: { path: { id } } });
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
									was={{ ...flower, fathers: own(flower).join(', ') }}
									fields={{
										tag: text('Tag'),
										mother: count('Mother plant', { needed: true }),
										fathers: text('Father plants', {
											hint: elsewhere(flower).length
												? `beside ${many(elsewhere(flower).length, 'plant')} of another planting`
												: undefined
										}),
										note: text('Note')
									}}
									save={({ fathers, ...body }) =>
										ask(
											PUT('/api/flowers/{id}', {
												...of(flower),
												body: {
													...body,
													id: flower.id,
													fathers: [
														...plantsIn(fathers).map((plant) => ({ plantingId: here, plant })),
														...elsewhere(flower)
													]
												}
											})
										)}
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
									was={{ ...flower, lookedOn: flower.lookedOn ?? session.today }}
									fields={{ took: yes('It took'), lookedOn: day('Looked at on', { needed: true }) }}
									save={(body) => ask(PUT('/api/flowers/{id}/took', { ...of(flower), body }))}
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
