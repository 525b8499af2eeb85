<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Correcting from '$lib/form/Correcting.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import { countIn, massIn, maybeCountIn } from '$lib/form/typed';
	import { countTyped, mass } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import Changes from './Changes.svelte';
	import { DAMPNESS, many, PICKED_FROM } from '$lib/words/words';

	type Request = Schemas['PickRequest'];
	type From = NonNullable<Request['pickedFrom']>;
	type Damp = NonNullable<Request['dampness']>;
	interface Props {
		attempt: Attempt;
		plantingId: string;
		/** Plants standing. */
		standing: number;
		/** Whether only tagged fruit may come to it. */
		tagged?: boolean;
		/** Containers that were labelled. */
		containers?: number;
		/** What was recorded, when it is corrected. */
		pick?: Schemas['PickView'];
		/** What is missing before anything may be filled in; empty when nothing is. */
		waits?: string;
		/** Called with the mass while a pick is corrected. */
		reweighed?: (grams: number) => void;
		/** What that mass would change. */
		changes?: Schemas['LotChanges'];
		save: (request: Request) => Promise<void>;
		taken?: () => void;
	}
	/** What was picked into a lot in one go. */
	let {
		attempt,
		plantingId,
		standing,
		tagged = false,
		containers = 1,
		pick,
		waits = '',
		reweighed = () => {},
		changes,
		save,
		taken = () => {}
	}: Props = $props();

	// svelte-ignore state_referenced_locally
	const was = pick;
	let pickedOn = $state(was?.pickedOn ?? session.today);
	let grams = $state(was?.mass ?? NaN);
	let plants = $state(String(was?.plants ?? ''));
	let pieces = $state(String(was?.pieces ?? ''));
	let dampness = $state<Damp>(was?.dampness ?? 'DRY');
	// svelte-ignore state_referenced_locally
	let pickedFrom = $state<From>(was?.pickedFrom ?? (tagged ? 'TAGGED' : 'PLANTING'));
	let which = $state(was?.which ?? '');
	let ripened = $state(was?.indoors ? 'indoors' : 'plant');
	let pickedBy = $state(was?.pickedBy ?? session.account?.name ?? '');
	let note = $state(was?.note ?? '');
	let reason = $state('');
	let version = $state(was?.version);
	const LABELS = {
		pickedOn: 'Picked on',
		mass: 'Mass',
		plants: 'Plants picked',
		pieces: 'Fruits or heads',
		dampness: 'How damp',
		pickedFrom: 'Picked from',
		which: 'Which',
		pickedBy: 'Picked by',
		containers: 'Containers',
		note: 'Note',
		reason: 'Why it is corrected'
	};
	const words = <T extends string>(of: Record<T, string>) =>
		(Object.keys(of) as T[]).map((value) => ({ value, label: of[value] }));

	$effect(() => {
		if (was && grams > 0 && grams !== was.mass) reweighed(grams);
	});

	const tried = new Latest<Schemas['PickTried']>();
	/** Counts how often the mass was put into the field from outside. */
	let put = $state(0);
	$effect(() => {
		const picked = countTyped(plants);
		const known = picked > 0 && grams > 0 ? { plants: picked, mass: grams } : {};
		if (!pickedOn) return tried.forget();
		void tried.ask(
			ask(
				GET('/api/plantings/{id}/picks/tried', {
					params: { path: { id: plantingId }, query: { pickedOn, ...known } }
				})
			)
		);
	});
	function meant(instead: number) {
		grams = instead;
		put++;
	}

	const send = () =>
		void attempt.run(() =>
			save({
				pickedOn,
				mass: massIn('mass', grams),
				plants: countIn('plants', plants),
				pieces: maybeCountIn('pieces', pieces),
				containers: was?.containers ?? containers,
				dampness,
				pickedFrom,
				which: pickedFrom === 'PLANTING' ? '' : which,
				indoors: ripened === 'indoors',
				pickedBy,
				note,
				...(was ? { version, reason } : {})
			})
		);
	const said = (value: unknown) => (typeof value === 'number' ? mass(value, session.units) : '–');
</script>

<form
	class="grid gap-4 sm:grid-cols-2"
	onsubmit={(event) => {
		event.preventDefault();
		send();
	}}
>
	{#if !was}<Draft of="pick" {attempt} />{/if}
	{#key put}
		<MassField
			label={LABELS.mass}
			name="mass"
			needed
			heavy
			{attempt}
			bind:grams
			scale
			scaleKey="r"
			hint="fruit, pods, heads or tops, as picked"
		/>
	{/key}
	<TextField
		label={LABELS.plants}
		name="plants"
		needed
		{attempt}
		bind:value={plants}
		inputmode="numeric"
		hint="of {standing} standing"
	/>
	<div class="grid gap-2 empty:hidden sm:col-span-2" aria-live="polite">
		{#if tried.answer}
			{@const { usualLow, usualHigh, meant: instead, earlyBy, ripeFrom } = tried.answer}
			{#if usualLow !== undefined && usualHigh !== undefined}
				<p class="caution">
					{many(countTyped(plants), 'plant')} usually give {said(usualLow)} to {said(usualHigh)}, at harvest;
					this is {said(grams)}.
					{#if instead !== undefined}
						Was it
						<button
							type="button"
							class="cursor-pointer font-semibold underline"
							onclick={() => meant(instead)}>{said(instead)}</button
						>?
					{:else}
						Were so many picked, and is the unit right?
					{/if}
				</p>
			{/if}
			{#if earlyBy > 0 && ripeFrom}
				<p class="caution">
					By its bloom the first seed is ripe about {dayMonth(ripeFrom, session.today)}, {many(
						earlyBy,
						'day'
					)} after this day. Seed of unripe fruit hardly germinates. Is the day right? If so it is remembered of
					the lot.
				</p>
			{/if}
		{/if}
	</div>
	<ChoiceField
		label={LABELS.pickedFrom}
		name="pickedFrom"
		{attempt}
		bind:value={pickedFrom}
		choices={words(PICKED_FROM)}
	/>
	{#if pickedFrom !== 'PLANTING'}
		<TextField
			label={LABELS.which}
			name="which"
			{attempt}
			maxlength={120}
			bind:value={which}
			hint={pickedFrom === 'STRETCH' ? 'bed 3, 0 to 12 m' : 'its number, or those of the tags'}
		/>
	{/if}
	<TextField label={LABELS.pickedOn} name="pickedOn" needed type="date" {attempt} bind:value={pickedOn} />
	<details class="col-span-full" open={!!was}>
		<summary class="cursor-pointer font-semibold"
			>Dampness, number of fruits, who picked, ripened where</summary
		>
		<div class="mt-3 grid gap-4 sm:grid-cols-2">
			<ChoiceField
				label={LABELS.dampness}
				name="dampness"
				{attempt}
				bind:value={dampness}
				choices={words(DAMPNESS)}
			/>
			<TextField label={LABELS.pieces} name="pieces" {attempt} bind:value={pieces} inputmode="numeric" />
			<ChoiceField
				label="Ripened"
				name="indoors"
				{attempt}
				bind:value={ripened}
				choices={[
					{ value: 'plant', label: 'on the plant' },
					{ value: 'indoors', label: 'finished indoors' }
				]}
			/>
			<TextField label={LABELS.pickedBy} name="pickedBy" {attempt} maxlength={60} bind:value={pickedBy} />
		</div>
	</details>
	<TextField label={LABELS.note} name="note" {attempt} bind:value={note} />
	{#if changes && grams !== was?.mass}<div class="col-span-full"><Changes {changes} /></div>{/if}
	<Correcting
		{attempt}
		labels={LABELS}
		asked={!!was}
		kept="the old weight"
		bind:reason
		bind:version
		rows={(theirs) => [
			{ label: LABELS.pickedOn, mine: pickedOn, theirs: String(theirs.pickedOn) },
			{ label: LABELS.mass, mine: said(grams), theirs: said(theirs.mass) },
			{ label: LABELS.plants, mine: plants, theirs: String(theirs.plants) },
			{ label: LABELS.pieces, mine: pieces, theirs: String(theirs.pieces ?? '') },
			{ label: LABELS.which, mine: which, theirs: String(theirs.which) },
			{ label: LABELS.note, mine: note, theirs: String(theirs.note) }
		]}
		{send}
		takeTheirs={taken}
	>
		<Act main={waits === ''} type="submit" disabled={attempt.busy} why={waits}
			>{was ? 'Save correction' : 'Into the lot'}</Act
		>
	</Correcting>
</form>
