<script lang="ts">
	import { ask, POST } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	/** Sends a letter to see whether it arrives. */
	const attempt = new Attempt();
	let to = $state('');
	let taken = $state('');

	function send(event: SubmitEvent) {
		event.preventDefault();
		taken = '';
		void attempt.run(async () => {
			await ask(POST('/api/mail-server/tried', { body: { to } }));
			taken = to;
		});
	}
</script>

<form class="grid gap-4" onsubmit={send}>
	<h2 class="ruled">Does a letter arrive?</h2>
	<TextField
		label="Send one to"
		name="to"
		inputmode="email"
		{attempt}
		bind:value={to}
		needed
		autocomplete="email"
	/>
	<Trouble {attempt} labels={{ to: 'Send one to' }} />
	<div class="flex flex-wrap items-center gap-3">
		<Act type="submit" disabled={attempt.busy}>Send a letter</Act>
		<span role="status">{taken && `The mail server took it. See whether it arrives at ${taken}.`}</span>
	</div>
</form>
