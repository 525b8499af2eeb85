<script lang="ts">
	import { ask, POST } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { text } from '$lib/form/kinds';

	/** Sends a letter to see whether it arrives. */
	const form = new Form({
		to: text('Send one to', { needed: true, type: 'email', autocomplete: 'email' })
	});
	let taken = $state('');

	async function send() {
		taken = '';
		const body = form.body();
		await ask(POST('/api/mail-server/tried', { body }));
		taken = body.to;
	}
</script>

<FormOf {form} {send} main={false} act="Send a letter" class="gap-4">
	<h2 class="ruled">Does a letter arrive?</h2>
	<Fields {form} />
	{#snippet acts()}
		<span role="status">{taken && `The mail server took it. See whether it arrives at ${taken}.`}</span>
	{/snippet}
</FormOf>
