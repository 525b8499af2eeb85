<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Hatch from '$lib/mark/Hatch.svelte';
	import type { MarkState } from '$lib/mark/mark';
	import { distance } from '$lib/units/units';

	interface Grown {
		name: string;
		state?: MarkState;
	}
	interface Props {
		ground: Schemas['GroundView'];
		/** What stands on each plot this season, by the plot's id. */
		grown: Record<string, Grown[]>;
		chosen?: string;
		choose: (plotId: string) => void;
	}
	/** The farm to scale, north up; plots carry the mark of what is worst on them. */
	let { ground, grown, chosen, choose }: Props = $props();

	const MARGIN_M = 45;
	const PAGE_HEAD = 116;
	/** A plot drawn smaller is named in the list alone. */
	const NAMED_PX = 50;
	const id = $props.id();
	let room = $state(0);
	const own = $derived(ground.plots.flatMap((shape) => shape.corners));
	let tall = $state(0);
	const bounds = $derived.by(() => {
		const xs = own.map((corner) => corner.east);
		const ys = own.map((corner) => corner.north);
		const west = Math.min(...xs) - MARGIN_M;
		const east = Math.max(...xs) + MARGIN_M;
		const south = Math.min(...ys) - MARGIN_M;
		const north = Math.max(...ys) + MARGIN_M;
		return { west, north, width: east - west, height: north - south };
	});
	const scale = $derived(Math.max(room, 200) / bounds.width);
	/** On a wide screen the drawing fills the page, and shows more of what lies north and south. */
	const height = $derived(Math.max(bounds.height * scale, Math.min(tall - PAGE_HEAD, room)));
	const box = $derived({ ...bounds, north: bounds.north + (height / scale - bounds.height) / 2 });
	const x = (east: number) => (east - box.west) * scale;
	const y = (north: number) => (box.north - north) * scale;
	const points = (corners: Schemas['Metres'][]) =>
		corners.map((c) => `${x(c.east).toFixed(1)},${y(c.north).toFixed(1)}`).join(' ');
	const bar = $derived([10, 20, 50, 100, 200, 500].find((metres) => metres * scale > 60) ?? 1000);

	function worst(plotId: string): MarkState | 'free' {
		const states = (grown[plotId] ?? []).map((one) => one.state ?? 'clear');
		if (states.length === 0) return 'free';
		return states.includes('crosses') ? 'crosses' : states.includes('tight') ? 'tight' : 'clear';
	}
	const label = (corners: Schemas['Metres'][]) => ({
		x: x(Math.min(...corners.map((c) => c.east))) + 10,
		y: y(Math.max(...corners.map((c) => c.north))) + 18
	});
	function wide(shape: Schemas['PlotShape']): number {
		const east = shape.corners.map((c) => c.east);
		return (Math.max(...east) - Math.min(...east)) * scale;
	}
	/** Names in lines that fit on the plot; a name too long for one line goes on in the next. */
	function lines(shape: Schemas['PlotShape']): string[] {
		const fits = Math.max(8, (wide(shape) - 18) / 6.9);
		return (grown[shape.plot.id] ?? []).flatMap((one) =>
			one.name.split(' ').reduce<string[]>((made, word) => {
				const last = made.at(-1);
				if (last !== undefined && last.length + 1 + word.length <= fits)
					made[made.length - 1] = `${last} ${word}`;
				else made.push(word);
				return made;
			}, [])
		);
	}
	/** A neighbour beyond the drawing stands at its edge, with an arrow the way it lies. */
	function placed(spot: Schemas['NeighbourSpot']) {
		const px = x(spot.spot.east);
		const py = y(spot.spot.north);
		const width = Math.max(room, 200);
		const inside = px > 8 && px < width - 8 && py > 8 && py < height - 8;
		const away = Math.round(Math.hypot(spot.spot.east, spot.spot.north) / 10) * 10;
		return {
			inside,
			away,
			x: Math.min(width - 14, Math.max(14, px)),
			y: Math.min(height - 14, Math.max(22, py))
		};
	}
</script>

<svelte:window bind:innerHeight={tall} />

<figure bind:clientWidth={room}>
	{#if room > 0 && own.length > 0}
		<svg
			width={room}
			{height}
			role="group"
			aria-label="The farm to scale; the same stands in the list of plots."
		>
			<defs>
				<Hatch id="{id}-tight" kind="tight" />
			</defs>
			<rect width={room} {height} class="grass" />
			{#each ground.plots as shape (shape.plot.id)}
				{@const state = worst(shape.plot.id)}
				{@const at = label(shape.corners)}
				<a href="#plot-{shape.plot.id}" aria-label={shape.plot.name} onclick={() => choose(shape.plot.id)}>
					<polygon
						points={points(shape.corners)}
						class={['plot', state, chosen === shape.plot.id && 'chosen']}
						fill={state === 'tight' ? `url(#${id}-tight)` : undefined}
					/>
					{#if wide(shape) > NAMED_PX}
						<text x={at.x} y={at.y + 2} class={['soft', state]}>{shape.plot.name.toLowerCase()}</text>
						{#each lines(shape).slice(0, 4) as line, i (i)}
							<text x={at.x} y={at.y + 17 + i * 14} class={['bold', state]}>{line}</text>
						{:else}
							<text x={at.x} y={at.y + 19} class="soft">free</text>
						{/each}
					{/if}
				</a>
			{/each}
			{#each ground.neighbours as spot (spot.neighbour.id)}
				{@const at = placed(spot)}
				{@const right = at.x > room / 2}
				<circle cx={at.x} cy={at.y} r="7" class="theirs" />
				<text
					x={at.x + (right ? -12 : 12)}
					y={at.y + 4}
					text-anchor={right ? 'end' : 'start'}
					class="bold outlined"
					>{spot.neighbour.name}{at.inside ? '' : `, ${distance(at.away, session.units)} off`}</text
				>
			{/each}
			<g transform="translate(16 18)">
				<path d="M0,-5 V5 M0,0 H{bar * scale} M{bar * scale},-5 V5" class="bar" />
				<text x={bar * scale + 8} y="4" class="soft">{distance(bar, session.units)}, north up</text>
			</g>
		</svg>
	{/if}
</figure>

<style>
	svg {
		display: block;
		max-width: 100%;
	}
	.grass {
		fill: color-mix(in srgb, var(--chaff) 38%, var(--color-base-200));
	}
	.plot {
		stroke: var(--color-base-content);
		stroke-width: 1.8;
	}
	.plot.clear {
		fill: var(--color-base-100);
	}
	.plot.free {
		fill: var(--color-base-200);
		stroke: var(--soft);
		stroke-width: 1;
	}
	.plot.crosses {
		fill: var(--beet);
	}
	.plot.chosen {
		stroke: var(--color-accent);
		stroke-width: 4;
	}
	text {
		font-size: 13px;
		fill: var(--color-base-content);
	}
	.bold {
		font-weight: 700;
	}
	.soft {
		fill: var(--soft);
		font-size: 12px;
	}
	text.crosses {
		fill: var(--on-beet);
	}
	text.tight {
		paint-order: stroke;
		stroke: var(--color-base-100);
		stroke-width: 4px;
		fill: var(--color-base-content);
	}
	.outlined {
		paint-order: stroke;
		stroke: color-mix(in srgb, var(--chaff) 38%, var(--color-base-200));
		stroke-width: 4px;
	}
	.theirs {
		fill: var(--chaff);
		stroke: var(--color-base-content);
	}
	.bar {
		stroke: var(--color-base-content);
		stroke-width: 1.6;
		fill: none;
	}
</style>
