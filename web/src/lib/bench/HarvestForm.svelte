<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import Correcting from '$lib/form/Correcting.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { massIn, numberIn } from '$lib/form/typed';
	import { mass } from '$lib/units/units';

	interface Props {
		attempt: Attempt;
		/** Plants standing. */
		standing: number;
		/** What was recorded, when it is corrected. */
		harvest?: Schemas['HarvestView'];
		/** Whether the label is on, so that it may be filled. */
		ready?: boolean;
		save: (request: Schemas['HarvestRequest']) => Promise<void>;
		taken?: () => void;
	}
	/** What was picked into a lot. */
	let { attempt, standing, harvest, ready = true, save, taken = () => {} }: Props = $props();

	// svelte-ignore state_referenced_locally
	const was = harvest;
	let pickedOn = $state(was?.pickedOn ?? session.today);
	let grams = $state(was?.mass ?? NaN);
	let plants = $state(String(was?.plants ?? ''));
	let note = $state(was?.note ?? '');
	let reason = $state('');
	let version = $state(was?.version);
	const LABELS = {
		pickedOn: 'Picked on',
		mass: 'Mass',
		plants: 'Plants picked',
		note: 'Note',
		reason: 'Why it is corrected'
	};

	const send = () =>
		void attempt.run(() =>
			save({
				pickedOn,
				mass: massIn('mass', grams),
				plants: numberIn('plants', plants),
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
	<TextField label={LABELS.pickedOn} name="pickedOn" type="date" {attempt} bind:value={pickedOn} />
	<MassField
		label={LABELS.mass}
		name="mass"
		heavy
		{attempt}
		bind:grams
		hint="fruit, pods, heads or tops, as picked"
	/>
	<TextField
		label={LABELS.plants}
		name="plants"
		{attempt}
		bind:value={plants}
		inputmode="numeric"
		hint="of {standing} standing"
	/>
	<TextField label={LABELS.note} name="note" {attempt} bind:value={note} />
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
			{ label: LABELS.note, mine: note, theirs: String(theirs.note) }
		]}
		{send}
		takeTheirs={taken}
	>
		<Act main={ready} type="submit" disabled={!ready || attempt.busy}
			>{was ? 'Keep the correction' : 'Into the lot'}</Act
		>
	</Correcting>
</form>
