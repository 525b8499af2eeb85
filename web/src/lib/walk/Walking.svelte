<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofWalk } from '$lib/mark/mark';
	import { percent } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { cropWord, many } from '$lib/words/words';
	import type { WalkCount } from './walk.svelte';
	import WalkPad from './WalkPad.svelte';

	interface Props {
		walk: Schemas['WalkPage'];
		count: WalkCount;
		soFar?: Schemas['StageVerdict'];
		stage: string;
		busy: boolean;
		record: () => void;
		/** What went wrong when it was recorded. */
		children: Snippet;
	}
	let { walk, count, soFar, stage = $bindable(), busy, record, children }: Props = $props();

	const stages = $derived(walk.stages);
	const lookFor = $derived(stages.find((one) => one.name === stage)?.lookFor ?? '');
	const kinds = $derived(walk.commonOffTypes.slice(0, 3));
	const verdict = $derived(soFar?.verdict);
	const last = $derived(walk.walks.at(-1));

	$effect(() => {
		if (!stage) stage = untrack(() => walk.walks.at(-1)?.stage ?? stages[0].name);
	});
	const marks = $derived(verdict ? ofWalk(verdict.mark) : undefined);
</script>

<svelte:head><title>Walk {walk.planting.variety.name} · Theriseed</title></svelte:head>

<div class="walk">
	<header class="flex items-baseline justify-between gap-3">
		<div class="min-w-0">
			<h1 class="text-2xl">{walk.planting.variety.name} {cropWord(walk.planting.variety.cropName)}</h1>
			<p class="text-sm text-soft">
				{walk.planting.plotName.toLowerCase()} · {many(walk.planting.plants, 'plant')}{last
					? ` · last walked ${dayMonth(last.walkedOn)}`
					: ' · first walk'}
			</p>
		</div>
		<a class="quiet shrink-0 text-sm" href="/desk?season={walk.planting.season}&planting={walk.planting.id}"
			>leave</a
		>
	</header>

	<div class="stages" role="radiogroup" aria-label="Stage">
		{#each stages as one (one.name)}
			<button type="button" role="radio" aria-checked={one.name === stage} onclick={() => (stage = one.name)}
				>{one.name}</button
			>
		{/each}
	</div>
	{#if lookFor}<p class="border-l-4 border-ink pl-3"><strong>Look for:</strong> {lookFor}</p>{/if}

	<WalkPad lookedAt={count.lookedAt} look={(plants) => count.look(plants)} />

	<div class="kinds">
		{#each kinds as kind (kind)}
			<button type="button" class={[count.of(kind) > 0 && 'found']} onclick={() => count.mark(kind)}>
				<span>{kind}</span><strong>{count.of(kind)}</strong>
			</button>
		{/each}
		<button
			type="button"
			class={[count.of('something else') > 0 && 'found']}
			onclick={() => count.mark('something else')}
		>
			<span>something else</span><strong>{count.of('something else')}</strong>
		</button>
		<button type="button" class="sick" onclick={() => count.markSick()}
			><span>sick</span><strong>{count.sick}</strong></button
		>
	</div>

	<section class="verdict" aria-live="polite">
		{#if soFar && verdict && marks}
			<p class="flex flex-wrap items-baseline gap-2 text-lg font-bold">
				<Mark {...marks} />
				{soFar.offTypes} off in {soFar.lookedAt.toLocaleString('en-GB')}
			</p>
			{#if soFar.lookedAt >= walk.planting.plants}
				<p>
					Every plant was looked at: {percent(verdict.limit.estimate)} off, the limit is {percent(
						verdict.tolerance
					)}. The chance that one was overlooked is about {percent(verdict.overlooked)}.
				</p>
			{:else}
				<p>Could be as many as {percent(verdict.limit.upper)}; the limit is {percent(verdict.tolerance)}.</p>
			{/if}
			{#if verdict.mark === 'NOT_YET'}
				<p class="font-bold">If no more turn up, look at {verdict.more.toLocaleString('en-GB')} more.</p>
			{:else if verdict.mark === 'OVER'}
				<p class="font-bold">
					More than its grade lets pass. Pull them, then walk it again at the next stage.
				</p>
			{/if}
		{:else}
			<p class="text-soft">
				Count plants as they come, not the easy edges. Off-types are judged from the first plant on.
			</p>
		{/if}
	</section>

	{@render children()}
	<div class="grid grid-cols-2 gap-2.5">
		<button type="button" class="big plain" disabled={!count.canUndo} onclick={() => count.undo()}
			>Undo</button
		>
		<button type="button" class="big dark" disabled={busy || count.lookedAt === 0} onclick={record}
			>End of the walk</button
		>
	</div>
</div>

<style>
	.walk {
		display: flex;
		flex-direction: column;
		gap: 0.65rem;
		max-width: 30rem;
		min-height: calc(100dvh - 2.25rem);
	}
	.stages {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
	}
	.stages button {
		min-height: 2.5rem;
		padding: 0 0.7rem;
		border: 1px solid var(--color-base-content);
		background: var(--color-base-100);
		font-weight: 600;
		font-size: var(--text-sm);
	}
	.stages button[aria-checked='true'] {
		background: var(--color-accent);
		color: var(--color-accent-content);
	}
	.kinds {
		display: grid;
		grid-template-columns: repeat(6, 1fr);
		gap: 0.5rem;
	}
	.kinds button {
		grid-column: span 2;
		min-height: 4.2rem;
		padding: 0.5rem 0.6rem;
		display: flex;
		justify-content: space-between;
		gap: 0.4rem;
		text-align: left;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
		font-weight: 650;
		font-size: var(--text-sm);
		line-height: 1.15;
	}
	.kinds button:nth-last-child(-n + 2) {
		grid-column: span 3;
		min-height: 3.5rem;
	}
	.kinds .found {
		border-color: var(--color-error);
		border-width: 2.5px;
	}
	.kinds strong {
		font-size: 1.6rem;
		line-height: 1;
	}
	.kinds .found strong {
		color: var(--color-error);
	}
	.verdict {
		border-top: 2px solid var(--color-base-content);
		background: var(--color-base-100);
		padding: 0.6rem 0.8rem;
		min-height: 5.6rem;
	}
	.big {
		min-height: 3.5rem;
		font-weight: 700;
		border: 1.5px solid var(--color-base-content);
	}
	.big:disabled {
		opacity: 0.5;
	}
	.dark {
		background: var(--color-base-content);
		color: var(--color-base-100);
	}
	.plain {
		background: transparent;
	}
</style>
