<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { text } from '$lib/form/kinds';

	let { number, held, kept }: { number: string; held: boolean; kept: () => void } = $props();
	const form = new Form<Schemas['ReasonRequest']>({
		reason: text(() => (held ? 'Why it may go' : 'Why it is held'), {
			hint: () =>
				held
					? 'what was found out; the hold stays in its history'
					: 'weevil, a label that came off, a doubt: nothing of it is packed or sold meanwhile'
		})
	});
	async function send() {
		const parts = { params: { path: { number } }, body: form.body() };
		await ask(held ? POST('/api/lots/{number}/release', parts) : POST('/api/lots/{number}/hold', parts));
		kept();
	}
</script>

<FormOf {form} {send} act={held ? 'Release it' : 'Hold it'} class="max-w-xl gap-4" />
