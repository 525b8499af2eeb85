<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { whole } from '$lib/units/units';

	/** A scheme held against the plan, figure by figure. */
	let { compared }: { compared: Schemas['Compared'] } = $props();
	type Sum = Schemas['Sum'];

	const ROWS: { name: string; of: (sum: Sum) => number; better: 'less' | 'more' | '' }[] = [
		{ name: 'seed crops', of: (sum) => sum.seedCrops, better: '' },
		{ name: 'would cross', of: (sum) => sum.crosses, better: 'less' },
		{ name: 'tight', of: (sum) => sum.tight, better: 'less' },
		{ name: 'clear', of: (sum) => sum.clear, better: 'more' },
		{ name: 'too few plants', of: (sum) => sum.shortOfPlants, better: 'less' },
		{ name: 'plants in all', of: (sum) => sum.plants, better: '' },
		{ name: 'hours to keep true and walk', of: (sum) => Math.round(sum.hours), better: '' }
	];
	function change(before: number, after: number, better: string) {
		if (after === before) return 'the same';
		const by = `${whole(Math.abs(after - before))} ${after > before ? 'more' : 'fewer'}`;
		if (!better) return by;
		return after > before === (better === 'more') ? `${by}: better` : `${by}: worse`;
	}
</script>

<table class="figures max-w-2xl">
	<thead>
		<tr>
			<th scope="col"></th>
			<th scope="col" class="text-right!">the plan</th>
			<th scope="col" class="text-right!">{compared.scheme.name}</th>
			<th scope="col" class="pl-4!"></th>
		</tr>
	</thead>
	<tbody>
		{#each ROWS as row (row.name)}
			{@const before = row.of(compared.plan)}
			{@const after = row.of(compared.tried)}
			<tr>
				<th scope="row">{row.name}</th>
				<td class="num">{whole(before)}</td>
				<td class="num">{whole(after)}</td>
				<td class="beside pl-4!">{change(before, after, row.better)}</td>
			</tr>
		{/each}
	</tbody>
</table>
