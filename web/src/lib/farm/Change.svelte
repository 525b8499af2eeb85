<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofVerdict } from '$lib/mark/mark';
	import { session } from '$lib/api/session.svelte';
	import { digits, temperature } from '$lib/units/units';
	import { clock, dayMonth } from '$lib/words/dates';
	import { cropWord, many } from '$lib/words/words';

	interface Props {
		change: Schemas['FarmChange'];
	}
	/** What becomes of the plan where the farm is said otherwise. */
	let { change }: Props = $props();
	const SHOWN = 12;
	let all = $state(false);
	const shown = $derived(all ? change.plantings : change.plantings.slice(0, SHOWN));
	const said = (day: string | undefined, season: number) => (day ? dayMonth(day, String(season)) : 'never');
	const hours = (count: number) => clock(count).replace(':', ' h ');
</script>

<section class="grid gap-3 border-l-4 border-marigold bg-paper p-5" aria-live="polite">
	<h2 class="text-lg font-bold">What it would change</h2>
	<p>
		There the longest day has {hours(change.sun.longest)}, the shortest {hours(change.sun.shortest)}; on that
		one the sun stands highest at {change.sun.noon.slice(0, 5)} by your clock.
	</p>
	{#if change.sun.noonUnlikely}
		<p class="caution font-semibold">
			Hardly anywhere is noon so far from 12. Is the longitude’s sign right, are latitude and longitude in
			their places, and is the time zone that of the farm?
		</p>
	{/if}
	{#if change.movedKm >= 0.05}
		<p>
			The farm lies {digits(change.movedKm, change.movedKm < 10 ? 1 : 0)} km from where it was said to lie.
			{#if change.tooFar.length}
				<strong
					>{many(change.tooFar.length, 'plot')} would lie farther than 5 km from it: take the map along.</strong
				>
			{/if}
		</p>
	{/if}
	<p>
		A usual year: {temperature(change.climate.mean, session.units)} on average, coldest {temperature(
			change.climate.mean - change.climate.amplitude,
			session.units
		)}, warmest {temperature(change.climate.mean + change.climate.amplitude, session.units)}.
	</p>
	{#if change.amounts}
		<p class="caution">
			Amounts keep their figures: what was {change.amounts.was} reads {change.amounts.is}. Nothing is
			converted.
		</p>
	{/if}
	{#if change.plantings.length === 0}
		<p>
			{change.judged
				? `None of the ${many(change.judged, 'planting')} from this season on changes its days or its verdict.`
				: 'Nothing is planned from this season on.'}
		</p>
	{:else}
		<p>{change.plantings.length} of {many(change.judged, 'planting')} from this season on change:</p>
		<table class="figures">
			<thead class="max-sm:hidden">
				<tr><th>Planting</th><th>First flower</th><th>Seed ripe from</th><th>Isolation</th></tr>
			</thead>
			<tbody>
				{#each shown as planting (planting.id)}
					<tr class="max-sm:grid max-sm:grid-cols-1">
						<th scope="row" class="wrap-anywhere"
							>{planting.variety}
							<span class="beside">{cropWord(planting.crop)}, {planting.season}</span></th
						>
						<td>
							{#if planting.firstWas !== planting.first}
								{said(planting.firstWas, planting.season)} → {said(planting.first, planting.season)}
							{:else if planting.first}{said(planting.first, planting.season)}{/if}
						</td>
						<td>
							{#if planting.ripeWas !== planting.ripe}
								{said(planting.ripeWas, planting.season)} → {said(planting.ripe, planting.season)}
							{:else if planting.ripe}{said(planting.ripe, planting.season)}{/if}
						</td>
						<td>
							{#if planting.verdict}
								{#if planting.verdictWas && planting.verdictWas !== planting.verdict}
									<Mark {...ofVerdict(planting.verdictWas)} /> →
								{/if}
								<Mark {...ofVerdict(planting.verdict)} />
							{/if}
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
		{#if change.plantings.length > shown.length}
			<p>
				<button type="button" class="cursor-pointer underline" onclick={() => (all = true)}
					>show the other {change.plantings.length - shown.length}</button
				>
			</p>
		{/if}
	{/if}
</section>
