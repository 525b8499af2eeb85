<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	const attempt = new Attempt();
	let name = $state('');
	let password = $state('');

	function signIn(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(() => session.signIn(name, password));
	}
</script>

<svelte:head><title>Sign in · Theriseed</title></svelte:head>

<main class="mx-auto grid min-h-dvh max-w-sm content-center gap-5 p-6">
	<div>
		<h1>Theriseed</h1>
		<p class="text-soft">Seed crops that stay true, lots you can trust.</p>
	</div>
	<form class="grid gap-4" onsubmit={signIn}>
		<TextField label="Name" name="name" {attempt} bind:value={name} autocomplete="username" required />
		<TextField
			label="Password"
			name="password"
			type="password"
			{attempt}
			bind:value={password}
			autocomplete="current-password"
			required
		/>
		<Trouble {attempt} labels={{ name: 'Name', password: 'Password' }} />
		<div><Act main type="submit" disabled={attempt.busy}>Sign in</Act></div>
	</form>
</main>
