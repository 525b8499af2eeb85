<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, figure, measure, only, text } from '$lib/form/kinds';
	import { distance, percent, reach } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { DECISION, GRADE, many } from '$lib/words/words';
	import { asItStands } from './record';
	import { v7 as newId } from 'uuid';

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
	const round = (typed: { decision?: string }) => ['DISCARDED', 'KEPT_APART'].includes(typed.decision ?? '');
	// svelte-ignore state_referenced_locally
	const form = new Form({
		decision: choice(
			'The seed is',
			only(DECISION, (one) => one !== 'GRADED_DOWN' || lower.length > 0),
			{ start: late.late.suspect ? 'KEPT_APART' : 'LET_PASS' }
		),
		grade: choice(
			'To grade',
			only(GRADE, (one) => lower.includes(one)),
			{ when: (typed) => typed.decision === 'GRADED_DOWN' }
		),
		radius: measure('Within', 'length', {
			needed: true,
			start: rounded(late.late.rings[1].radius),
			when: round
		}),
		row: figure('Row', {
			needed: true,
			start: of.rows[0] ?? 1,
			hint: `where the off-type stood, of ${walk.rows.count}`
		}),
		along: measure('Along the row', 'length', {
			needed: true,
			start: 0,
			hint: `from its western end, or its southern; the row is ${distance(walk.rowLength, session.units)} long`
		}),
		reason: text('Why', { wide: true })
	});
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
	async function decide() {
		const typed = form.body();
		const body = { ...typed, id, radius: typed.radius ?? 0 };
		await ask(POST('/api/walks/{id}/rings', { params: { path: { id: of.id } }, body }));
		decided();
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
			The stand was in flower, and it is not recorded that they were not.
			{#if may}<Act disabled={attempt.busy} onclick={notFlowered}>None of them had flowered</Act>{/if}
		</p>
	{/if}
	{#if late.decided}
		<p class="mt-3 font-bold">It is decided; see below.</p>
	{:else if may}
		<FormOf {form} send={decide} act="Decide" class="mt-5 gap-4 sm:grid-cols-2" />
	{/if}
</section>
