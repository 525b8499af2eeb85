<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Term from '$lib/glossary/Term.svelte';
	import { known as sureness } from '$lib/lot/moisture';
	import { tenth } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import Correct from './Correct.svelte';
	import MoistureForm from './MoistureForm.svelte';
	import Sheet from './Sheet.svelte';

	interface Props {
		number: string;
		there: Schemas['MoistureView'][];
		/** What is taken for it where it was never measured. */
		moisture?: Schemas['LotKnown']['moisture'];
		kept: () => void;
	}
	/** How moist the seed is. */
	let { number, there, moisture, kept }: Props = $props();
	let measuring = $state(false);
	const on = (day: string) => dayMonth(day, session.today);
	function measured() {
		measuring = false;
		kept();
	}
</script>

<section>
	<h2 class="ruled"><Term of="moisture">Moisture</Term></h2>
	{#if session.works}
		<div class="my-3"><Act key="m" onclick={() => (measuring = !measuring)}>Measure moisture</Act></div>
	{/if}
	{#if measuring}<Sheet title="Moisture"><MoistureForm {number} kept={measured} /></Sheet>{/if}
	<table class="figures">
		<tbody>
			{#each there as test (test.id)}
				<tr>
					<th scope="row"
						>{on(test.measuredOn)}<br /><span class="beside">{test.dishes.length ? 'oven' : 'meter'}</span
						></th
					>
					<td class="num"><b>{tenth(test.result.moisture)} %</b></td>
					<td class="beside"
						>{test.agrees
							? `within ${tenth(test.result.apart)} points`
							: `${tenth(test.result.apart)} points apart: mix it and measure again`}
						<Correct what="the moisture of {on(test.measuredOn)}">
							{#snippet children(done)}
								<MoistureForm {number} {test} kept={() => (done(), kept())} />
							{/snippet}
						</Correct>
					</td>
				</tr>
			{:else}
				<tr
					><td class="text-soft"
						>{moisture === undefined
							? 'Never measured, and not known by its weights or by the air it stands in.'
							: `Never measured in a test; ${tenth(moisture.percent)} %, ${sureness(moisture)}.`}</td
					></tr
				>
			{/each}
		</tbody>
	</table>
</section>
