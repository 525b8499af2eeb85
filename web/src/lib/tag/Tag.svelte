<script lang="ts">
	import type { MarkState } from '$lib/mark/mark';

	interface Props {
		number: string;
		size?: 'small' | 'large';
		state?: MarkState;
		/** Whether it leads to the lot's page. */
		link?: boolean;
	}
	/** A lot's tag: square, a punched hole, its number. For lots and nothing else. */
	let { number, size = 'small', state = 'clear', link = true }: Props = $props();
</script>

{#snippet inside()}
	<span class="hole" aria-hidden="true"></span><span class="number">{number}</span>
{/snippet}

{#if link}
	<a href="/lot/{number}" class="tag {size} {state}" aria-label="Lot {number}">{@render inside()}</a>
{:else}
	<span class="tag {size} {state}">{@render inside()}</span>
{/if}

<style>
	.tag {
		display: inline-flex;
		align-items: center;
		gap: 0.6em;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
		color: var(--color-base-content);
		padding: 0.15em 0.6em 0.15em 0.5em;
		font-family: var(--font-mono);
		font-weight: 650;
		letter-spacing: 0.03em;
		white-space: nowrap;
	}
	a.tag:hover .number {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.large {
		font-size: 1.9rem;
		font-weight: 750;
		border-width: 2px;
		padding: 0.3em 0.65em 0.3em 0.5em;
	}
	@media (pointer: coarse) {
		a.tag {
			min-height: 2.75rem;
		}
	}
	.hole {
		width: 0.62em;
		height: 0.62em;
		border-radius: 50%;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-200);
		flex: none;
	}
	.tight {
		background: repeating-linear-gradient(135deg, var(--pale) 0 5px, var(--color-base-100) 5px 11px);
	}
	.tight .number {
		background: var(--color-base-100);
		padding: 0 0.2em;
		margin: 0 -0.2em;
	}
	.crosses {
		background: var(--beet);
		border-color: var(--beet);
		color: var(--on-beet);
	}
	.crosses .hole {
		border-color: var(--on-beet);
	}
</style>
