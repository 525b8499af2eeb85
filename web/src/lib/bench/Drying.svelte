<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mass, MEASURES, tenth } from '$lib/units/units';
	import { hours, hoursBetween, inZone, moment } from '$lib/words/dates';
	import ReadingForm from './ReadingForm.svelte';
	import ReadingLog from './ReadingLog.svelte';

	interface Props {
		step: Schemas['StepView'];
		changed: () => void;
	}
	/** A drying tray: what it weighs tells how moist it is, and when it is dry. */
	let { step, changed }: Props = $props();

	const drying = $derived(step.drying!);
	const dryAt = $derived(drying.dryAt && inZone(drying.dryAt, session.farm?.timeZone ?? 'UTC'));
	const dry = $derived(drying.moisture <= drying.target);
	const warmth = $derived(MEASURES.warmth[session.units]);
	const degrees = (si: number) => `${Math.round(warmth.shown(si))} ${warmth.unit}`;
</script>

<p class="mt-1 text-xl font-bold">
	{#if dry}
		Dry: {tenth(drying.moisture)} %, at most {tenth(drying.target)} % {drying.toThresh
			? 'to thresh; the seed is dried again once it is clean'
			: 'for sealed packs'}
	{:else if dryAt}
		Dry {dryAt > session.now ? `in ${hours(hoursBetween(session.now, dryAt))}` : 'about now'}, {moment(
			dryAt,
			session.now
		)}
	{:else}
		{tenth(drying.moisture)} % moist; dry at {mass(drying.targetMass, session.units)}
	{/if}
</p>
<table class="figures mt-1">
	<tbody>
		<tr
			><th scope="row"
				>{drying.weighings ? `weighed ${hours(drying.sinceWeighed)} ago` : 'weighed as it was spread'}</th
			><td class="num">{mass(drying.mass, session.units)}</td></tr
		>
		<tr><th scope="row">is dry at</th><td class="num">{mass(drying.targetMass, session.units)}</td></tr>
		<tr
			><th scope="row">moisture now, wanted</th><td class="num"
				>{tenth(drying.moisture)} %, {tenth(drying.target)} %</td
			></tr
		>
		{#if drying.floor !== undefined}
			<tr><th scope="row">this room’s air dries to about</th><td class="num">{tenth(drying.floor)} %</td></tr>
		{/if}
		<tr><th scope="row">warmest air it bears now</th><td class="num">{degrees(drying.warmest)}</td></tr>
	</tbody>
</table>
{#if drying.tooWarm}
	<p class="caution mt-2 font-semibold">
		The air is {degrees(drying.air!)}: warmer than this seed bears while it is so damp. Move it or open up.
	</p>
{/if}
{#if step.heated}
	<p class="caution mt-2">
		It stood in air of {degrees(step.heated.celsius)} while it bore {degrees(step.heated.bears)}, about {hours(
			step.heated.hours
		)}. Test its germination before anything else is done with it.
	</p>
{/if}
{#if drying.rewetted}
	<p class="caution mt-2">
		It took up water between two weighings. Cover it or bring it in before the evening damp; what is foretold
		counts from there.
	</p>
{/if}
{#if drying.belowFloor}
	<p class="caution mt-2">
		It weighs less than this air can have dried it: it began drier than {tenth(drying.moistureIn)} %. Measure its
		moisture, or dry a sample in an oven.
	</p>
{:else if drying.floor !== undefined && !drying.reachable && !dry}
	<p class="caution mt-2">
		In this air it never gets below {tenth(drying.floor)} %. Finish it in a closed jar with
		<strong>{mass(drying.gel!, session.units)}</strong> of dry silica gel (mind its dust), or in a dehydrator
		at no more than {degrees(drying.dehydrator)}.
	</p>
{/if}
<p class="mt-2 text-sm text-soft">
	{drying.estimated
		? `Calculated from ${tenth(drying.moistureIn)} % going in, which was not measured: it is what seed usually has after the step before.`
		: `Calculated from ${tenth(drying.moistureIn)} % measured going in.`}
	{dryAt
		? `The hour is from ${drying.weighings + 1} weighings of this tray in this room${drying.far ? ', and looks much further ahead than they do' : ''}.`
		: dry
			? ''
			: 'Weigh it three times, hours apart, and the hour it is dry is foretold.'}
	{drying.floor === undefined && !dry
		? 'Read the room’s warmth and damp to know whether it can get there.'
		: ''}
</p>
{#if session.works}
	<div class="mt-3 grid gap-4">
		<ReadingForm {step} quantity="MASS" label="It weighs now" key="r" taken={changed} />
		<div class="grid gap-4 sm:grid-cols-2">
			<ReadingForm {step} quantity="AIR" label="Warmth of the air" taken={changed} />
			<ReadingForm {step} quantity="HUMIDITY" label="Damp of the air" taken={changed} />
		</div>
	</div>
{/if}
<ReadingLog {step} {changed} />
