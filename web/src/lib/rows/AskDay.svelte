<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';

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
	<TextField label="Done on" name="day" type="date" max={session.today} {attempt} bind:value={day} />
	<button type="submit" class="btn btn-primary" disabled={!day || attempt.busy}>Send it with this day</button>
</form>
