<script lang="ts">
	import Act from '$lib/form/Act.svelte';
	import { coasts, frameAround, HEIGHT, linesEvery, linesIn, WORLD, type Spot } from './world';

	interface Props {
		/** Where the farm is said to lie; nothing while that is no place. */
		spot?: Spot;
		put: (spot: Spot) => void;
	}
	/** The world, to put a farm on. Coasts are drawn too coarse to be trusted to some twenty kilometres. */
	let { spot, put }: Props = $props();

	const drawn = coasts();
	// svelte-ignore state_referenced_locally
	let frame = $state(spot ? frameAround(spot, 60) : WORLD);
	const height = $derived(frame.width * HEIGHT);
	const every = $derived(linesEvery(frame.width));
	const size = $derived(frame.width / 100);
	const middle = $derived<Spot>({ lat: frame.north - height / 2, lon: frame.west + frame.width / 2 });
	const zoom = (by: number) => (frame = frameAround(spot ?? middle, frame.width * by));

	function clicked(event: MouseEvent) {
		const box = (event.currentTarget as SVGElement).getBoundingClientRect();
		const there = {
			lon: frame.west + ((event.clientX - box.left) / box.width) * frame.width,
			lat: frame.north - ((event.clientY - box.top) / box.height) * height
		};
		put(there);
		frame = frameAround(there, frame.width / 2);
	}
</script>

{#await drawn}
	<p class="text-soft" aria-busy="true">Looking it up …</p>
{:then path}
	<!-- The numbers beside it say and take the same, by keyboard too. -->
	<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
	<svg
		viewBox="{frame.west} {-frame.north} {frame.width} {height}"
		role="img"
		aria-label="The world; a tap puts the farm there and comes nearer"
		onclick={clicked}
		class="block w-full cursor-crosshair border border-line bg-paper"
	>
		<path d={path} class="land" fill-rule="evenodd" stroke-width={size / 6} />
		{#each linesIn(frame.west, frame.west + frame.width, every) as lon (lon)}
			<line x1={lon} x2={lon} y1={-frame.north} y2={height - frame.north} stroke-width={size / 10} />
			<text x={lon + size / 3} y={height - frame.north - size / 2} font-size={2.2 * size}>{lon}°</text>
		{/each}
		{#each linesIn(frame.north - height, frame.north, every) as lat (lat)}
			<line x1={frame.west} x2={frame.west + frame.width} y1={-lat} y2={-lat} stroke-width={size / 10} />
			<text x={frame.west + size / 3} y={-lat - size / 3} font-size={2.2 * size}>{lat}°</text>
		{/each}
		{#if spot}
			<circle cx={spot.lon} cy={-spot.lat} r={1.2 * size} stroke-width={size / 2} />
		{/if}
	</svg>
	<div class="mt-2 flex flex-wrap gap-3">
		<Act onclick={() => zoom(1 / 2)}>Nearer</Act>
		<Act onclick={() => zoom(2)}>Farther</Act>
		<Act onclick={() => (frame = WORLD)}>The whole world</Act>
	</div>
	<p class="mt-1 text-sm text-soft">
		Tap where the farm lies, some times, from far to near. The coasts are coarse: the last kilometres are
		better typed.
	</p>
{/await}

<style>
	.land {
		fill: var(--pale);
		stroke: var(--soft);
	}
	line {
		stroke: var(--color-base-300);
	}
	text {
		fill: var(--soft);
	}
	circle {
		fill: var(--color-accent);
		stroke: var(--color-base-content);
	}
</style>
