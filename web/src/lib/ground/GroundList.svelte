<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { area, distance, reach } from '$lib/units/units';
	import { aboutNeighbour } from './neighbour';
	import { BARRIER } from '$lib/words/words';
	import type { Shape } from './shape';
	import Marks from '$lib/season/Marks.svelte';

	interface Props {
		shapes: Shape[];
		/** What grows; left out while the ground itself is drawn. */
		plantings?: Schemas['PlantingView'][];
		choose: (id: string) => void;
	}
	/** Everything on the map, to be chosen by keyboard. */
	let { shapes, plantings, choose }: Props = $props();

	/** Each plot with its beds after it. */
	const listed = $derived(
		shapes
			.filter((shape) => !shape.bed)
			.flatMap((shape) => [shape, ...shapes.filter((bed) => bed.bed && bed.bed.plotId === shape.id)])
	);

	function about(shape: Shape): string {
		if (shape.plot) return area(shape.plot.area, session.units);
		if (shape.bed) {
			return `${distance(shape.bed.length, session.units)} × ${reach(shape.bed.width, session.units)}`;
		}
		if (shape.barrier) {
			return `${BARRIER[shape.barrier.kind]}, ${distance(shape.barrier.height, session.units)} high`;
		}
		return aboutNeighbour(shape);
	}
	function ofPlot(shape: Shape) {
		return shape.bed ? shapes.find((one) => one.id === shape.bed?.plotId)?.name : undefined;
	}
</script>

<table class="figures mt-2">
	<thead>
		<tr>
			<th scope="col">{plantings ? 'ground' : 'shape'}</th>
			<th scope="col">{plantings ? 'this season' : ''}</th>
			<th scope="col"></th>
		</tr>
	</thead>
	<tbody>
		{#each listed as shape (shape.id)}
			{@const here = plantings?.filter((planting) => planting.plotId === shape.id) ?? []}
			<tr id="plot-{shape.id}">
				<th scope="row">
					{#if plantings}
						{shape.name}
					{:else}
						<button type="button" class="cursor-pointer text-left underline" onclick={() => choose(shape.id)}
							>{shape.name}{ofPlot(shape) ? `, ${ofPlot(shape)}` : ''}</button
						>
					{/if}
					<br /><span class="beside">{about(shape)}</span>
				</th>
				<td>
					{#each here as planting (planting.id)}
						<button
							type="button"
							class="block cursor-pointer text-left font-semibold underline decoration-line underline-offset-3"
							onclick={() => choose(planting.id ?? '')}>{planting.variety.name}</button
						>
					{:else}
						{#if plantings && shape.plot}<span class="text-soft">free</span>
						{:else if plantings}
							<button
								type="button"
								class="cursor-pointer text-soft underline"
								onclick={() => choose(shape.id)}>neighbour</button
							>
						{/if}
					{/each}
				</td>
				<td class="text-right!">
					{#each here as planting (planting.id)}
						<span class="block not-last:mb-1"><Marks {planting} /></span>
					{/each}
				</td>
			</tr>
		{/each}
	</tbody>
</table>
