<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Term from '$lib/glossary/Term.svelte';
	import Hours from '$lib/money/Hours.svelte';
	import { mass } from '$lib/units/units';
	import Gave from './Gave.svelte';
	import YieldBar from './YieldBar.svelte';

	interface Props {
		of: Schemas['LotPage'];
		bench: Schemas['BenchView'];
	}
	/** What a lot came to, and what is left of it. */
	let { of, bench }: Props = $props();
	const { known, stock, gave } = $derived(of);
	const lot = $derived(known.lot);
	const units = $derived(session.units);
	const hoursOf = (minutes: number) =>
		minutes < 60
			? `${minutes} min`
			: `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
</script>

<section>
	<h2 class="ruled">Yield</h2>
	<table class="figures">
		<tbody>
			<tr
				><th scope="row"
					>{bench.clean
						? 'clean seed'
						: bench.transferred
							? 'when all of it was transferred'
							: 'at the last weighing'}{#if session.works && bench.clean && stock.bulk > 0}<br /><a
							class="text-sm font-normal text-soft underline"
							href="/lot/{lot.number}/blend#again">clean again</a
						>{/if}</th
				><td class="num">{mass(bench.mass, units)}</td></tr
			>
			<tr
				><th scope="row"
					>work at the bench{#if session.works}<br /><Hours
							bearers={[{ label: lot.number, lotId: lot.id }]}
						/>{/if}</th
				><td class="num">{hoursOf(bench.minutes)}</td></tr
			>
			<tr><th scope="row">left in bulk</th><td class="num">{mass(stock.bulk, units)}</td></tr>
			{#if stock.reserved > 0}<tr
					><th scope="row">of it <Term of="stockSeed">stock seed</Term></th><td class="num"
						>{mass(stock.reserved, units)}</td
					></tr
				>{/if}
			<tr><th scope="row">packets left</th><td class="num">{stock.packets}</td></tr>
		</tbody>
	</table>
	{#if gave}
		<div class="mt-3"><Gave {gave} /></div>
	{:else if bench.yield}
		<div class="mt-3"><YieldBar result={bench.yield} /></div>
	{/if}
</section>
