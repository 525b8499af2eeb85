<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { ofGate } from '$lib/mark/mark';
	import { cropWord, GRADE } from '$lib/words/words';
	import Curve from './Curve.svelte';
	import { left, waits } from './words';

	let { hanging }: { hanging: Schemas['Hanging'] } = $props();
	const { lot, variety, germination } = $derived(hanging);
	const pressing = $derived(
		['Count', 'Test', 'Retest', 'Falling', 'Low', 'HeldBack'].includes(hanging.need.kind)
	);
	const mark = $derived(ofGate(hanging.gate, GRADE[lot.grade]));
</script>

<li>
	<a href="/lot/{lot.number}" class={['hanging', hanging.need.kind === 'Held' && 'held']}>
		<span class="hole" aria-hidden="true"></span>
		<span class="number">{lot.number}</span>
		<b>{variety.name}</b>
		<span class="crop">{cropWord(variety.cropName)}</span>
		<span class="figure"
			><span>{left(hanging, session.units)}</span><span
				>{germination === undefined ? '–' : `${germination} %`}</span
			></span
		>
		{#if hanging.keeping}<Curve keeping={hanging.keeping} today={session.today} />{/if}
		<span class={['next', pressing && 'tight']}
			><span>{waits(hanging)}</span
			>{#if hanging.shelves.length === 0 && hanging.bench?.clean && hanging.need.kind !== 'NoneLeft'}<small
					>not put away</small
				>{:else if mark.state === 'clear' && hanging.shelves.length}<small>{hanging.shelves.join(', ')}</small
				>{/if}</span
		>
	</a>
</li>

<style>
	li {
		padding-top: 14px;
		position: relative;
		display: grid;
	}
	li::before {
		content: '';
		position: absolute;
		left: 50%;
		top: 0;
		height: 24px;
		border-left: 2px solid var(--color-base-content);
	}
	.hanging {
		position: relative;
		display: grid;
		align-content: start;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
		padding: 1.55rem 0.75rem 0.7rem;
	}
	.hanging:hover .number {
		text-decoration: underline;
	}
	.hole {
		position: absolute;
		left: calc(50% - 6px);
		top: 6px;
		width: 12px;
		height: 12px;
		border-radius: 50%;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-200);
	}
	.number {
		font-family: var(--font-mono);
		font-weight: 750;
		font-size: 1.16rem;
		letter-spacing: 0.02em;
		margin-bottom: 0.3rem;
	}
	.crop {
		color: var(--soft);
		font-size: var(--text-sm);
	}
	.figure {
		display: flex;
		justify-content: space-between;
		gap: 0.4rem;
		margin-top: 0.25rem;
		font-weight: 600;
	}
	.figure span:last-child {
		white-space: nowrap;
	}
	.next {
		margin-top: 0.35rem;
		padding: 0.3rem 0 0;
		border-top: 1px solid var(--color-base-300);
		font-size: var(--text-sm);
		font-weight: 650;
		line-height: 1.25;
	}
	.next small {
		display: block;
		font-weight: 400;
		color: var(--soft);
	}
	.next.tight {
		background: repeating-linear-gradient(135deg, var(--pale) 0 5px, transparent 5px 11px);
		padding: 0.3rem 0.3rem;
		margin-inline: -0.3rem;
	}
	.next.tight span,
	.next.tight small {
		background: var(--color-base-100);
		box-decoration-break: clone;
		-webkit-box-decoration-break: clone;
		padding: 0 0.2rem;
	}
	.held {
		background: var(--beet);
		border-color: var(--beet);
		color: var(--on-beet);
	}
	.held .crop,
	.held small {
		color: inherit;
	}
	.held .next {
		border-color: currentColor;
	}
</style>
