<script lang="ts">
	import { ask, PUT } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { text } from '$lib/form/kinds';
	import { session } from '$lib/api/session.svelte';

	interface Props {
		changed: () => void;
	}
	let { changed }: Props = $props();
	const form = new Form({
		old: text('Current password', { needed: true, type: 'password', autocomplete: 'current-password' }),
		password: text('New password', {
			needed: true,
			type: 'password',
			autocomplete: 'new-password',
			hint: 'at least 10 characters; several words are good'
		})
	});
	let done = $state(false);

	async function send() {
		done = false;
		await ask(PUT('/api/session/password', { body: form.body() }));
		form.clear();
		done = true;
		changed();
	}
</script>

<FormOf {form} {send} main={false} act="Change the password" class="gap-4">
	<h2 class="ruled">Password</h2>
	<input type="hidden" autocomplete="username" value={session.account?.name} />
	<Fields {form} />
	{#snippet acts()}
		<span role="status">{done ? 'Changed. Elsewhere you are signed out.' : ''}</span>
	{/snippet}
</FormOf>
