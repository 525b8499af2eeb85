<script lang="ts">
	import { countTyped } from '$lib/units/units';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import DayField from '$lib/form/DayField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { isDay } from '$lib/words/days';
	import { cropWord, FATE, many } from '$lib/words/words';
	import { eachSmall } from '$lib/photo/small';
	import { inFlower } from './record';
	import type { WalkCount } from './walk.svelte';

	interface Props {
		planting: Schemas['PlantingView'];
		count: WalkCount;
		/** Day from which off-types are taken to have flowered with the stand. */
		flowersFrom?: string;
		back: () => void;
		record: () => Promise<void>;
	}
	/** What the walk came to, before it is recorded: why some were left, whether pollen was shed, pictures, a note. */
	let { planting, count, flowersFrom, back, record }: Props = $props();

	const attempt = new Attempt();
	const left = $derived(count.now.offTypes.filter((kind) => kind.fate === 'LEFT'));
	const reasonsMissing = $derived(left.some((kind) => !kind.reason.trim()));
	const late = $derived(inFlower(count.now, flowersFrom, session.today));
	let noPicture = $state('');

	function because(kind: string, reason: string) {
		count.set({
			offTypes: count.now.offTypes.map((one) =>
				one.kind === kind && one.fate === 'LEFT' ? { ...one, reason } : one
			)
		});
	}
	/** What is no day is not counted: the one before stands there again. */
	function onDay(typed: string, says: Parameters<WalkCount['set']>[0]) {
		if (isDay(typed)) count.set(says);
	}
	async function taken(files: FileList | null) {
		noPicture = '';
		noPicture = await eachSmall(files, (picture) => count.set({ photos: [...count.now.photos, picture] }));
	}
	const counts = $derived(
		[
			[count.now.sick, 'sick'],
			[count.now.stressed, 'stressed'],
			[count.now.bolted, 'bolted early']
		].filter(([plants]) => plants)
	);
</script>

<div class="end gloved">
	<header class="flex items-baseline justify-between gap-3">
		<h1 class="text-2xl">{planting.variety.name} {cropWord(planting.variety.cropName)}</h1>
		<button type="button" class="cursor-pointer underline" onclick={back}>go on walking</button>
	</header>
	<p class="text-lg font-bold">{many(count.now.lookedAt, 'plant')} looked at, {count.now.stage}</p>
	<TextField
		label="Looked at"
		name="lookedAt"
		{attempt}
		inputmode="numeric"
		hint="tap, or type the number when you counted rows"
		bind:value={
			() => String(count.now.lookedAt),
			(typed) => {
				const plants = countTyped(typed);
				if (Number.isInteger(plants) && plants > 0) count.look(plants - count.now.lookedAt);
			}
		}
	/>
	<table class="figures">
		<thead
			><tr
				><th scope="col">off-types</th><th scope="col">what was done</th><th scope="col" class="text-right!"
					>plants</th
				></tr
			></thead
		>
		<tbody>
			{#each count.now.offTypes as kind (kind.kind + kind.fate)}
				<tr
					><th scope="row">{kind.kind}</th><td>{FATE[kind.fate].done}</td><td class="num">{kind.plants}</td
					></tr
				>
			{:else}
				<tr><td colspan="3">none</td></tr>
			{/each}
			{#each counts as [plants, words] (words)}
				<tr class="text-soft"
					><th scope="row">{words}</th><td>no off-type</td><td class="num">{plants}</td></tr
				>
			{/each}
		</tbody>
	</table>
	{#each left as kind (kind.kind)}
		<TextField
			label="Why {kind.kind} was left standing"
			name="offTypes"
			{attempt}
			bind:value={() => kind.reason, (typed) => because(kind.kind, typed)}
		/>
	{/each}
	{#if count.offTypesInAll > 0 && late}
		<label class="flex items-center gap-3 py-1">
			<input
				type="checkbox"
				class="checkbox"
				checked={count.now.notFlowered}
				onchange={(event) => count.set({ notFlowered: event.currentTarget.checked, sheddingSince: '' })}
			/>
			I looked: none of the off-types had flowered yet
		</label>
		{#if !count.now.notFlowered}
			<DayField
				label="Shedding since"
				name="sheddingSince"
				max={session.today}
				{attempt}
				hint="taken to have flowered with the stand; change it if you can tell better"
				bind:value={
					() => count.now.sheddingSince || flowersFrom!, (typed) => onDay(typed, { sheddingSince: typed })
				}
			/>
		{/if}
	{:else if count.offTypesInAll > 0}
		<label class="flex items-center gap-3 py-1">
			<input
				type="checkbox"
				class="checkbox"
				checked={count.now.sheddingSince !== ''}
				onchange={(event) => count.set({ sheddingSince: event.currentTarget.checked ? session.today : '' })}
			/>
			An off-type was shedding pollen
		</label>
		{#if count.now.sheddingSince}
			<DayField
				label="Shedding since"
				name="sheddingSince"
				max={session.today}
				{attempt}
				hint="first open flower, as far as you can tell"
				bind:value={() => count.now.sheddingSince, (typed) => onDay(typed, { sheddingSince: typed })}
			/>
		{/if}
	{/if}
	<DayField
		label="Walked on"
		name="walkedOn"
		max={session.today}
		{attempt}
		bind:value={
			() => count.now.walkedOn || session.today,
			(typed) => onDay(typed, { walkedOn: typed === session.today ? '' : typed })
		}
	/>
	<TextField
		label="Note"
		name="note"
		maxlength={500}
		{attempt}
		bind:value={() => count.now.note, (typed) => count.set({ note: typed })}
	/>
	<div>
		<label class="btn h-14 w-full btn-secondary">
			Take a picture
			<input
				type="file"
				accept="image/*"
				capture="environment"
				multiple
				class="sr-only"
				onchange={(event) => void taken(event.currentTarget.files)}
			/>
		</label>
		{#if count.now.photos.length}<p class="mt-1 text-sm">
				{many(count.now.photos.length, 'picture')}, made small.
			</p>{/if}
		{#if noPicture}<p class="caution mt-1 font-semibold" role="alert">{noPicture}</p>{/if}
	</div>
	{#if reasonsMissing}<p class="text-sm font-semibold text-alarm">
			Say why an off-type is left standing.
		</p>{/if}
	<Trouble {attempt} />
	<button
		type="button"
		class="btn mt-auto h-14 text-lg btn-primary"
		disabled={attempt.busy || reasonsMissing}
		onclick={() => void attempt.run(record)}>Record this walk</button
	>
</div>

<style>
	.end {
		display: flex;
		flex-direction: column;
		gap: 0.8rem;
		max-width: 30rem;
		min-height: calc(100dvh - 2.25rem);
	}
</style>
