<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { count as counted, day, pick, text } from '$lib/form/kinds';
	import { dayMonth } from '$lib/words/dates';
	import { POINT } from '$lib/words/words';

	type Point = Schemas['CountView']['point'];
	interface Props {
		stand: Schemas['StandPage'];
		points: Point[];
		changed: () => void;
	}
	/** What was counted through the life of a stand, and what is left of it. */
	let { stand, points, changed }: Props = $props();
	const NEEDED = { needed: true } as const;
</script>

<table class="figures">
	<tbody>
		<tr><th scope="row">planned</th><td class="num">{stand.planting.plants}</td><td class="beside"></td></tr>
		{#each stand.counts as count (count.id)}
			<tr>
				<th scope="row">{POINT[count.point]}</th>
				<td class="num">{count.plants}</td>
				<td class="beside"
					>{dayMonth(count.countedOn, session.today)}
					{count.note}
					{#if session.works}<Amend
							what="the count"
							was={count}
							fields={{
								point: pick(
									'Counted',
									points.map((value) => ({ value, label: POINT[value] })),
									NEEDED
								),
								plants: counted('How many', NEEDED),
								countedOn: day('On', NEEDED),
								note: text('Note')
							}}
							save={({ point, ...body }) =>
								ask(
									PUT('/api/counts/{id}', {
										params: { path: { id: count.id } },
										body: { ...body, id: count.id, point: point as Point }
									})
								)}
							done={changed}
						/>{/if}</td
				>
			</tr>
		{/each}
		{#if stand.pulled}
			<tr><th scope="row">pulled since, on walks</th><td class="num">−{stand.pulled}</td><td></td></tr>
		{/if}
		{#if stand.life}
			<tr
				><th scope="row"><strong>standing</strong></th><td class="num">{stand.life.standing}</td><td></td></tr
			>
		{/if}
		{#if stand.harvested}
			<tr><th scope="row">seed picked from</th><td class="num">{stand.harvested}</td><td></td></tr>
		{/if}
	</tbody>
</table>
