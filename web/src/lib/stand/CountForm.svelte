<script lang="ts">
	import { countTyped } from '$lib/units/units';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { POINT } from '$lib/words/words';

	type Point = Schemas['CountView']['point'];
	interface Props {
		points: Point[];
		/** What was counted last. */
		last?: Point;
		count: (point: Point, plants: number, countedOn: string, note: string) => Promise<void>;
	}
	/** How many there are now. */
	let { points, last, count }: Props = $props();

	const attempt = new Attempt();
	// svelte-ignore state_referenced_locally
	let point = $state<Point>(points[Math.min(last ? points.indexOf(last) + 1 : 0, points.length - 1)]);
	let plants = $state('');
	let countedOn = $state(session.today);
	let note = $state('');
	const number = $derived(countTyped(plants));
	const good = $derived(number >= 0);

	async function keep() {
		await count(point, number, countedOn, note.trim());
		plants = '';
		note = '';
	}
</script>

<form
	class="grid grid-cols-2 items-end gap-3"
	onsubmit={(event) => {
		event.preventDefault();
		void keep();
	}}
>
	<ChoiceField
		label="Counted"
		name="point"
		{attempt}
		bind:value={point}
		choices={points.map((value) => ({ value, label: POINT[value] }))}
	/>
	<TextField label="How many" name="plants" needed {attempt} inputmode="numeric" bind:value={plants} />
	<TextField label="On" name="countedOn" type="date" max={session.today} {attempt} bind:value={countedOn} />
	<TextField label="Note" name="note" {attempt} maxlength={300} bind:value={note} />
	{#if !good}<p class="col-span-2 text-sm text-soft">Say how many, and a day that has come.</p>{/if}
	<button type="submit" class="btn col-span-2 h-12 btn-primary" disabled={!good}>Write the count down</button>
</form>
