<script lang="ts">
	import 'ol/ol.css';
	import { onMount } from 'svelte';
	import { session } from '$lib/api/session.svelte';
	import { FarmMap, type Grown, type Heard, type Ring, type Span } from './farmMap';
	import type { Kind, Metres, Shape } from './shape';

	interface Props extends Omit<Heard, 'shown' | 'chosen'> {
		chosenOnMap: Heard['chosen'];
		shapes: Shape[];
		/** A shape as it would be, dashed: drawn or given by numbers, and not kept yet. */
		sketch: Metres[];
		grown: Grown[];
		/** How strongly neighbours' crops bloom in the week looked at, by id. */
		blooming: Record<string, number>;
		chosen?: string;
		/** Rings of suspect seed that are discarded or kept apart. */
		rings: Ring[];
		/** Lines from the planting that is moved. */
		spans: Span[];
		from?: string;
		/** The plot on which the chosen planting is shown; 'dragged' while it stays where it was dropped. */
		put?: string;
		/** What the hand does on the map. */
		tool:
			{ does: 'look' } | { does: 'drag' } | { does: 'draw'; kind: Kind; spot: boolean } | { does: 'edit' };
	}
	/** The farm to scale; everything on it stands in the list beside it too. */
	let {
		shapes,
		sketch,
		grown,
		blooming,
		chosen,
		rings,
		spans,
		from,
		put,
		tool,
		chosenOnMap,
		...heard
	}: Props = $props();

	let box = $state<HTMLDivElement>();
	let map = $state.raw<FarmMap>();
	let view = $state({ west: 0, north: 0, scale: 1 });

	onMount(() => {
		const made = new FarmMap(box!, {
			chosen: (id) => chosenOnMap(id),
			drawn: (kind, corners) => heard.drawn(kind, corners),
			drawing: (corners) => heard.drawing(corners),
			redrawn: (id, corners) => heard.redrawn(id, corners),
			dragged: (id, east, north) => heard.dragged(id, east, north),
			dropped: (id, east, north, plot) => heard.dropped(id, east, north, plot),
			shown: (west, north, scale) => {
				if (west !== view.west || north !== view.north || scale !== view.scale) {
					view = { west, north, scale };
				}
			}
		});
		map = made;
		return () => made.dispose();
	});

	let drawn: Shape[] = [];
	/** The shapes, the same ones as long as nothing of them changed: looking them up anew must not end a drag. */
	const ground = $derived.by(() => {
		if (JSON.stringify(shapes) !== JSON.stringify(drawn)) drawn = shapes;
		return drawn;
	});
	$effect(() => map?.ground(ground));
	$effect(() => map?.sketch(sketch));
	$effect(() => map?.rings(rings));
	$effect(() => map?.plantings(grown, blooming));
	$effect(() => {
		map?.choose(chosen);
	});
	$effect(() => {
		if (chosen && put && put !== 'dragged') map?.putOn(chosen, put);
		else if (chosen && !put) map?.putBack(chosen);
	});
	$effect(() => {
		void put;
		map?.spans(from ?? '', spans);
	});
	$effect(() => {
		void ground;
		if (tool.does === 'draw') map?.draw(tool.kind, tool.spot);
		else if (tool.does === 'edit' && chosen) map?.edit(chosen);
		else if (tool.does === 'drag') map?.drag();
		else map?.look();
	});

	function pressed(event: KeyboardEvent) {
		if (event.key === '+' || event.key === '=') map?.zoom(1.4);
		else if (event.key === '-') map?.zoom(1 / 1.4);
		else if (event.key === '0') map?.frame(shapes);
		else if (event.key === 'Backspace' && tool.does === 'draw') map?.backOneCorner();
	}
</script>

<svelte:window
	onkeydown={(event) =>
		!(event.target as HTMLElement).closest?.('input, textarea, select, button, [contenteditable]') &&
		pressed(event)}
/>

<figure class="relative">
	<div
		bind:this={box}
		class="map"
		data-testid="map"
		data-west={view.west}
		data-north={view.north}
		data-scale={view.scale}
		role="img"
		aria-label="The farm to scale, north up. Everything on it stands in the list beside it."
	></div>
	<div class="zoom">
		<button type="button" aria-label="Nearer" onclick={() => map?.zoom(1.4)}>+</button>
		<button type="button" aria-label="Farther" onclick={() => map?.zoom(1 / 1.4)}>−</button>
		<button type="button" aria-label="The whole farm" onclick={() => map?.frame(shapes)}>all</button>
	</div>
	<figcaption class="sr-only">{session.farm?.name}</figcaption>
</figure>

<style>
	.map {
		height: min(62dvh, 40rem);
		min-height: 22rem;
		width: 100%;
		background: color-mix(in srgb, var(--chaff) 38%, var(--color-base-200));
		touch-action: none;
	}
	@media (max-width: 767px) {
		.map {
			height: 46dvh;
			min-height: 18rem;
		}
	}
	.zoom {
		position: absolute;
		right: 0.6rem;
		top: 0.6rem;
		display: grid;
	}
	.zoom button {
		width: 2.2rem;
		height: 2.2rem;
		border: 1px solid var(--color-base-content);
		background: var(--color-base-100);
		font-weight: 700;
		cursor: pointer;
	}
	.zoom button + button {
		border-top: 0;
	}
	.map :global(.ol-scale-line) {
		background: none;
		left: 0.75rem;
		bottom: 0.6rem;
	}
	.map :global(.ol-scale-line-inner) {
		border-color: var(--color-base-content);
		color: var(--color-base-content);
		font: 600 0.8rem var(--font-sans);
	}
</style>
