<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend, { type Amended } from '$lib/form/Amend.svelte';
	import { numberIn } from '$lib/form/typed';
	import { reach } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { DECISION, GRADE } from '$lib/words/words';

	type Ring = Schemas['RingView'];
	type Decision = Ring['decision'];
	type Grade = NonNullable<Ring['grade']>;
	interface Props {
		walk: Schemas['WalkPage'];
		changed: () => void;
	}
	/** What was decided about seed round off-types that shed pollen. */
	let { walk, changed }: Props = $props();

	const decisions = (Object.keys(DECISION) as Decision[]).map((value) => ({ value, label: DECISION[value] }));
	const grades = [
		{ value: '', label: 'none' },
		...(Object.keys(GRADE) as Grade[]).map((value) => ({ value, label: GRADE[value] }))
	];
	const keep =
		(ring: Ring): Amended =>
		(typed, { version, reason }) =>
			ask(
				PUT('/api/rings/{id}', {
					params: { path: { id: ring.id } },
					body: {
						id: ring.id,
						decision: typed.decision as Decision,
						radius: numberIn('radius', typed.radius),
						row: numberIn('row', typed.row),
						along: numberIn('along', typed.along),
						...(typed.grade ? { grade: typed.grade as Grade } : {}),
						reason: typed.because,
						version,
						because: reason
					}
				})
			);
</script>

{#if walk.rings.length}
	<h2 class="ruled mt-8">What was decided</h2>
	<table class="figures max-w-4xl">
		<thead>
			<tr
				><th scope="col">seed</th><th scope="col">ring</th><th scope="col">why</th><th scope="col">by whom</th
				></tr
			>
		</thead>
		<tbody>
			{#each walk.rings as ring (ring.id)}
				<tr>
					<th scope="row">{DECISION[ring.decision]}{ring.grade ? ` to ${GRADE[ring.grade]}` : ''}</th>
					<td>{ring.radius ? reach(ring.radius, session.units) : ''}</td>
					<td>{ring.reason}</td>
					<td class="text-soft"
						>{ring.recordedBy}, {dayMonth(ring.recordedAt)}
						{#if session.works}<Amend
								what="the decision"
								version={ring.version}
								entries={[
									{ name: 'decision', label: 'The seed is', value: ring.decision, choices: decisions },
									{
										name: 'grade',
										label: 'To grade',
										value: ring.grade ?? '',
										choices: grades,
										hint: 'only where it is graded down'
									},
									{
										name: 'radius',
										label: 'Within, m',
										value: String(ring.radius),
										type: 'number',
										hint: '0 where it is the whole stand'
									},
									{ name: 'row', label: 'Row', value: String(ring.row ?? ''), type: 'number' },
									{
										name: 'along',
										label: 'Along the row, m',
										value: String(ring.along ?? ''),
										type: 'number'
									},
									{ name: 'because', label: 'Why', value: ring.reason }
								]}
								save={keep(ring)}
								done={changed}
							/>{/if}</td
					>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}
