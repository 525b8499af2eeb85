<script lang="ts">
	import { ask, POST } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	let { number, held, kept }: { number: string; held: boolean; kept: () => void } = $props();
	const attempt = new Attempt();
	let reason = $state('');

	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const parts = { params: { path: { number } }, body: { reason } };
			await ask(held ? POST('/api/lots/{number}/release', parts) : POST('/api/lots/{number}/hold', parts));
			kept();
		});
	}
</script>

<form class="grid max-w-xl gap-4" onsubmit={keep}>
	<TextField
		label={held ? 'Why it may go' : 'Why it is held'}
		name="reason"
		{attempt}
		bind:value={reason}
		hint={held
			? 'what was found out; the hold stays in its history'
			: 'weevil, a label that came off, a doubt: nothing of it is packed or sold meanwhile'}
	/>
	<Trouble {attempt} labels={{ reason: 'The reason' }} />
	<div><Act main type="submit" disabled={attempt.busy}>{held ? 'Release it' : 'Hold it'}</Act></div>
</form>
