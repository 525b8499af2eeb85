<script lang="ts">
	import type { MarkState } from './mark';

	interface Props {
		state: MarkState;
		label: string;
		/** Where it is what a page tells first. */
		large?: boolean;
	}
	/** The three marks: plain outline with a tick, hatched, filled. The same everywhere. */
	let { state, label, large = false }: Props = $props();
</script>

<span class={['mark', state, large && 'large']}>
	{#if state === 'clear'}<span aria-hidden="true">✓</span>{/if}<span class="words">{label}</span>
</span>

<style>
	.mark {
		display: inline-flex;
		align-items: baseline;
		gap: 0.3rem;
		padding: 0.05rem 0.55rem 0.1rem;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
		color: var(--color-base-content);
		font-weight: 700;
		font-size: var(--text-sm);
		line-height: 1.35;
		white-space: nowrap;
	}
	.large {
		font-size: var(--text-xl);
		white-space: normal;
	}
	.tight {
		background: repeating-linear-gradient(135deg, var(--hatch) 0 3px, var(--color-base-100) 3px 9px);
	}
	.tight .words {
		background: var(--color-base-100);
		padding: 0 0.2rem;
		margin: 0 -0.05rem;
	}
	.crosses {
		background: var(--beet);
		border-color: var(--beet);
		color: var(--on-beet);
	}
</style>
