<script lang="ts">
	import Act from '$lib/form/Act.svelte';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { isDay } from '$lib/words/days';
	import DayField from '$lib/form/DayField.svelte';

	/** Asks for the day something was done, when no clock can tell it any longer. */
	let { ask }: { ask: (day: string) => Promise<void> } = $props();

	const attempt = new Attempt();
	let day = $state('');
</script>

<form
	class="mt-2 flex flex-wrap items-end gap-3"
	onsubmit={(event) => {
		event.preventDefault();
		void attempt.run(() => ask(day));
	}}
>
	<DayField label="Done on" name="day" max={session.today} {attempt} bind:value={day} />
	<Act main type="submit" disabled={attempt.busy} why={isDay(day) ? '' : 'Choose the day.'}
		>Send it with this day</Act
	>
</form>
