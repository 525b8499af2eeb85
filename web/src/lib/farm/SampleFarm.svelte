<script lang="ts">
	import { onDestroy } from 'svelte';
	import { goto } from '$app/navigation';
	import { ask, GET, POST, Problem } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	/** A made-up farm, made on the first page, looked into, and thrown away for one's own. */
	const LOOKED_AGAIN_MS = 1500;
	const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
	const attempt = new Attempt();
	const password = Array.from(
		crypto.getRandomValues(new Uint8Array(14)),
		(one) => LETTERS[one % LETTERS.length]
	).join('');
	interface Props {
		/** While it is made nothing else is to be done. */
		making: boolean;
	}
	let { making = $bindable() }: Props = $props();
	let gone = false;
	onDestroy(() => (gone = true));

	function make() {
		void attempt.run(async () => {
			await ask(POST('/api/first-run/sample', { body: { password } }));
			making = true;
			try {
				await there();
				await session.signIn('grower', password);
				await goto('/today');
			} finally {
				making = false;
			}
		});
	}
	async function there() {
		while (!gone) {
			const { state } = await ask(GET('/api/first-run/sample'));
			if (state === 'THERE') return;
			if (state !== 'MAKING')
				throw new Problem('The sample farm could not be made; why stands in the server’s log.', 500);
			await new Promise((soon) => setTimeout(soon, LOOKED_AGAIN_MS));
		}
	}
</script>

<section class="grid gap-2">
	{#if making}
		<p role="status">
			<strong>The sample farm is being made</strong>: three seasons with all their work, in a minute or three.
			You are led in then.
		</p>
		<p class="text-soft">
			On another phone or computer, sign in as grower, hand or visitor; the password of each is
			<span class="font-mono text-base-content">{password}</span>
		</p>
	{:else}
		<p>
			First see how it is with three seasons in it? A sample farm, all made up, can be looked into, tried out,
			and thrown away.
		</p>
		<div><Act onclick={make} disabled={attempt.busy}>Look into a sample farm</Act></div>
	{/if}
	{#if attempt.problem}<Trouble {attempt} labels={{}} />{/if}
</section>
