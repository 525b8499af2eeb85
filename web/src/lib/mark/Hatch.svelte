<script lang="ts">
	/** The hatchings of every drawing: what is tight, what crosses, what is wet, where dew lies. Goes into its defs. */
	let { id, kind }: { id: string; kind: keyof typeof PITCH } = $props();

	const PITCH = { tight: 9, near: 8, crossing: 6, wet: 7, dew: 7 };
	const pitch = $derived(PITCH[kind]);
</script>

<pattern
	{id}
	width={pitch}
	height={pitch}
	patternUnits="userSpaceOnUse"
	patternTransform="rotate(45)"
	class={kind}
>
	<rect width={pitch} height={pitch} />
	<line x1="0" y1="0" x2="0" y2={pitch} />
</pattern>

<style>
	rect {
		fill: none;
	}
	.tight rect {
		fill: var(--color-base-100);
	}
	.tight line {
		stroke: var(--hatch);
		stroke-width: 7;
		stroke-opacity: 0.75;
	}
	.near line {
		stroke: var(--hatch);
		stroke-width: 3;
	}
	.crossing line {
		stroke: var(--color-error);
		stroke-width: 2.6;
	}
	.wet rect {
		fill: var(--wet);
	}
	.wet line {
		stroke: var(--color-base-100);
		stroke-opacity: 0.28;
		stroke-width: 2;
	}
	.dew rect {
		fill: var(--dew);
	}
	.dew line {
		stroke: var(--wet);
		stroke-opacity: 0.5;
	}
</style>
