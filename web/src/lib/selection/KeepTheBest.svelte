<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { percent, tenth } from '$lib/units/units';

	interface Props {
		choice: Schemas['Choice'];
		keep: number;
		heritability: number;
	}
	/** Few or many of the best, side by side: what the next generation gains, and what it costs. */
	let { choice, keep = $bindable(), heritability = $bindable() }: Props = $props();

	const most = $derived(Math.max(...choice.options.map((option) => option.response.response)));
</script>

<table class="figures">
	<thead>
		<tr>
			<th scope="col">keep the best</th>
			<th scope="col" class="hidden text-right! sm:table-cell">of all scored</th>
			<th scope="col" class="text-right!">gain in the next generation</th>
			<th scope="col" class="hidden w-40 sm:table-cell" aria-label="gain, drawn"></th>
			<th scope="col" class="text-right!">diversity lost</th>
			<th scope="col" class="hidden text-right! sm:table-cell">gain per 1 % lost</th>
			<th scope="col" class="text-right!">effective size (Nₑ)</th>
			<th scope="col">for the grade</th>
		</tr>
	</thead>
	<tbody>
		{#each choice.options as option (option.kept)}
			<tr class={[option.kept === keep && 'bg-pale']}>
				<th scope="row">
					<label class="flex cursor-pointer items-center gap-2"
						><input type="radio" class="radio" name="keep" value={option.kept} bind:group={keep} />
						{option.kept}
						<span class="beside sm:hidden">{percent(option.response.kept)}</span></label
					>
				</th>
				<td class="num hidden sm:table-cell">{percent(option.response.kept)}</td>
				<td class="num">{tenth(option.response.response)}</td>
				<td class="hidden sm:table-cell"
					><svg viewBox="0 0 100 8" class="block h-2 w-full" aria-hidden="true"
						><rect width={(100 * option.response.response) / most} height="8" /></svg
					></td
				>
				<td class="num">{percent(option.response.diversityLost)}</td>
				<td class="num hidden sm:table-cell"
					>{tenth(option.response.response / (100 * option.response.diversityLost))}</td
				>
				<td class="num">{tenth(option.effectiveSize)}</td>
				<td
					><Mark
						state={option.enough ? 'clear' : 'crosses'}
						label={option.enough ? 'enough' : `needs ${choice.asked}`}
					/></td
				>
			</tr>
		{/each}
	</tbody>
</table>
<div class="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
	<label class="flex items-center gap-3 text-sm">
		If of the differences between plants
		<input type="range" class="range w-40" min="0.1" max="0.9" step="0.1" bind:value={heritability} />
		<strong>{percent(heritability)}</strong> are inherited
	</label>
</div>
<p class="mt-2 max-w-prose text-sm text-soft">
	Gain in points of score (0 to 100 over the scales), one generation, for {choice.scored} plants scored whose score
	differs by
	{tenth(choice.deviation)}.
	{choice.beforeBloom
		? 'The others are pulled before they shed pollen, so that fathers are chosen too.'
		: 'It blooms or has bloomed: the others fathered the seed all the same, so the gain is half.'}
	How much is inherited is a guess until a trial of progeny rows has shown it.
</p>

<style>
	td,
	th {
		vertical-align: middle;
	}
	rect {
		fill: var(--color-accent);
	}
</style>
