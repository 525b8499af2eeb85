<script lang="ts">
	import { ask, POST } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { here } from '$lib/offline/here';
	import { weevilFields } from './fields';

	let { number, kept }: { number: string; kept: () => void } = $props();
	const form = new Form(weevilFields());
	async function send() {
		const parts = { params: { path: { number } }, body: form.body() };
		await ask(POST('/api/lots/{number}/weevils', { ...parts, ...here(`look for weevils in ${number}`) }));
		kept();
	}
</script>

<FormOf {form} {send} draft="weevils" act="Save look" class="gap-4 sm:grid-cols-3">
	<Fields {form} />
	<p class="text-sm text-soft sm:col-span-3">
		Taken as they come from the mixed lot. Bored: round holes, or a thin window in the skin with a weevil
		under it. Holes stay when the weevils are dead; living are those that move, grubs in seed that is cut
		open, and fresh dust under the seed.
	</p>
</FormOf>
