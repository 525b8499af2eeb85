<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Term from '$lib/glossary/Term.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { mass, tenth } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { weevilsSay } from '$lib/words/words';
	import { known as sureness, told } from '$lib/lot/moisture';

	/** What a lot was tested for, newest first. */
	let { of }: { of: Schemas['LotPage'] } = $props();
	const known = $derived(of.known);
	const { lot, tests, gate } = $derived(known);
	const weight = $derived(tests.seedWeights[0]);
	const units = $derived(session.units);
</script>

<section id="tests">
	<h2 class="ruled flex items-baseline justify-between gap-3">
		Tests<a class="quiet text-sm font-normal" href="/lot/{lot.number}/tests">all of them</a>
	</h2>
	<table class="figures">
		<tbody>
			{#each tests.running as test (test.id)}
				<tr
					><th scope="row">set {dayMonth(test.setOn, session.today)}</th><td class="num">…</td><td
						class="beside">last count {dayMonth(test.finalDue, session.today)}</td
					></tr
				>
			{/each}
			{#each tests.germinations.slice(0, 3) as test (test.id)}
				<tr>
					<th scope="row">germination, {dayMonth(test.countedOn!, session.today)}</th>
					<td class="num">{test.result!.reported} %</td>
					<td class="beside">
						{#if test.result!.acceptable}
							{Math.round(test.result!.lower)}–{Math.round(test.result!.upper)}; needs {gate.standard}
						{:else}
							<Mark state="tight" label="disagree" />
							{test.counts.join(', ')}: {test.result!.range} apart, {test.result!.toleratedRange} allowed
						{/if}
					</td>
				</tr>
			{:else}
				<tr
					><th scope="row">germination</th><td class="num">–</td><td class="beside"
						>needs {gate.standard} %</td
					></tr
				>
			{/each}
			<tr>
				<th scope="row"><Term of="tsw">thousand-seed weight</Term></th>
				<td class="num">{weight ? mass(weight.result.thousandSeedWeight, units) : '–'}</td>
				<td class="beside">
					{#if weight}
						{Math.round(weight.result.seedsPerGram)} a gram{weight.result.accepted
							? ''
							: `; weights spread ${tenth(weight.result.cv)} %, ${weight.result.limit} % is allowed`}
					{/if}
				</td>
			</tr>
			<tr
				><th scope="row"><Term of="moisture">moisture</Term></th><td class="num"
					>{known.moisture === undefined ? '–' : `${tenth(known.moisture.percent)} %`}</td
				><td class="beside">{known.moisture === undefined ? 'not known' : sureness(known.moisture)}</td></tr
			>
			{#if tests.purities.length}
				<tr
					><th scope="row"><Term of="purity">physical purity</Term></th><td class="num">{known.purity} %</td
					><td class="beside">{dayMonth(tests.purities[0].testedOn, session.today)}</td></tr
				>
			{/if}
			{#if known.weevils && tests.weevils.length}
				<tr
					><th scope="row">weevils, {dayMonth(tests.weevils[0].lookedOn, session.today)}</th><td class="num"
						>{tests.weevils[0].bored} in {tests.weevils[0].seeds}</td
					><td class="beside">{weevilsSay(known.weevils, units)}</td></tr
				>
			{/if}
		</tbody>
	</table>
	{#if known.moistures.length > 1}
		<details class="mt-2">
			<summary class="cursor-pointer text-sm">Its moisture since it was picked</summary>
			<table class="figures mt-1">
				<tbody>
					{#each known.moistures as entry, i (i)}
						<tr
							><th scope="row">{dayMonth(entry.on, session.today)}, {told(entry)}</th><td class="num"
								>{entry.moisture ? `${tenth(entry.moisture.percent)} %` : '–'}</td
							><td class="beside">{entry.moisture ? sureness(entry.moisture) : 'not known'}</td></tr
						>
					{/each}
				</tbody>
			</table>
		</details>
	{/if}
</section>
