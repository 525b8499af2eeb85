<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofRipens, ofVerdict } from '$lib/mark/mark';

	interface Props {
		planting: Pick<Schemas['PlantingView'], 'isolation' | 'ripens'>;
		/** Whether too many of its plants were sick. */
		sick?: boolean;
		/** Only the worst, where there is room for one. */
		one?: boolean;
	}
	/** What stands against the seed of a planting: what crosses it, and, where it may not ripen, that. */
	let { planting, sick = false, one = false }: Props = $props();
	const SICK = { state: 'tight', label: 'sick' } as const;
	const WORST_FIRST = ['crosses', 'tight', 'clear'];
	const marks = $derived(
		[
			...(planting.isolation ? [ofVerdict(planting.isolation.verdict)] : []),
			...(planting.ripens && planting.ripens.mark !== 'RIPENS' ? [ofRipens(planting.ripens.mark)] : []),
			...(sick ? [SICK] : [])
		].sort((a, b) => (one ? WORST_FIRST.indexOf(a.state) - WORST_FIRST.indexOf(b.state) : 0))
	);
</script>

{#each one ? marks.slice(0, 1) : marks as mark (mark.label)}<Mark {...mark} />{/each}
