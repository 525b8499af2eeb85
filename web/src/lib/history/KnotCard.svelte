<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import ReadingCurve from '$lib/bench/ReadingCurve.svelte';
	import { mass, percent, tenth } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { many, MISSING, STEP } from '$lib/words/words';
	import { EVENT, eventSays } from './words';

	interface Props {
		knot?: Schemas['Knot'];
		event?: Schemas['Event'];
		/** How the lot began: picked, or transferred in. */
		begun: string;
		/** The step behind the knot; none for the harvest. */
		step?: Schemas['StepView'];
	}
	/** What lies behind one knot of a lot's history. */
	let { knot, event, begun, step }: Props = $props();
	const units = $derived(session.units);
</script>

<div class="flex flex-wrap items-start gap-x-6 gap-y-1 text-sm">
	{#if event}
		<p>
			<strong class={[event.alarm && 'text-alarm']}
				>{EVENT[event.kind]} {dayMonth(event.on, session.today)}</strong
			>:
			{eventSays(event, units)}
		</p>
	{:else if knot && step}
		<div>
			<p>
				<strong class={[step.alarm && 'text-alarm']}
					>{STEP[step.kind].done} {dayMonth(knot.on, session.today)}</strong
				>:
				{mass(step.massIn, units)} in{step.waterAdded > 0 ? `, ${mass(step.waterAdded, units)} water` : ''},
				{mass(knot.mass, units)} out{step.share === undefined ? '' : ` (${percent(step.share)})`}{knot.leaving
					.map((gone) => `, ${mass(gone.mass, units)} ${gone.what} to ${gone.goneTo}`)
					.join('')}
			</p>
			<p class="text-soft">
				{[
					step.way,
					step.hole ? `${step.hole} mm` : '',
					step.vessels,
					step.minutes ? `${step.minutes} min, ${many(step.people, 'person', 'people')}` : '',
					step.unaccounted === undefined ? '' : `${tenth(step.unaccounted)} % of the dry matter unseen`,
					step.missingReason ? MISSING[step.missingReason] : '',
					step.missingBecause,
					step.recordedBy
				]
					.filter(Boolean)
					.join(' · ')}
			</p>
		</div>
		{#if step.read}{#key step.id}<ReadingCurve {step} />{/key}{/if}
	{:else if knot}
		<p><strong>{begun} {dayMonth(knot.on, session.today)}</strong>: {mass(knot.mass, units)}</p>
	{/if}
</div>
