<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mass, percent } from '$lib/units/units';
	import { STEP } from '$lib/words/words';

	interface Props {
		bench: Schemas['BenchView'];
	}
	/** Where the dry matter of what was picked went, step by step: the figures behind the drawn history's width. */
	let { bench }: Props = $props();
	const units = $derived(session.units);
	const steps = $derived(
		bench.steps.flatMap(({ id, kind, alarm, dry }, i) =>
			dry
				? [{ id, kind, alarm, dry, known: dry.measured && (bench.steps[i - 1]?.dry?.measured ?? false) }]
				: []
		)
	);
	const guess = (measured: boolean) => (measured ? '' : '≈ ');
</script>

{#if steps.length > 0}
	<table class="figures">
		<thead>
			<tr>
				<th scope="col">dry matter</th>
				<th scope="col" class="text-right!">in</th>
				<th scope="col" class="text-right!">kept</th>
				<th scope="col" class="text-right! max-sm:hidden">weighed apart</th>
				<th scope="col" class="text-right!">unseen</th>
				<th scope="col" class="text-right!">of all picked</th>
			</tr>
		</thead>
		<tbody>
			{#each steps as { id, kind, alarm, dry, known } (id)}
				<tr>
					<th scope="row">{STEP[kind].done}</th>
					<td class="num">{mass(dry.in, units)}</td>
					<td class="num">{guess(dry.measured)}{mass(dry.out, units)}</td>
					<td class="num max-sm:hidden">{dry.left > 0 ? guess(dry.measured) + mass(dry.left, units) : '–'}</td
					>
					<td class={['num', alarm && 'font-bold text-alarm']}
						>{guess(known)}{percent(dry.in > 0 ? dry.unseen / dry.in : 0)}</td
					>
					<td class="num">{percent(dry.out / bench.dryPicked)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<p class="mt-1 text-sm text-soft">
		Without its water. ≈ where a moisture was not measured: it is told by the drying that followed, else taken
		as before the step or, where it wets or dries, as such a step usually leaves it. Wash water carries dry
		matter that is not weighed, so wet steps never close.
	</p>
{/if}
