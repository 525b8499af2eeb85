<script lang="ts">
	import type { Snippet } from 'svelte';
	import { LayerCake, Svg } from 'layercake';
	import type { Drawing, Point } from './drawing';

	interface Props {
		/** What it shows, for whoever hears the page; nothing where what stands beside it says the same. */
		label?: string;
		/** In pixels; it is as wide as there is room. */
		height: number;
		/** The least and the most figure from left to right, and from the foot to the top. */
		across: [number, number];
		up: [number, number];
		/** Pixels kept free around the drawing, for what is written there. */
		room?: { top?: number; right?: number; bottom?: number; left?: number };
		children: Snippet<[Drawing]>;
	}
	/** A chart of the plain kind: what is written on it stays as large as it is, however wide the page. */
	let { label, height, across, up, room = {}, children }: Props = $props();

	const to = (n: number) => Number(n.toFixed(1));
</script>

<div class="w-full" style:height="{height}px" aria-hidden={label ? undefined : 'true'}>
	<LayerCake xDomain={across} yDomain={up} padding={room} verbose={false}>
		{#snippet children(it)}
			{@const x = (figure: number) => to(it.xScale(figure))}
			{@const y = (figure: number) => to(it.yScale(figure))}
			<Svg {label}>
				{@render drawn({
					x,
					y,
					width: it.width,
					height: it.height,
					line: (points: Point[]) => points.map(([across, up]) => `${x(across)},${y(up)}`).join(' ')
				})}
			</Svg>
		{/snippet}
	</LayerCake>
</div>

{#snippet drawn(drawing: Drawing)}{@render children(drawing)}{/snippet}
