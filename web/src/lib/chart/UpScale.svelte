<script lang="ts">
	import type { Drawing } from './drawing';

	interface Props {
		on: Drawing;
		/** The figures that are named at the left, and what each is called. */
		at: number[];
		says: (figure: number) => string;
		/** Whether a line goes across at each. */
		lines?: boolean;
	}
	let { on, at, says, lines = false }: Props = $props();
	/** Pixels that a name needs; one that would lie on that before it is left out. */
	const NEEDS = 13;
	const named = $derived(
		at.reduce<number[]>((so, figure) => {
			const free = so.every((other) => Math.abs(on.y(other) - on.y(figure)) >= NEEDS);
			return free ? [...so, figure] : so;
		}, [])
	);
</script>

{#each at as figure, i (i)}
	{#if lines}<line x1="0" x2={on.width} y1={on.y(figure)} y2={on.y(figure)} />{/if}
	{#if named.includes(figure)}
		<text x="-6" y={on.y(figure) + 4} text-anchor="end">{says(figure)}</text>
	{/if}
{/each}

<style>
	line {
		stroke: var(--color-base-300);
	}
	text {
		font-size: var(--text-xs);
		fill: var(--soft);
	}
</style>
