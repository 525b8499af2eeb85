<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import MeasureField from '$lib/form/MeasureField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';
	import { distance, percent, reach, written } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { DECISION, GRADE, many } from '$lib/words/words';
	import { asItStands } from './record';
	import { v7 as newId } from 'uuid';

	type Decision = Schemas['RingView']['decision'];
	type Grade = Schemas['PlantingView']['grade'];
	interface Props {
		walk: Schemas['WalkPage'];
		of: Schemas['WalkView'];
		late: Schemas['LateView'];
		may: boolean;
		decided: () => void;
	}
	let { walk, of, late, may, decided }: Props = $props();

	const attempt = new Attempt();
	const GRADES: Grade[] = ['OWN_USE', 'MARKET', 'STOCK'];
	const lower = $derived(GRADES.slice(0, GRADES.indexOf(walk.planting.grade)));
	const rings = $derived(late.late.rings);
	const usual = $derived(rings[1]);
	const rounded = (metres: number) => Math.ceil(metres * 2) / 2;
	// svelte-ignore state_referenced_locally
	let decision = $state<Decision>(late.late.suspect ? 'KEPT_APART' : 'LET_PASS');
	// svelte-ignore state_referenced_locally
	let radius = $state(written(rounded(late.late.rings[1].radius)));
	// svelte-ignore state_referenced_locally
	let row = $state(String(of.rows[0] ?? 1));
	let along = $state('0');
	let grade = $state<Grade>('OWN_USE');
	let reason = $state('');
	const choices = $derived(
		(Object.keys(DECISION) as Decision[])
			.filter((one) => one !== 'GRADED_DOWN' || lower.length)
			.map((value) => ({ value, label: DECISION[value] }))
	);
	const round = $derived(decision === 'DISCARDED' || decision === 'KEPT_APART');
	const id = newId();

	function notFlowered() {
		void attempt.run(async () => {
			await ask(
				PUT('/api/walks/{id}', {
					params: { path: { id: of.id } },
					body: {
						...asItStands(of),
						notFlowered: true,
						version: of.version,
						reason: 'none of the off-types had flowered'
					}
				})
			);
			decided();
		});
	}
	function decide() {
		void attempt.run(async () => {
			await ask(
				POST('/api/walks/{id}/rings', {
					params: { path: { id: of.id } },
					body: {
						id,
						row: numberIn('row', row),
						along: numberIn('along', along),
						radius: round ? numberIn('radius', radius) : 0,
						decision,
						...(decision === 'GRADED_DOWN' ? { grade } : {}),
						reason
					}
				})
			);
			decided();
		});
	}
</script>

<section class="gloved mb-8 max-w-4xl">
	<h2 class="ruled">
		{many(of.offTypesInAll, 'off-type')}, {of.offTypes.map((kind) => kind.kind).join(', ')}: {late.taken
			? 'taken to have shed pollen from'
			: 'shed pollen from'}
		{dayMonth(late.since)}, {of.pulled === of.offTypesInAll
			? `pulled ${dayMonth(of.walkedOn)}`
			: 'some still stand'}
	</h2>
	<p class="mt-3 text-lg font-bold">
		About {percent(late.late.shed.seedFathered)} of all the seed is theirs; the grade lets {percent(
			late.late.limit
		)} pass.
	</p>
	<p>
		They shed during {percent(late.late.shed.bloomExposed)} of the bloom and made {percent(
			late.late.shed.pollenShare
		)} of the pollen then.
		{late.late.suspect
			? 'The seed of the whole stand is suspect; most of it round the off-types.'
			: usual.radius > 0
				? 'Over the whole stand that is within the grade; right beside the off-types it is not.'
				: 'That is within the grade, beside the off-types too.'}
		{#if late.late.shed.bloomExposed === 0 && walk.planting.bloom}
			By its bloom, {dayMonth(walk.planting.bloom.first)} to {dayMonth(walk.planting.bloom.last)}, the stand
			itself was not in flower then{walk.planting.bloom.seen
				? '.'
				: '; that is a forecast: write down when its first flower was seen, and this is estimated anew.'}
		{/if}
	</p>
	<table class="figures mt-3 max-w-2xl">
		<thead>
			<tr>
				<th scope="col">if pollen travels</th>
				<th scope="col" class="text-right!">suspect within</th>
				<th scope="col" class="text-right!">plants in the ring</th>
				<th scope="col" class="text-right!">of its matings inside</th>
			</tr>
		</thead>
		<tbody>
			{#each rings as ring, i (i)}
				<tr>
					<th scope="row" class={[i === 1 && 'font-bold!']}
						>{reach(late.late.travels[i], session.units)} on average{i === 1 ? ', as usual' : ''}</th
					>
					<td class="num">{reach(ring.radius, session.units)}</td>
					<td class="num">{Math.round(ring.neighbours)}</td>
					<td class="num">{percent(ring.share)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<p class="mt-2 max-w-prose text-sm text-soft">
		For one off-type in an even stand, as much pollen as a true plant. How far it travels within a plot is
		rarely known: read the three lines together. A ring holds only part of the damage; half of it lies within
		{reach(usual.half, session.units)}.
	</p>
	{#if late.taken && !late.decided}
		<p class="mt-3">
			The stand was in flower and nobody said that they were not.
			{#if may}<Act disabled={attempt.busy} onclick={notFlowered}>None of them had flowered</Act>{/if}
		</p>
	{/if}
	{#if late.decided}
		<p class="mt-3 font-bold">It is decided; see below.</p>
	{:else if may}
		<form
			class="mt-5 grid gap-4 sm:grid-cols-2"
			onsubmit={(event) => {
				event.preventDefault();
				decide();
			}}
		>
			<ChoiceField label="The seed is" name="decision" {attempt} bind:value={decision} {choices} />
			{#if decision === 'GRADED_DOWN'}
				<ChoiceField
					label="To grade"
					name="grade"
					{attempt}
					bind:value={grade}
					choices={lower.map((value) => ({ value, label: GRADE[value] }))}
				/>
			{:else if round}
				<MeasureField label="Within" name="radius" kind="length" {attempt} bind:value={radius} />
			{/if}
			<TextField
				label="Row"
				name="row"
				{attempt}
				inputmode="numeric"
				bind:value={row}
				hint="where the off-type stood, of {walk.rows.count}"
			/>
			<MeasureField
				label="Along the row"
				name="along"
				kind="length"
				{attempt}
				bind:value={along}
				hint="from its western end, or its southern; the row is {distance(
					walk.rowLength,
					session.units
				)} long"
			/>
			<div class="sm:col-span-2">
				<TextField label="Why" name="reason" {attempt} bind:value={reason} />
			</div>
			<Trouble {attempt} labels={{ reason: 'Why', grade: 'To grade' }} />
			<div class="sm:col-span-2">
				<Act main type="submit" disabled={attempt.busy}>Decide</Act>
			</div>
		</form>
	{/if}
</section>
