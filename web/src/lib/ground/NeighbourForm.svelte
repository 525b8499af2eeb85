<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import CropField from '$lib/form/CropField.svelte';
	import MeasureField from '$lib/form/MeasureField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';

	let { season, crops, kept }: { season: number; crops: Schemas['CropLine'][]; kept: () => void } = $props();
	const attempt = new Attempt();
	let name = $state('');
	let cropKey = $state('');
	let east = $state('');
	let north = $state('');
	let area = $state('20');
	let bloomFirst = $state('');
	let bloomLast = $state('');
	let seenOn = $state(session.today);
	let sure = $state(true);
	const LABELS = {
		name: 'Whose, or where',
		cropKey: 'Crop',
		east: 'East of the farm’s spot',
		north: 'North of it',
		area: 'Ground it takes',
		bloomFirst: 'In bloom from',
		bloomLast: 'to',
		seenOn: 'Seen on'
	};

	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(
				POST('/api/neighbours', {
					body: {
						name,
						cropKey,
						season,
						east: numberIn('east', east),
						north: numberIn('north', north),
						area: numberIn('area', area),
						seenOn,
						sure,
						...(bloomFirst ? { bloomFirst } : {}),
						...(bloomLast ? { bloomLast } : {})
					}
				})
			);
			kept();
		});
	}
</script>

<form class="grid grid-cols-2 gap-4" onsubmit={keep}>
	<TextField label={LABELS.name} name="name" {attempt} bind:value={name} />
	<CropField {attempt} {crops} bind:value={cropKey} />
	<MeasureField
		kind="length"
		label={LABELS.east}
		name="east"
		{attempt}
		bind:value={east}
		hint="west is below 0"
	/>
	<MeasureField
		kind="length"
		label={LABELS.north}
		name="north"
		{attempt}
		bind:value={north}
		hint="south is below 0"
	/>
	<MeasureField kind="ground" label={LABELS.area} name="area" {attempt} bind:value={area} />
	<TextField label={LABELS.seenOn} name="seenOn" type="date" {attempt} bind:value={seenOn} />
	<TextField
		label={LABELS.bloomFirst}
		name="bloomFirst"
		type="date"
		{attempt}
		bind:value={bloomFirst}
		hint="leave empty if not known"
	/>
	<TextField label={LABELS.bloomLast} name="bloomLast" type="date" {attempt} bind:value={bloomLast} />
	<label class="col-span-2 flex gap-2"
		><input type="checkbox" class="checkbox" bind:checked={sure} /> I am sure of it</label
	>
	<div class="col-span-2 grid gap-3">
		<Trouble {attempt} labels={LABELS} />
		<div><Act main type="submit" disabled={attempt.busy}>Keep this note</Act></div>
	</div>
</form>
