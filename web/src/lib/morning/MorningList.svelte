<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, DELETE, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	interface Props {
		list: Schemas['MorningListView'];
		changed: () => void;
	}
	/** Whether what waits is sent to its reader in the morning, and how it reads. */
	let { list, changed }: Props = $props();
	const LABELS = { address: 'Send it to', at: 'At' };
	const attempt = new Attempt();
	let address = $state(untrack(() => list.wish?.address ?? ''));
	let at = $state(untrack(() => list.wish?.at.slice(0, 5) ?? '06:00'));
	let done = $state('');

	function wish(event: SubmitEvent) {
		event.preventDefault();
		done = '';
		void attempt.run(async () => {
			await ask(PUT('/api/morning-list', { body: { address, at } }));
			done = `It comes at ${at} on mornings on which something waits.`;
			changed();
		});
	}
	function end() {
		done = '';
		void attempt.run(async () => {
			await ask(DELETE('/api/morning-list'));
			done = 'The list is no longer sent.';
			changed();
		});
	}
</script>

<form class="grid gap-4" onsubmit={wish}>
	<h2 class="ruled">Morning list</h2>
	{#if list.sends}
		<p class="text-soft">
			What waits, by e-mail, before you are out. It names customers where you may see them.
		</p>
		{#if list.wish?.trouble}<p class="caution">The last was not sent. {list.wish.trouble}</p>{/if}
		<div class="grid grid-cols-[minmax(0,1fr)_8rem] gap-4">
			<TextField
				label={LABELS.address}
				name="address"
				inputmode="email"
				{attempt}
				bind:value={address}
				needed
				autocomplete="email"
			/>
			<TextField label={LABELS.at} name="at" type="time" {attempt} bind:value={at} needed />
		</div>
		<Trouble {attempt} labels={LABELS} />
		<div class="flex flex-wrap items-center gap-3">
			<Act type="submit" disabled={attempt.busy}>{list.wish ? 'Save' : 'Send it to me'}</Act>
			{#if list.wish}
				<button type="button" class="cursor-pointer underline" aria-disabled={attempt.busy} onclick={end}
					>Stop sending it</button
				>
			{/if}
			<span role="status">{done}</span>
		</div>
	{:else if session.farm?.demo}
		<p class="text-soft">
			On a farm of your own, what waits comes by e-mail in the morning to whoever wants it.
		</p>
	{:else}
		<p class="text-soft">
			What waits could come by e-mail in the morning.
			{#if session.grower}
				<a class="underline" href="/farm/mail">Name a mail server</a> first.
			{:else}
				A grower names a mail server first, under The farm, Mail.
			{/if}
		</p>
	{/if}
	<details>
		<summary class="cursor-pointer underline">How it would read now</summary>
		<p class="mt-2 font-semibold">{list.today.subject}</p>
		<pre class="mt-1 font-sans text-sm whitespace-pre-wrap">{list.today.text}</pre>
	</details>
</form>
