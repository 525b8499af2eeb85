<script lang="ts">
	import { ask, POST } from '$lib/api/api';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, figure, text } from '$lib/form/kinds';

	let { variety, made }: { variety: string; made: () => void } = $props();

	const form = new Form({
		name: text('Trait', { wide: true, hint: 'earliness, vigour, taste, winter-hardiness, health' }),
		low: figure('From', { needed: true, start: 1 }),
		high: figure('To', { needed: true, start: 9 }),
		better: choice('Better is', { more: 'more', less: 'less' })
	});
	async function send() {
		const { better, ...trait } = form.body();
		const parts = {
			params: { path: { id: variety } },
			body: { ...trait, moreIsBetter: better === 'more' }
		};
		await ask(POST('/api/varieties/{id}/traits', parts));
		form.clear('name');
		made();
	}
</script>

<FormOf
	{form}
	{send}
	main={false}
	act="Score this too"
	why={form.typed.name.trim() ? '' : 'Give it a name.'}
	class="max-w-xl grid-cols-3 items-start gap-3"
/>
