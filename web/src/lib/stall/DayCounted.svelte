<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { difference, money, packet } from './words';

	interface Props {
		day: Schemas['StallDayView'];
	}
	/** What a day at the stall came to. */
	let { day }: Props = $props();
	const box = $derived(difference(day));
</script>

<div class="grid items-start gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
	<table class="figures">
		<thead
			><tr
				><th scope="col">packets</th><th scope="col" class="text-right! max-sm:hidden">price</th><th
					scope="col"
					class="text-right! max-sm:hidden">taken</th
				><th scope="col" class="text-right!">sold</th><th scope="col" class="text-right!">given</th><th
					scope="col"
					class="text-right!">back</th
				></tr
			></thead
		>
		<tbody>
			{#each day.lines as line (line.packingRunId)}
				{@const back = line.returned ?? 0}
				{@const given = line.given ?? 0}
				<tr>
					<th scope="row"
						>{line.variety}, {packet(line)}
						<a class="quiet font-mono text-sm" href="/lot/{line.number}">{line.number}</a></th
					>
					<td class="num max-sm:hidden">{money(line.price)}</td>
					<td class="num max-sm:hidden">{line.taken}</td>
					<td class="num">{line.taken - back - given}</td>
					<td class="num">{given}</td>
					<td class="num">{back}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<section>
		<h2 class="ruled">Cash box</h2>
		<table class="figures">
			<tbody>
				<tr><th scope="row">due for what was sold</th><td class="num">{money(day.brought)}</td></tr>
				{#if day.cashCounted !== undefined}
					<tr><th scope="row">cash after the last sale</th><td class="num">{money(day.cashCounted)}</td></tr>
					<tr><th scope="row">of it change from before</th><td class="num">{money(day.floatCash)}</td></tr>
					<tr><th scope="row">by card or transfer</th><td class="num">{money(day.paidOtherwise)}</td></tr>
				{/if}
			</tbody>
		</table>
		<p class="mt-3 flex items-center gap-2 text-lg font-bold">
			{#if box}<Mark state={box.state} label={box.label} />{:else}The cash was not counted.{/if}
		</p>
	</section>
</div>
