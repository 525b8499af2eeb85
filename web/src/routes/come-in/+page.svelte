<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, POST } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { MAY } from '$lib/people/words';
	import Loading from '$lib/shell/Loading.svelte';
	import { ROLE } from '$lib/words/words';

	/** Behind the # the browser sends it to nobody by itself. */
	const secret = $derived(page.url.hash.slice(1));
	const found = $derived(secret ? ask(POST('/api/session/entry', { body: { secret } })) : undefined);
	const attempt = new Attempt();
	let password = $state('');

	function comeIn(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await session.comeIn(secret, password);
			await goto('/today', { replaceState: true });
		});
	}
</script>

<main class="mx-auto grid min-h-dvh max-w-sm content-center gap-5 p-6">
	{#if !found}
		<h1>Theriseed</h1>
		<p>
			This address has no link behind it: open the one that was sent to you, whole, or read its code again.
		</p>
	{:else}
		<Loading from={found}>
			{#snippet children(entry)}
				<div>
					<h1>{entry.farm}</h1>
					<p class="mt-2">
						{#if entry.invited}
							Welcome, {entry.name}. You are a {ROLE[entry.role]} here, who {MAY[entry.role]}.
						{:else}
							{entry.name}, choose a new password. You are signed out wherever you were signed in.
						{/if}
					</p>
					{#if session.account}
						<p class="mt-2 text-soft">{session.account.name}, who is signed in here now, is signed out.</p>
					{/if}
				</div>
				<form class="grid gap-4" onsubmit={comeIn}>
					<TextField
						label="Your name here"
						name="name"
						{attempt}
						value={entry.name}
						readonly
						autocomplete="username"
					/>
					<TextField
						label="Choose a password"
						name="password"
						type="password"
						{attempt}
						bind:value={password}
						required
						autocomplete="new-password"
						hint="at least 10 characters; several words are good"
					/>
					<Trouble {attempt} labels={{ password: 'Password', secret: 'The link' }} />
					<div><Act main type="submit" disabled={attempt.busy}>Come in</Act></div>
				</form>
			{/snippet}
		</Loading>
	{/if}
	<p class="text-sm"><a class="quiet" href="/">To the sign-in</a></p>
</main>
