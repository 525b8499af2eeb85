<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Kind } from './shape';

	interface Props {
		/** Whether no plot is drawn yet. */
		none: boolean;
		make: (kind: Kind, byNumbers: boolean) => void;
	}
	/** What may be drawn on the map, or given by its numbers. */
	let { none, make }: Props = $props();
	const kinds = $derived<{ kind: Kind; name: string; may: boolean }[]>([
		{ kind: 'PLOT', name: 'Plot', may: session.grower },
		{ kind: 'BED', name: 'Bed', may: session.grower && !none },
		{ kind: 'BARRIER', name: 'Barrier', may: session.grower },
		{ kind: 'NEIGHBOUR', name: 'Neighbour’s crop', may: session.works }
	]);
</script>

<h2 class="ruled mb-4">{none ? 'Begin with the ground' : 'Draw the ground'}</h2>
{#if none}
	<p class="mb-4">
		A plot is a piece of your own ground. Draw it on the map or by its numbers, in metres from the farm’s
		spot; then beds on it, what stands between, and what neighbours grow.
	</p>
{/if}
<table class="figures">
	<tbody>
		{#each kinds.filter(({ may }) => may) as { kind, name } (kind)}
			<tr>
				<th scope="row">{name}</th>
				<td class="text-right!">
					<span class="flex justify-end gap-2">
						<Act onclick={() => make(kind, false)}>On the map</Act>
						<Act main={none && kind === 'PLOT'} onclick={() => make(kind, true)}>By numbers</Act>
					</span>
				</td>
			</tr>
		{/each}
	</tbody>
</table>
