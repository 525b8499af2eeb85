<script lang="ts">
	import { pageOf } from '$lib/shell/title.svelte';
	import type { Schemas } from '$lib/api/api';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofWalk } from '$lib/mark/mark';
	import { outbox } from '$lib/offline/outbox.svelte';
	import Pictures from '$lib/photo/Pictures.svelte';
	import { signal } from '$lib/offline/signal.svelte';
	import FirstFlower from '$lib/season/FirstFlower.svelte';
	import BloomLook from '$lib/season/BloomLook.svelte';
	import { percent, whole } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { cropWord, FATE, many, placed } from '$lib/words/words';
	import RowStrip from './RowStrip.svelte';
	import { notArrived } from './record';
	import { tableFor, tell, walkedBefore } from './verdict';
	import type { Fate, WalkCount } from './walk.svelte';
	import WalkPad from './WalkPad.svelte';

	interface Props {
		walk: Schemas['WalkPage'];
		count: WalkCount;
		/** What the server says of it, while it can be asked. */
		verdict?: Schemas['WalkVerdict'];
		end: () => void;
	}
	let { walk, count, verdict, end }: Props = $props();

	const OTHER = 'something else';
	const FATES: Fate[] = ['PULLED', 'MARKED', 'LEFT'];
	const planting = $derived(walk.planting);
	pageOf(() => planting.variety.name);
	const stage = $derived(walk.stages.find((one) => one.stage === count.now.stage));
	const rounded = (plants: number) => Math.round(plants * 10) / 10;
	let everyKind = $state(false);
	let flowered = $state(false);
	const kinds = $derived([...walk.kinds.slice(0, everyKind ? undefined : 3), OTHER]);
	const before = $derived(walkedBefore(walk, count.now.stage, outbox.all));
	const kept = $derived(notArrived(walk, count.now.stage, outbox.all));
	const table = $derived(tableFor(walk, count.now, outbox.all));
	const off = (one: { offTypes: { plants: number }[] }) =>
		one.offTypes.reduce((sum, kind) => sum + kind.plants, 0);
	const found = $derived(kept.reduce((sum, one) => sum + off(one), count.offTypesInAll));
	const told = $derived(
		table &&
			tell(
				table,
				kept.reduce((sum, one) => sum + one.lookedAt, count.now.lookedAt),
				found,
				count.offTypesInAll - count.pulled
			)
	);
	const tables = $derived(walk.tables.find((one) => one.stage === count.now.stage));
	const lookedAtBefore = $derived(tables?.again?.seen ?? 0);
	// Only where rows do not tell which plants were walked.
	const which = $derived(
		before.length > 0 &&
			(!tables || tables.others) &&
			(count.now.rowsInAll === 1 || before.some((one) => !one.rows.length))
	);
	const last = $derived(walk.walks.at(-1));
	const perRow = $derived(Math.ceil(planting.plants / count.now.rowsInAll));
	const rowsLeft = $derived(count.now.rowsInAll > 1 && count.now.rows.length < count.now.rowsInAll);
	const points = $derived(
		Object.entries(planting.variety.trueToType)
			.filter(([, words]) => words)
			.map(([point, words]) => `${point} ${words}`)
	);
</script>

<div class="walk gloved">
	<header class="flex items-baseline justify-between gap-3">
		<div class="min-w-0">
			<h1 class="text-2xl">{planting.variety.name} {cropWord(planting.variety.cropName)}</h1>
			<p class="text-sm text-soft">
				{placed(planting.plotName)} · {many(planting.plants, 'plant')}{last
					? ` · last walked ${dayMonth(last.walkedOn)}`
					: ' · first walk'}
			</p>
		</div>
		<div class="shrink-0 text-right text-sm">
			{#if signal.lost}<strong class="block">no signal</strong>{/if}
			{#if outbox.waiting.length}<a class="quiet" href="/waiting">{outbox.waiting.length} kept here</a
				>{:else}<a class="quiet justify-end" href="/today">close</a>{/if}
		</div>
	</header>

	{#if count.unkept}<p class="caution font-semibold" role="alert">{count.unkept}</p>{/if}
	<select
		class="select w-full"
		aria-label="Stage"
		value={count.now.stage}
		onchange={(event) => count.set({ stage: event.currentTarget.value })}
	>
		{#each walk.stages as one (one.stage)}
			<option value={one.stage}>{one.stage}{one.from ? `, from ${dayMonth(one.from)}` : ''}</option>
		{/each}
	</select>
	<RowStrip {count} />
	{#if which}
		<div class="fates two" role="radiogroup" aria-label="Which plants">
			{#each [false, true] as others (others)}
				<button
					type="button"
					role="radio"
					aria-checked={count.now.others === others}
					onclick={() => count.set({ others })}>{others ? 'others, not looked at' : 'the same again'}</button
				>
			{/each}
		</div>
	{/if}
	<details class="look">
		<summary><strong>Look for:</strong> {stage?.lookFor ?? 'what is not as it should be'}</summary>
		{#if points.length}<p class="mt-1"><strong>True is:</strong> {points.join('; ')}.</p>{/if}
		{#if walk.truePhotos.length}
			<div class="mt-2">
				<Pictures
					of={planting.variety.id!}
					what="a true {planting.variety.name}"
					pictures={walk.truePhotos}
					small
				/>
			</div>
		{/if}
		{#if walk.hazards}<p class="caution mt-2 text-sm">{walk.hazards}</p>{/if}
		{#each walk.walks.toReversed() as one (one.id)}
			<p class="mt-2 border-t border-line pt-2 text-sm">
				<strong>{dayMonth(one.walkedOn)}, {one.stage}:</strong>
				{one.offTypesInAll} off in {one.lookedAt}{one.offTypes.length
					? `: ${one.offTypes.map((kind) => `${kind.plants} ${kind.kind}, ${FATE[kind.fate].done}`).join('; ')}`
					: ''}. {one.note}
			</p>
			{#if one.photos.length}
				<div class="mt-1">
					<Pictures of={one.id} what="the walk of {dayMonth(one.walkedOn)}" pictures={one.photos} small />
				</div>
			{/if}
		{/each}
		{#if flowered}
			<p class="mt-2 text-sm" role="status">First flower noted.</p>
		{:else if planting.bloom && !planting.firstFlowerOn}
			<FirstFlower {planting} kept={() => (flowered = true)} />
		{/if}
	</details>

	{#if planting.bloom}
		<BloomLook
			plantingId={planting.id ?? ''}
			variety={planting.variety.name}
			crop={planting.variety.cropName}
			from="/walk/{planting.id}"
		/>
	{/if}
	<WalkPad lookedAt={count.now.lookedAt} look={(plants) => count.look(plants)} />
	{#if count.now.lookedAt > planting.plants}
		<p class="caution mt-2">
			Only {many(planting.plants, 'plant stands', 'plants stand')} there by the plan: each is counted once.
		</p>
	{/if}

	<div class="fates" role="radiogroup" aria-label="What is done with off-types">
		{#each FATES as fate (fate)}
			<button
				type="button"
				role="radio"
				aria-checked={count.now.fate === fate}
				onclick={() => count.set({ fate })}>{FATE[fate].act}</button
			>
		{/each}
	</div>
	<div class="kinds">
		{#each kinds as kind (kind)}
			<button type="button" class={[count.of(kind) > 0 && 'found']} onclick={() => count.mark(kind)}>
				<span>{kind}</span><strong>{count.of(kind)}</strong>
			</button>
		{/each}
	</div>
	{#if walk.kinds.length > 3 && !everyKind}
		<button
			type="button"
			class="cursor-pointer text-left text-sm underline"
			onclick={() => (everyKind = true)}>{many(walk.kinds.length - 3, 'more kind')} of off-types</button
		>
	{/if}
	<div class="apart" role="group" aria-label="No off-types">
		<button type="button" onclick={() => count.markApart('sick')}
			><span>sick</span><strong>{count.now.sick}</strong></button
		>
		<button type="button" onclick={() => count.markApart('stressed')}
			><span>stress</span><strong>{count.now.stressed}</strong></button
		>
		<button type="button" onclick={() => count.markApart('bolted')}
			><span>bolted</span><strong>{count.now.bolted}</strong></button
		>
	</div>

	<section class="verdict" aria-live="polite">
		{#if told}
			<p class="flex flex-wrap items-baseline gap-2 text-lg font-bold">
				<Mark {...ofWalk(told.mark)} />
				{told.offTypes} off in {whole(told.lookedAt)}
			</p>
			<p>
				Up to {many(told.most, 'off-type')} may still stand ({percent(told.upper)}); the limit is {percent(
					table!.tolerance
				)}.{lookedAtBefore ? ` Walks of this stage looked at ${whole(lookedAtBefore)} before.` : ''}
			</p>
			{#if told.mark === 'OVER'}
				<p class="font-bold">More than its grade lets stand. Pull them, and walk it again.</p>
			{:else if told.mark === 'NOT_YET'}
				<p class="font-bold">
					{told.more
						? `If no more turn up, look at ${whole(told.more)} more.`
						: 'This walk cannot show it: walk the whole stand once more.'}
				</p>
			{/if}
			{#if verdict && told.whole}
				<p>
					About {rounded(verdict.expected)} may still stand. Another walk would find about {rounded(
						verdict.nextFinds
					)}.
				</p>
			{/if}
			<p class="text-sm text-soft">
				Your eyes are taken to see {percent(walk.recognised)} of the off-types they look at.
				<a class="underline" href="/eyes">Measure it</a>
			</p>
		{:else if found >= (table?.rows.length ?? 0) && count.begun}
			<p class="font-bold">So many off-types: the verdict comes with the signal.</p>
		{:else}
			<p class="text-soft">
				Count plants as they come, not the easy edges. Off-types are judged from the first plant on.
			</p>
		{/if}
	</section>

	{#if rowsLeft}
		<div class="grid grid-cols-2 gap-2">
			<button type="button" class="big small" onclick={() => count.wholeRow(perRow)}
				>Whole row {count.now.row}: {perRow} plants</button
			>
			<button type="button" class="big small" disabled={!count.begun} onclick={end}>End of the walk</button>
		</div>
	{/if}
	{#if !count.begun}<p class="text-sm text-soft">Tap what you look at: then the walk can be ended.</p>{/if}
	<div class="bar">
		<button type="button" class="big" disabled={!count.canUndo} onclick={() => count.undo()}>Undo</button>
		{#if rowsLeft}
			<button type="button" class="big dark" onclick={() => count.endRow()}>End of row {count.now.row}</button
			>
		{:else}
			<button type="button" class="big dark" disabled={!count.begun} onclick={end}>End of the walk</button>
		{/if}
	</div>
</div>

<style>
	.walk {
		display: flex;
		flex-direction: column;
		gap: 0.5rem;
		max-width: 30rem;
		min-height: calc(100dvh - 2.25rem);
	}
	.look {
		border-left: 4px solid var(--color-base-content);
		padding-left: 0.75rem;
	}
	.look summary {
		cursor: pointer;
	}
	.fates {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		border: 1px solid var(--color-base-content);
	}
	.fates.two {
		grid-template-columns: repeat(2, 1fr);
	}
	.fates button {
		min-height: 3.5rem;
		font-weight: 650;
		font-size: var(--text-sm);
		background: var(--color-base-100);
	}
	.fates button[aria-checked='true'] {
		background: var(--color-accent);
		color: var(--color-accent-content);
	}
	.kinds,
	.apart {
		display: grid;
		grid-template-columns: repeat(2, 1fr);
		gap: 0.5rem;
	}
	.apart {
		grid-template-columns: repeat(3, 1fr);
	}
	.kinds button,
	.apart button {
		min-height: 3.5rem;
		padding: 0.45rem 0.6rem;
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
	.apart button {
		min-height: 3.5rem;
		border-width: 1px;
		align-items: center;
	}
	.kinds .found {
		border-color: var(--color-error);
		border-width: 2.5px;
	}
	.kinds strong,
	.apart strong {
		font-size: 1.6rem;
		line-height: 1;
	}
	.apart strong {
		font-size: 1.25rem;
	}
	.kinds .found strong {
		color: var(--color-error);
	}
	.verdict {
		border-top: 2px solid var(--color-base-content);
		background: var(--color-base-100);
		padding: 0.5rem 0.8rem;
	}
	.bar {
		position: sticky;
		bottom: 0;
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.5rem;
		padding-block: 0.4rem;
		background: var(--color-base-200);
	}
	.big {
		min-height: 3.5rem;
		font-weight: 700;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-200);
	}
	.big.small {
		font-weight: 600;
		border-width: 1px;
		font-size: var(--text-sm);
	}
	.big:disabled {
		opacity: 0.5;
	}
	.big.dark {
		background: var(--color-base-content);
		color: var(--color-base-100);
	}
</style>
