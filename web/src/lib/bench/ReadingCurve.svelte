<script lang="ts">
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Chart from '$lib/chart/Chart.svelte';
	import { daysAt, ends } from '$lib/chart/drawing';
	import { mass, temperature } from '$lib/units/units';
	import { many } from '$lib/words/words';

	interface Props {
		step: Schemas['StepView'];
	}
	/** How the mass of a tray, or the warmth of a ferment, went while it was under way. */
	let { step }: Props = $props();

	const wanted = $derived(step.kind === 'DRY' ? 'MASS' : 'MASH');
	const found = $derived(ask(GET('/api/steps/{id}/readings', { params: { path: { id: step.id! } } })));
	const says = (value: number) =>
		wanted === 'MASS' ? mass(value, session.units) : temperature(value, session.units);
</script>

{#await found then all}
	{@const readings = all.filter((one) => one.quantity === wanted)}
	{#if readings.length > 1}
		{@const times = readings.map((one) => daysAt(one.takenAt))}
		{@const values = readings.map((one) => one.value)}
		<div class="flex items-center gap-3">
			<span>{says(readings[0].value)}</span>
			<div class="w-56">
				<Chart
					label="{many(readings.length, 'reading')} over time"
					height={44}
					across={ends(times)}
					up={ends(values)}
					room={{ left: 4, right: 4, top: 4, bottom: 4 }}
				>
					{#snippet children({ line })}
						<polyline points={line(times.map((time, i) => [time, values[i]]))} />
					{/snippet}
				</Chart>
			</div>
			<span
				>{says(readings[readings.length - 1].value)}
				<span class="text-soft">{many(readings.length, 'reading')}, in the table below</span></span
			>
		</div>
	{/if}
{:catch}
	<p class="text-sm text-soft">It needs a signal.</p>
{/await}

<style>
	polyline {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 2;
		stroke-linejoin: round;
	}
</style>
