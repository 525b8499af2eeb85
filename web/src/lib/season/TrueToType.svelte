<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Pictures from '$lib/photo/Pictures.svelte';
	import { capital } from '$lib/words/words';

	/** What a true plant looks like, in words and pictures. */
	interface Props {
		variety: Schemas['VarietyView'];
		pictures?: Schemas['PhotoView'][];
		/** Called when a picture was added, or something was said of one. */
		changed: () => void;
	}
	let { variety, pictures, changed }: Props = $props();

	const points = $derived(Object.entries(variety.trueToType).filter(([, words]) => words));
</script>

<h2 class="ruled mt-6">True to type</h2>
{#if points.length}
	<dl class="mt-2 grid max-w-3xl gap-x-6 gap-y-1 sm:grid-cols-2">
		{#each points as [point, words] (point)}
			<div class="flex gap-2">
				<dt class="w-20 shrink-0 text-soft">{capital(point)}</dt>
				<dd>{words}</dd>
			</div>
		{/each}
	</dl>
{:else}
	<p class="mt-2 text-soft">
		Not described yet. What a true plant looks like is what is looked for in the rows{session.grower
			? ': write it with Correct.'
			: '.'}
	</p>
{/if}
<div class="mt-3"><Pictures of={variety.id} what="a true {variety.name}" {pictures} {changed} /></div>
