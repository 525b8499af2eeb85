<script lang="ts">
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mass, temperature } from '$lib/units/units';
	import { many } from '$lib/words/words';

	interface Props {
		step: Schemas['StepView'];
	}
	/** How the mass of a tray, or the warmth of a ferment, went while it was under way. */
	let { step }: Props = $props();

	const WIDTH = 220;
	const HEIGHT = 44;
	const wanted = $derived(step.kind === 'DRY' ? 'MASS' : 'MASH');
	const found = $derived(ask(GET('/api/steps/{id}/readings', { params: { path: { id: step.id! } } })));
	const says = (value: number) =>
		wanted === 'MASS' ? mass(value, session.units) : temperature(value, session.units);

	function line(readings: Schemas['ReadingView'][]): string {
		const times = readings.map((one) => Date.parse(one.takenAt));
		const values = readings.map((one) => one.value);
		const [from, to] = [Math.min(...times), Math.max(...times)];
		const [low, high] = [Math.min(...values), Math.max(...values)];
		return readings
			.map((one, i) => {
				const x = ((times[i] - from) / Math.max(1, to - from)) * (WIDTH - 8) + 4;
				const y = HEIGHT - 4 - ((one.value - low) / Math.max(1e-9, high - low)) * (HEIGHT - 8);
				return `${x.toFixed(1)},${y.toFixed(1)}`;
			})
			.join(' ');
	}
</script>

{#await found then all}
	{@const readings = all.filter((one) => one.quantity === wanted)}
	{#if readings.length > 1}
		<div class="flex items-center gap-3">
			<span>{says(readings[0].value)}</span>
			<svg width={WIDTH} height={HEIGHT} role="img" aria-label="{many(readings.length, 'reading')} over time">
				<polyline
					points={line(readings)}
					fill="none"
					stroke="var(--color-base-content)"
					stroke-width="2"
					stroke-linejoin="round"
				/>
			</svg>
			<span
				>{says(readings[readings.length - 1].value)}
				<span class="text-soft">{many(readings.length, 'reading')}, in the table below</span></span
			>
		</div>
	{/if}
{:catch}
	<p class="text-sm text-soft">It needs a signal.</p>
{/await}
