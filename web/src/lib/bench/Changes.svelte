<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mass, percent, tenth } from '$lib/units/units';
	import { STEP } from '$lib/words/words';

	interface Props {
		changes: Schemas['LotChanges'];
	}
	/** What a corrected weight changes in everything after it. */
	let { changes }: Props = $props();
	const of = ({ share, unaccounted, alarm }: Schemas['Figures']) =>
		[
			share === undefined ? '' : percent(share),
			unaccounted === undefined ? '' : `${tenth(unaccounted)} % missing${alarm ? ', to be asked about' : ''}`
		]
			.filter(Boolean)
			.join(', ') || '–';
</script>

{#if changes.steps.length > 0 || changes.yieldAfter !== undefined}
	<table class="figures text-sm">
		<caption class="pb-1 text-left font-semibold">What it changes</caption>
		<thead><tr><th scope="col">step</th><th scope="col">as it was</th><th scope="col">then</th></tr></thead>
		<tbody>
			{#each changes.steps as step (step.place)}
				<tr>
					<th scope="row">{STEP[step.kind].done}</th>
					<td>{mass(step.before.massIn, session.units)} in: {of(step.before)}</td>
					<td class={[step.after.alarm && !step.before.alarm && 'font-bold text-alarm']}
						>{mass(step.after.massIn, session.units)} in: {of(step.after)}</td
					>
				</tr>
			{/each}
			{#if changes.yieldBefore !== undefined && changes.yieldAfter !== undefined}
				<tr>
					<th scope="row">clean of what was picked</th>
					<td>{percent(changes.yieldBefore)}</td>
					<td>{percent(changes.yieldAfter)}</td>
				</tr>
			{/if}
		</tbody>
	</table>
{/if}
