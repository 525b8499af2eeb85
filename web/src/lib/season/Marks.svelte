<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofRipens, ofVerdict } from '$lib/mark/mark';

	/** What stands against the seed of a planting: what crosses it, and, where it may not ripen, that. */
	let { planting }: { planting: Pick<Schemas['PlantingView'], 'isolation' | 'ripens'> } = $props();
</script>

{#if planting.isolation}<Mark {...ofVerdict(planting.isolation.verdict)} />{/if}
{#if planting.ripens && planting.ripens.mark !== 'RIPENS'}<Mark {...ofRipens(planting.ripens.mark)} />{/if}
