<script lang="ts">
	import { ask, GET, POST, type Schemas } from '$lib/api/api';
	import { here } from '$lib/offline/here';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { MEASURES, tenth } from '$lib/units/units';
	import { hours, inZone, moment } from '$lib/words/dates';
	import { FERMENT_SCHOOL, many } from '$lib/words/words';
	import ReadingForm from './ReadingForm.svelte';
	import ReadingLog from './ReadingLog.svelte';

	interface Props {
		step: Schemas['StepView'];
		changed: () => void;
	}
	/** A ferment under way: how far it is, how warm, what to look for, and what other growers would do. */
	let { step, changed }: Props = $props();

	const attempt = new Attempt();
	const stir = () =>
		void attempt.run(async () => {
			await ask(
				POST('/api/steps/{id}/readings', {
					params: { path: { id: step.id! } },
					body: { quantity: 'STIRRED', value: 1 },
					...here('stirred', { made: true })
				})
			);
			changed();
		});
	const ferment = $derived(step.ferment!);
	const schools = $derived(
		ask(GET('/api/ferment-schools', { params: { query: { temperature: ferment.temperature } } }))
	);
	const warmth = $derived(MEASURES.warmth[session.units]);
	const degrees = (si: number) => `${tenth(warmth.shown(si))} ${warmth.unit}`;
</script>

<p>
	{Math.round(ferment.equivalentHours)} of {ferment.readyFrom} to {ferment.readyTo} hours at {degrees(22)}, by {ferment.readings
		? `${ferment.readings + 1} readings`
		: 'one reading of its temperature'}.
	{ferment.state === 'OVER_RUN' || ferment.tomorrow === undefined || ferment.hoursAtTomorrow === undefined
		? ''
		: `As warm as tomorrow’s ${degrees(ferment.tomorrow)} it would take ${hours(ferment.hoursAtTomorrow)} ${
				ferment.state === 'READY' ? 'more to be over' : 'more to be ready'
			}.`}
</p>
{#if ferment.beyondExperience}
	<p class="caution mt-2">
		Colder than {degrees(15)} or warmer than {degrees(32)}: beyond experience. Trust your eyes, not the clock.
	</p>
{/if}
<ul class="mt-2 list-disc pl-5 text-sm">
	<li>Ready: the gel is gone and good seed sinks.</li>
	<li>A cap of mould is normal. Seed that sprouts is not: rinse at once.</li>
</ul>
{#if session.works}
	<div class="mt-3 flex flex-wrap items-center gap-3">
		<Act key="s" disabled={attempt.busy} onclick={stir}>Stirred</Act>
		<span class="text-soft"
			>{ferment.stirred
				? `${many(ferment.stirred, 'time')} so far, last ${moment(inZone(ferment.lastStirred!, session.farm?.timeZone ?? 'UTC'), session.now)}`
				: 'not stirred yet; twice a day keeps it even'}</span
		>
	</div>
	<Trouble {attempt} />
	<div class="mt-3">
		<ReadingForm {step} quantity="MASH" label="Warmth of the mash" key="r" taken={changed} />
	</div>
{/if}
<ReadingLog {step} {changed} />
<details class="mt-3">
	<summary class="cursor-pointer font-semibold">How long others leave it</summary>
	{#await schools then all}
		<table class="figures mt-1">
			<thead>
				<tr
					><th scope="col">way</th><th scope="col">at {degrees(ferment.temperature)}</th><th scope="col"
						>risks</th
					></tr
				>
			</thead>
			<tbody>
				{#each all as one (one.school)}
					<tr>
						<th scope="row">{FERMENT_SCHOOL[one.school].name}</th>
						<td>{one.readyTo === 0 ? 'at once' : `${hours(one.readyFrom)} to ${hours(one.readyTo)}`}</td>
						<td class="beside">{FERMENT_SCHOOL[one.school].risks}</td>
					</tr>
				{/each}
			</tbody>
		</table>
		<p class="mt-1 text-sm text-soft">
			From practice; sugar, water and stirring change the speed twofold. None of them is promised to control a
			disease.
		</p>
	{:catch}
		<p class="text-sm text-soft">It needs a signal.</p>
	{/await}
</details>
