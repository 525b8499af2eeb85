<script lang="ts">
	import { ask, POST } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import MeasureField from '$lib/form/MeasureField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';

	let { next, kept }: { next: string; kept: () => void } = $props();
	const attempt = new Attempt();
	// svelte-ignore state_referenced_locally
	let name = $state(next);
	let east = $state('0');
	let north = $state('0');
	let width = $state('40');
	let length = $state('12');
	let turned = $state('0');
	let positionError = $state('3');
	const LABELS = {
		name: 'Name',
		east: 'Middle, east of the farm’s spot',
		north: 'Middle, north of it',
		width: 'Width',
		length: 'Length',
		turned: 'Turned',
		positionError: 'How far its place may be off'
	};

	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(
				POST('/api/plots', {
					body: {
						name,
						east: numberIn('east', east),
						north: numberIn('north', north),
						width: numberIn('width', width),
						length: numberIn('length', length),
						turned: numberIn('turned', turned),
						positionError: numberIn('positionError', positionError)
					}
				})
			);
			kept();
		});
	}
</script>

<form class="grid grid-cols-2 gap-4" onsubmit={keep}>
	<div class="col-span-2"><TextField label={LABELS.name} name="name" {attempt} bind:value={name} /></div>
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
	<MeasureField kind="length" label={LABELS.width} name="width" {attempt} bind:value={width} />
	<MeasureField kind="length" label={LABELS.length} name="length" {attempt} bind:value={length} />
	<TextField label={LABELS.turned} name="turned" {attempt} bind:value={turned} unit="°" hint="clockwise" />
	<MeasureField
		kind="length"
		label={LABELS.positionError}
		name="positionError"
		{attempt}
		bind:value={positionError}
	/>
	<div class="col-span-2 grid gap-3">
		<Trouble {attempt} labels={LABELS} />
		<div><Act main type="submit" disabled={attempt.busy}>Keep this plot</Act></div>
	</div>
</form>
