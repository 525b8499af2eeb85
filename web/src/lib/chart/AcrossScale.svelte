<script lang="ts">
	import type { Drawing } from './drawing';

	interface Props {
		on: Drawing;
		/** What is named under the drawing, and where. */
		at: { at: number; name: string }[];
	}
	let { on, at }: Props = $props();
	/** Names at the very ends stay within the drawing. */
	const anchor = (x: number) => (x <= 1 ? 'start' : x >= on.width - 1 ? 'end' : 'middle');
</script>

{#each at as one, i (i)}
	<text x={on.x(one.at)} y={on.height + 16} text-anchor={anchor(on.x(one.at))}>{one.name}</text>
{/each}

<style>
	text {
		font-size: var(--text-xs);
		fill: var(--soft);
	}
</style>
