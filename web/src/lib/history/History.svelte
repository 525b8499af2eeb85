<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import Hatch from '$lib/mark/Hatch.svelte';
	import type { Schemas } from '$lib/api/api';
	import { mass } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { many, STEP } from '$lib/words/words';
	import KnotCard from './KnotCard.svelte';
	import { daysOf, layOut, stopsOf } from './layout';
	import { EVENT, eventSays } from './words';

	interface Props {
		history: Schemas['LotHistory'];
		/** Of the planting it came from, whose walks are knotted into it. */
		planting?: string;
		steps: Schemas['StepView'][];
		/** Whether it came from elsewhere. */
		came?: boolean;
		/** Called with the record behind a knot. */
		onknot?: (recordId: string) => void;
	}
	/** A lot's life as one ribbon whose width is its mass. */
	let { history, planting, steps, came = false, onknot }: Props = $props();

	let room = $state(0);
	const laid = $derived(layOut(history, Math.max(room, 300)));
	const id = $props.id();
	const units = $derived(session.units);
	const stops = $derived(stopsOf(history));
	/** Which stop is looked at, and which the keys stand on. */
	let shown = $state<number>();
	let here = $state(0);
	let drawing = $state<SVGElement>();

	function walk(event: KeyboardEvent) {
		const to = {
			ArrowRight: here + 1,
			ArrowDown: here + 1,
			ArrowLeft: here - 1,
			ArrowUp: here - 1,
			Home: 0,
			End: stops.length - 1
		}[event.key];
		if (to === undefined || event.altKey || event.ctrlKey || event.metaKey) return;
		event.preventDefault();
		here = Math.max(0, Math.min(stops.length - 1, to));
		drawing?.querySelector<SVGAElement>(`[data-stop="${here}"]`)?.focus();
	}
	const href = (event: Schemas['Event']) =>
		event.kind === 'WALK' ? `/walk/${planting}/found` : event.kind === 'HELD' ? '#lot' : '#tests';
	const begun = $derived(history.starts.length > 0 ? 'transferred in' : came ? 'came' : 'picked');
	const name = (knot: Schemas['Knot']) => (knot.step ? STEP[knot.step].done : begun);

	function endWords(end: Schemas['End']): [string, string] {
		if (end.kind === 'PACKETS')
			return [many(end.packets, 'packet'), `${end.sold} sold, ${end.packets - end.sold} left`];
		if (end.kind === 'TRANSFERRED') return [`${mass(end.mass, units)} transferred`, `into ${end.number}`];
		if (end.kind === 'BULK_SOLD') return [`${mass(end.mass, units)} sold`, 'from the bulk'];
		return [`${mass(end.mass, units)} bulk`, 'in the seed room'];
	}
	const summary = $derived(
		`From ${mass(history.knots[0]?.mass ?? 0, units)} ${begun} in ${many(history.knots.length - 1, 'step')} over ${many(daysOf(history), 'day')}`
	);
</script>

<figure bind:clientWidth={room} class="history">
	{#if room > 0 && laid.height > 0}
		<svg
			viewBox="0 0 {laid.width} {laid.height}"
			width={laid.width}
			height={laid.height}
			role="group"
			aria-labelledby="{id}-says"
			bind:this={drawing}
		>
			<title id="{id}-says">{summary}; the figures stand in the table of steps.</title>
			<defs>
				<Hatch id="{id}-wet" kind="wet" />
			</defs>
			{#each laid.streams as stream (stream.index)}
				{@const gone = history.knots[stream.index].leaving[stream.leaving]}
				<path d={stream.path} class="stream" />
				<text x={stream.x + 2} y={stream.y - 4} class="bold small">{mass(gone.mass, units)} {gone.what}</text>
				<text x={stream.x + 2} y={stream.y + 11} class="soft small">{gone.goneTo}</text>
			{/each}
			{#each laid.ribbons as ribbon, i (i)}
				<path d={ribbon.path} fill={ribbon.wet ? `url(#${id}-wet)` : 'var(--straw)'} />
			{/each}
			{#each laid.ends as end (end.index)}
				{@const [what, where] = endWords(history.ends[end.index])}
				<path d={end.path} class="straw" />
				<text x={end.x} y={end.y - 2} class="bold">{what}</text>
				{@const into = history.ends[end.index].number}
				{#if into}<a href="/lot/{into}"><text x={end.x} y={end.y + 14} class="soft small">{where}</text></a
					>{:else}<text x={end.x} y={end.y + 14} class="soft small">{where}</text>{/if}
			{/each}
			{#each laid.starts as start (start.index)}
				{@const from = history.starts[start.index]}
				<path d={start.path} class="straw" />
				<text x={start.x} y={start.y - 2} class="bold">{mass(from.mass, units)}</text>
				<a href="/lot/{from.number}"
					><text x={start.x} y={start.y + 14} class="soft small">from {from.number}</text></a
				>
			{/each}
			{#if laid.lead}<path d={laid.lead} class="lead" />{/if}
			{#if laid.open}<path d={laid.open} class="open" />{/if}
			{#each laid.knots as knot (knot.index)}
				{@const record = history.knots[knot.index]}
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
			{/each}
			{#each stops as stop, i (i)}
				{@const at = stop.knot === undefined ? laid.events[stop.event] : laid.knots[stop.knot]}
				{@const knot = stop.knot === undefined ? undefined : history.knots[stop.knot]}
				{@const event = stop.event === undefined ? undefined : history.events[stop.event]}
				<a
					href={knot ? `#record-${knot.recordId}` : event ? href(event) : '#'}
					aria-label={knot
						? `${name(knot)}, ${dayMonth(knot.on)}`
						: event
							? `${EVENT[event.kind]}, ${dayMonth(event.on)}: ${eventSays(event, units)}`
							: ''}
					data-stop={i}
					tabindex={i === here ? 0 : -1}
					onfocus={() => (shown = here = i)}
					onpointerenter={() => (shown = i)}
					onkeydown={walk}
					onclick={() => knot && onknot?.(knot.recordId)}
				>
					<circle cx={at.x} cy={at.y} r={knot ? 13 : 9} class="reach" />
					{#if knot}
						<circle cx={at.x} cy={at.y} r="5.5" class={['knot', knot.alarm && 'alarm']} />
					{:else}
						<rect
							x={at.x - 4}
							y={at.y - 4}
							width="8"
							height="8"
							transform="rotate(45 {at.x} {at.y})"
							class={['knot', event?.alarm && 'alarm']}
						/>
					{/if}
				</a>
			{/each}
		</svg>
	{/if}
	{#if history.knots.length > 0}
		<div class="mt-2 min-h-14 print:hidden" aria-live="polite">
			{#if shown !== undefined && stops[shown]}
				{@const { knot, event } = stops[shown]}
				<KnotCard
					{begun}
					knot={knot === undefined ? undefined : history.knots[knot]}
					event={event === undefined ? undefined : history.events[event]}
					step={knot === undefined
						? undefined
						: steps.find((step) => step.id === history.knots[knot].recordId)}
				/>
			{:else}
				<p class="text-sm text-soft">
					Touch a knot, or walk along it with the arrow keys. Round knots are work, square ones are walks,
					tests and holds.
				</p>
			{/if}
		</div>
	{/if}
	{#if history.estimated && history.knots.length > 0}
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
	.lead {
		stroke: var(--straw);
		stroke-width: 4;
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
