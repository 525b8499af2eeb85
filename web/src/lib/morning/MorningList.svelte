<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, DELETE, PUT, type Schemas } from '$lib/api/api';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { text } from '$lib/form/kinds';
	import { session } from '$lib/api/session.svelte';

	interface Props {
		list: Schemas['MorningListView'];
		changed: () => void;
	}
	/** Whether what waits is sent to its reader in the morning, and how it reads. */
	let { list, changed }: Props = $props();
	const form = new Form({
		address: text('Send it to', {
			needed: true,
			type: 'email',
			autocomplete: 'email',
			start: untrack(() => list.wish?.address)
		}),
		at: text('At', { needed: true, type: 'time', start: untrack(() => list.wish?.at.slice(0, 5) ?? '06:00') })
	});
	let done = $state('');

	async function send() {
		done = '';
		await ask(PUT('/api/morning-list', { body: form.body() }));
		done = `It comes at ${form.typed.at} on mornings on which something waits.`;
		changed();
	}
	function end() {
		done = '';
		void form.attempt.run(async () => {
			await ask(DELETE('/api/morning-list'));
			done = 'The list is no longer sent.';
			changed();
		});
	}
</script>

<section class="grid gap-4">
	<h2 class="ruled">Morning list</h2>
	{#if list.sends}
		<p class="text-soft">
			What waits, by e-mail, before you are out. It names customers where you may see them.
		</p>
		{#if list.wish?.trouble}<p class="caution">The last was not sent. {list.wish.trouble}</p>{/if}
		<FormOf
			{form}
			{send}
			main={false}
			act={list.wish ? 'Save' : 'Send it to me'}
			class="grid-cols-[minmax(0,1fr)_8rem] gap-4"
		>
			{#snippet acts()}
				{#if list.wish}
					<button
						type="button"
						class="cursor-pointer underline"
						aria-disabled={form.attempt.busy}
						onclick={end}>Stop sending it</button
					>
				{/if}
				<span role="status">{done}</span>
			{/snippet}
		</FormOf>
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
</section>
