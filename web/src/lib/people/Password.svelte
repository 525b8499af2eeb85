<script lang="ts">
	import { ask, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	interface Props {
		changed: () => void;
	}
	let { changed }: Props = $props();
	const attempt = new Attempt();
	let old = $state('');
	let password = $state('');
	let done = $state(false);

	function change(event: SubmitEvent) {
		event.preventDefault();
		done = false;
		void attempt.run(async () => {
			await ask(PUT('/api/session/password', { body: { old, password } }));
			old = password = '';
			done = true;
			changed();
		});
	}
</script>

<form class="grid gap-4" onsubmit={change}>
	<h2 class="ruled">Password</h2>
	<input type="hidden" autocomplete="username" value={session.account?.name} />
	<TextField
		label="Current password"
		name="old"
		type="password"
		{attempt}
		bind:value={old}
		required
		autocomplete="current-password"
	/>
	<TextField
		label="New password"
		name="password"
		type="password"
		{attempt}
		bind:value={password}
		required
		autocomplete="new-password"
		hint="at least 10 characters; several words are good"
	/>
	<Trouble {attempt} labels={{ old: 'Current password', password: 'New password' }} />
	<div class="flex flex-wrap items-center gap-3">
		<Act type="submit" disabled={attempt.busy}>Change the password</Act>
		<span role="status">{done ? 'Changed. Elsewhere you are signed out.' : ''}</span>
	</div>
</form>
