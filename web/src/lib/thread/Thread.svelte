<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import Hatch from '$lib/mark/Hatch.svelte';
	import type { Schemas } from '$lib/api/api';
	import { mass } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { many, STEP } from '$lib/words/words';
	import { daysOf, layOut } from './thread';

	interface Props {
		thread: Schemas['MassThread'];
		/** Called with the record behind a knot. */
		onknot?: (recordId: string) => void;
	}
	/** A lot's life as one ribbon whose width is its mass. */
	let { thread, onknot }: Props = $props();

	let room = $state(0);
	const laid = $derived(layOut(thread, Math.max(room, 300)));
	const id = $props.id();
	const units = $derived(session.units);
	const name = (knot: Schemas['Knot']) => (knot.step ? STEP[knot.step].done : 'picked');

	function endWords(end: Schemas['End']): [string, string] {
		if (end.kind === 'PACKETS')
			return [many(end.packets, 'packet'), `${end.sold} sold, ${end.packets - end.sold} left`];
		if (end.kind === 'BULK_SOLD') return [`${mass(end.mass, units)} sold`, 'from the bulk'];
		return [`${mass(end.mass, units)} bulk`, 'in the seed room'];
	}
	const summary = $derived(
		`From ${mass(thread.knots[0]?.mass ?? 0, units)} picked in ${many(thread.knots.length - 1, 'step')} over ${many(daysOf(thread), 'day')}`
	);
</script>

<figure bind:clientWidth={room} class="thread">
	{#if room > 0 && laid.height > 0}
		<svg
			viewBox="0 0 {laid.width} {laid.height}"
			width={laid.width}
			height={laid.height}
			role="group"
			aria-labelledby="{id}-says"
		>
			<title id="{id}-says">{summary}; the figures stand in the table of steps.</title>
			<defs>
				<Hatch id="{id}-wet" kind="wet" />
			</defs>
			{#each laid.streams as stream (stream.index)}
				{@const gone = thread.knots[stream.index].leaving[stream.leaving]}
				<path d={stream.path} class="stream" />
				<text x={stream.x + 2} y={stream.y - 4} class="bold small">{mass(gone.mass, units)} {gone.what}</text>
				<text x={stream.x + 2} y={stream.y + 11} class="soft small">{gone.goneTo}</text>
			{/each}
			{#each laid.ribbons as ribbon, i (i)}
				<path d={ribbon.path} fill={ribbon.wet ? `url(#${id}-wet)` : 'var(--straw)'} />
			{/each}
			{#each laid.ends as end (end.index)}
				{@const [what, where] = endWords(thread.ends[end.index])}
				<path d={end.path} class="straw" />
				<text x={end.x} y={end.y - 2} class="bold">{what}</text>
				<text x={end.x} y={end.y + 14} class="soft small">{where}</text>
			{/each}
			{#if laid.open}<path d={laid.open} class="open" />{/if}
			{#each laid.knots as knot (knot.index)}
				{@const record = thread.knots[knot.index]}
				{#if laid.across}
					<line x1={knot.x} y1="38" x2={knot.x} y2={knot.y - 8} class="dots" />
				{/if}
				<text
					x={knot.labelX}
					y={knot.labelY}
					class="bold"
					text-anchor={laid.across && knot.index > 0 ? 'middle' : 'start'}>{name(record)}</text
				>
				<text
					x={knot.labelX}
					y={knot.labelY + 16}
					class="soft small"
					text-anchor={laid.across && knot.index > 0 ? 'middle' : 'start'}
					>{dayMonth(record.on)} · {mass(record.mass, units)}</text
				>
				<a
					href="#record-{record.recordId}"
					aria-label="{name(record)}, {dayMonth(record.on)}"
					onclick={() => onknot?.(record.recordId)}
				>
					<circle cx={knot.x} cy={knot.y} r="13" class="reach" />
					<circle cx={knot.x} cy={knot.y} r="5.5" class={['knot', record.alarm && 'alarm']} />
				</a>
			{/each}
		</svg>
	{/if}
	{#if thread.estimated && thread.knots.length > 0}
		<figcaption class="text-sm text-soft">
			Width is dry matter, on a log scale. Where no moisture was measured a usual one is taken: a drawing, not
			a figure.
		</figcaption>
	{/if}
</figure>

<style>
	svg {
		display: block;
		max-width: 100%;
	}
	text {
		font-size: 13.5px;
		fill: var(--color-base-content);
	}
	.bold {
		font-weight: 700;
	}
	.small {
		font-size: 12px;
	}
	.soft {
		fill: var(--soft);
	}
	.straw {
		fill: var(--straw);
	}
	.stream {
		fill: var(--chaff);
	}
	.open {
		stroke: var(--color-base-content);
		stroke-width: 2;
		stroke-dasharray: 2 6;
		fill: none;
	}
	.dots {
		stroke: var(--color-base-content);
		stroke-dasharray: 1.5 3.5;
	}
	.knot {
		fill: var(--color-base-100);
		stroke: var(--color-base-content);
		stroke-width: 2;
	}
	.knot.alarm {
		fill: var(--beet);
	}
	.reach {
		fill: transparent;
	}
	a:hover .knot {
		fill: var(--color-accent);
	}
</style>
