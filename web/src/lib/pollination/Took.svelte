<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { dayMonth } from '$lib/words/dates';
	import { many } from '$lib/words/words';

	interface Props {
		flowers: Schemas['FlowerView'][];
		looked: (flower: Schemas['FlowerView'], took: boolean) => Promise<void>;
	}
	/** Which flowers took, some days after. */
	let { flowers, looked }: Props = $props();
</script>

<section id="took">
	<h2 class="ruled flex items-baseline justify-between gap-3">
		Did they take?<span class="text-sm font-normal text-soft"
			>{flowers.length ? many(flowers.length, 'flower') : ''}</span
		>
	</h2>
	<ul>
		{#each flowers as flower (flower.id)}
			<li class="grid grid-cols-[minmax(0,1fr)_auto_auto] items-center gap-2 border-b border-line py-2">
				<span
					><strong>Tag {flower.tag}</strong>, plant {flower.mother}<br /><span class="text-sm text-soft"
						>pollinated {dayMonth(flower.pollinatedAt)}</span
					></span
				>
				<button type="button" class="btn h-14 btn-secondary" onclick={() => void looked(flower, true)}
					>took</button
				>
				<button type="button" class="btn h-14 btn-secondary" onclick={() => void looked(flower, false)}
					>fell off</button
				>
			</li>
		{:else}
			<li class="py-2 text-soft">No flower is due: each is looked at five days after it was pollinated.</li>
		{/each}
	</ul>
</section>
