<script lang="ts">
	import type { ShelfName } from './bench';

	/** A vessel as it stands on its shelf, seen from the side: tub with its clock, tray, bowl. */
	let { shelf, clock, alarm }: { shelf: ShelfName; clock?: number; alarm: boolean } = $props();

	const pie = $derived.by(() => {
		const share = Math.min(0.999, clock ?? 0);
		const angle = share * 2 * Math.PI;
		const x = 44 + 19 * Math.sin(angle);
		const y = 52 - 19 * Math.cos(angle);
		return `M44,52 L44,33 A19,19 0 ${share > 0.5 ? 1 : 0} 1 ${x.toFixed(2)},${y.toFixed(2)} Z`;
	});
</script>

<svg width="88" height="78" viewBox="0 0 88 78" aria-hidden="true">
	{#if shelf === 'wet'}
		<path d="M4,8 L84,8 L76,74 L12,74 Z" class="wall" />
		<path d="M6.4,28 q9,-6 19,0 t19,0 t19,0 t18,0 L76,74 L12,74 Z" class="scum" />
		<path d="M7.5,36 L80.5,36 L76,74 L12,74 Z" class="broth" />
		<path d="M4,8 L12,74 L76,74 L84,8" class="edge" />
		{#if clock !== undefined}
			<circle cx="44" cy="52" r="19" class="face" />
			<path d={pie} class={alarm ? 'late' : 'passed'} />
			<circle cx="44" cy="52" r="19" class="edge" />
		{/if}
	{:else if shelf === 'drying'}
		{#each [12, 21, 30, 39, 48, 57, 66, 75] as x, i (x)}
			<circle cx={x} cy={i % 2 ? 50 : 53} r="4" class="seed" />
		{/each}
		<path d="M2,56 L86,56 L80,74 L8,74 Z" class="wall" />
		<path d="M2,56 L8,74 L80,74 L86,56 Z" class="edge" />
	{:else}
		<path d="M4,44 q40,-11 80,0 q-2,30 -14,30 L18,74 q-12,0 -14,-30 Z" class="wall" />
		{#each [22, 32, 42, 52, 62] as x, i (x)}
			<circle cx={x} cy={i % 2 ? 47 : 51} r="3.6" class="seed" />
		{/each}
		<path d="M4,44 q40,-11 80,0 q-2,30 -14,30 L18,74 q-12,0 -14,-30 Z" class="edge" />
	{/if}
</svg>

<style>
	.wall,
	.face {
		fill: var(--color-base-100);
	}
	.scum {
		fill: var(--chaff);
	}
	.broth {
		fill: var(--wet);
	}
	.seed {
		fill: var(--straw);
	}
	.passed {
		fill: var(--color-accent);
	}
	.late {
		fill: var(--beet);
	}
	.edge {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 2;
	}
</style>
