<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { day, text } from '$lib/form/kinds';
	import { numbersIn } from '$lib/form/typed';
	import Term from '$lib/glossary/Term.svelte';
	import { mass, tenth } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import SeedWeightForm from './SeedWeightForm.svelte';
	import Sheet from './Sheet.svelte';

	interface Props {
		number: string;
		there: Schemas['SeedWeightView'][];
		kept: () => void;
	}
	/** What a thousand seeds weigh. */
	let { number, there, kept }: Props = $props();
	let weighing = $state(false);
	const on = (day: string) => dayMonth(day, session.today);
	function weighed() {
		weighing = false;
		kept();
	}
	/** Above it, how sure it is; whether it must be weighed again. */
	const says = ({ counted, result }: Schemas['SeedWeightView']) => {
		if (counted) return `all ${counted} seeds counted`;
		const spread = `weights spread ${tenth(result.cv)} %`;
		return result.accepted ? spread : `${spread}, ${result.limit} % is allowed: weigh 8 more`;
	};
</script>

<section>
	<h2 class="ruled"><Term of="tsw" /></h2>
	{#if session.works}
		<div class="my-3"><Act key="w" onclick={() => (weighing = !weighing)}>Weigh 100 seeds</Act></div>
	{/if}
	{#if weighing}
		<Sheet title="Thousand-seed weight"><SeedWeightForm {number} kept={weighed} /></Sheet>
	{/if}
	<table class="figures">
		<tbody>
			{#each there as test (test.id)}
				<tr>
					<th scope="row">{on(test.weighedOn)}</th>
					<td class="num"><b>{mass(test.result.thousandSeedWeight, session.units)}</b></td>
					<td class="beside"
						>{Math.round(test.result.seedsPerGram)} a gram; {says(test)}
						{#if session.works}<Amend
								what="the weights of {on(test.weighedOn)}"
								was={{ ...test, grams: test.grams.join(' ') }}
								fields={{
									weighedOn: day('Weighed on', { needed: true }),
									grams: text(test.counted ? `${test.counted} seeds weigh, g` : '100 seeds weigh, g', {
										hint: 'one after the other, a space between'
									})
								}}
								save={({ grams, ...body }) =>
									ask(
										PUT('/api/seed-weights/{id}', {
											params: { path: { id: test.id } },
											body: {
												...body,
												grams: numbersIn('grams', grams.split(/[;\s]+/)),
												counted: test.counted
											}
										})
									)}
								done={kept}
							/>{/if}</td
					>
				</tr>
			{:else}
				<tr><td class="text-soft">Not weighed yet.</td></tr>
			{/each}
		</tbody>
	</table>
</section>
