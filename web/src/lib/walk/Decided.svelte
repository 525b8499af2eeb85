<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { choice, count, measure, text } from '$lib/form/kinds';
	import { reach } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { DECISION, GRADE } from '$lib/words/words';

	interface Props {
		walk: Schemas['WalkPage'];
		changed: () => void;
	}
	/** What was decided about seed round off-types that shed pollen. */
	let { walk, changed }: Props = $props();

	const NEEDED = { needed: true } as const;
	const fields = () => ({
		decision: choice('The seed is', DECISION),
		grade: choice('To grade', { '': 'none', ...GRADE }, { hint: 'only where it is graded down' }),
		radius: measure('Within', 'length', { ...NEEDED, hint: '0 where it is the whole stand' }),
		row: count('Row', NEEDED),
		along: measure('Along the row', 'length', NEEDED),
		because: text('Why')
	});
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
								was={{ ...ring, because: ring.reason }}
								fields={fields()}
								save={({ grade, because, reason, ...body }) =>
									ask(
										PUT('/api/rings/{id}', {
											params: { path: { id: ring.id } },
											body: {
												...body,
												id: ring.id,
												grade: grade || undefined,
												reason: because,
												because: reason
											}
										})
									)}
								done={changed}
							/>{/if}</td
					>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}
