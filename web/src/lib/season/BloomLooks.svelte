<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { choice, day, text } from '$lib/form/kinds';
	import { dayMonth } from '$lib/words/dates';
	import BloomLook from './BloomLook.svelte';
	import { SEEN } from './bloomLooks';

	interface Props {
		planting: Schemas['PlantingView'];
		looks: Schemas['BloomLookView'][];
		kept: () => void;
	}
	/** What was seen of a planting's bloom, each look open to correction. */
	let { planting, looks, kept }: Props = $props();
	const id = $derived(planting.id ?? '');
</script>

<details class="mt-4">
	<summary class="cursor-pointer underline">what was seen of its bloom</summary>
	<ul class="my-2">
		{#each looks as look (look.id)}
			<li>
				{dayMonth(look.seenOn, String(planting.season))}: {SEEN[look.seen]}{look.note ? `, ${look.note}` : ''}
				<span class="text-sm text-soft">{look.recordedBy}</span>
				{#if session.works}<Amend
						what="the look of {dayMonth(look.seenOn)}"
						was={look}
						fields={{
							seenOn: day('Day', { needed: true }),
							seen: choice('Seen', SEEN),
							note: text('Note')
						}}
						save={(body) =>
							ask(
								PUT('/api/bloom-looks/{id}', {
									params: { path: { id: look.id } },
									body: { ...body, id: look.id }
								})
							)}
						done={kept}
					/>{/if}
			</li>
		{:else}
			<li class="text-soft">Not looked at yet.</li>
		{/each}
	</ul>
	{#if session.works}
		<p class="text-sm text-soft">Today:</p>
		<BloomLook
			plantingId={id}
			variety={planting.variety.name}
			crop={planting.variety.cropName}
			from="/desk?planting={id}"
		/>
	{/if}
</details>
