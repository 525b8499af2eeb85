<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	interface Props {
		/** Who was signed in until now, and has something open. */
		again?: string;
	}
	let { again }: Props = $props();
	const attempt = new Attempt();
	// svelte-ignore state_referenced_locally
	let name = $state(again ?? '');
	let password = $state('');

	function signIn(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(() => session.signIn(name, password));
	}
</script>

<main class="mx-auto grid min-h-dvh max-w-sm content-center gap-5 p-6">
	<div>
		<h1>Theriseed</h1>
		{#if again}
			<p role="status">
				You are signed out here. Sign in again: what you had open, and typed, is still there.
			</p>
		{:else}
			<p class="text-soft">Seed crops that stay true, lots you can trust.</p>
		{/if}
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
