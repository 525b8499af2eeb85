<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { many } from '$lib/words/words';
	import { whole } from '$lib/units/units';

	interface Props {
		planting: Schemas['PlantingView'];
		stock: Schemas['Stock'];
	}
	/** Planting stock: plants enough to keep the clone, and pieces to store for the next planting. */
	let { planting, stock }: Props = $props();
	const pieces = $derived(stock.each > 1 ? 'bulbs' : 'pieces');
</script>

<h3 class="ruled mt-5 font-bold">Stock enough?</h3>
<table class="figures">
	<tbody>
		<tr>
			<th scope="row"
				>plants for stock <span class="beside block"
					>needs {stock.asked}; the ground has room for {whole(planting.fits)}</span
				></th
			>
			<td class="num"
				>{planting.plants}
				<span class="ml-2"
					><Mark
						state={stock.enough ? 'clear' : 'crosses'}
						label={stock.enough ? 'enough' : 'too few'}
					/></span
				></td
			>
		</tr>
		<tr>
			<th scope="row"
				>sound {pieces} wanted at planting time
				<span class="beside block"
					>{stock.each > 1 ? `broken up into ${stock.each} at least; ` : ''}so that the last choice may leave
					out every seventh</span
				></th
			>
			<td class="num">{stock.wanted}</td>
		</tr>
		<tr>
			<th scope="row"
				>{pieces} to put in store
				<span class="beside block"
					>for {many(stock.days, 'day')}, with usual losses and rot in clumps; enough in {Math.floor(
						stock.chance * 100
					)} of 100 years, {Math.round(stock.expected)} sound on average</span
				></th
			>
			<td class="num">{stock.putIn}</td>
		</tr>
	</tbody>
</table>
<p class="mt-3 text-sm text-soft">
	Nothing crosses what is kept by tubers, bulbs or cloves, but sickness passes on: keep no stock from a sick
	crop, and look through the store every few weeks. Usual losses until your own counts are known.
</p>
