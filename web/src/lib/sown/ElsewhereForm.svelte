<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { maybeCountIn } from '$lib/form/typed';
	import { likelyDay } from './likely';

	interface Props {
		found: Schemas['SownView'];
		main: boolean;
		kept: () => void;
	}
	/** Writes down that a planting was sown with seed that is of no lot of the farm. */
	let { found, main, kept }: Props = $props();
	const attempt = new Attempt();
	const LABELS = {
		supplier: 'From whom',
		theirNumber: 'Their lot number',
		grownIn: 'Year of its harvest',
		treatment: 'Treated with',
		mass: 'How much, if weighed',
		sownOn: 'On',
		note: 'Note'
	};
	let supplier = $state('');
	let theirNumber = $state('');
	let grownIn = $state('');
	let treatment = $state('');
	let grams = $state(NaN);
	let sownOn = $state(untrack(() => likelyDay(found.plannedOn)));
	let note = $state('');

	function sow(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(
				POST('/api/plantings/{id}/sown-from-elsewhere', {
					params: { path: { id: found.plantingId } },
					body: {
						supplier,
						theirNumber,
						treatment,
						sownOn,
						note,
						grownIn: maybeCountIn('grownIn', grownIn),
						mass: Number.isNaN(grams) ? undefined : grams
					}
				})
			);
			kept();
		});
	}
</script>

<form class="grid gap-x-5 gap-y-4 sm:grid-cols-2" onsubmit={sow}>
	<Draft of="elsewhere" {attempt} />
	<TextField
		label={LABELS.supplier}
		name="supplier"
		{attempt}
		bind:value={supplier}
		hint="a seed house, a neighbour, an old jar"
	/>
	<TextField
		label={LABELS.theirNumber}
		name="theirNumber"
		{attempt}
		bind:value={theirNumber}
		hint="so that their recall finds it"
	/>
	<TextField label={LABELS.grownIn} name="grownIn" {attempt} bind:value={grownIn} inputmode="numeric" />
	<TextField
		label={LABELS.treatment}
		name="treatment"
		{attempt}
		bind:value={treatment}
		hint="empty: untreated"
	/>
	<MassField label={LABELS.mass} name="mass" {attempt} bind:grams />
	<TextField label={LABELS.sownOn} name="sownOn" type="date" {attempt} bind:value={sownOn} />
	<TextField label={LABELS.note} name="note" {attempt} bind:value={note} hint="may be left empty" />
	<div class="grid gap-4 sm:col-span-2">
		<Trouble {attempt} labels={LABELS} />
		<div><Act {main} type="submit" disabled={attempt.busy}>Sown with this</Act></div>
	</div>
</form>
