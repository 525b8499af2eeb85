<script lang="ts">
	import { ask, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { lines } from '$lib/form/kinds';

	let { kept }: { kept: () => void } = $props();
	const form = new Form({
		labelLines: lines('What your local law asks for', 4, {
			start: session.farm?.labelLines,
			hint: 'A line each, four at most: an office’s number, a class of seed, where it was grown. Labelling rules differ by country.'
		})
	});

	async function keep() {
		await ask(PUT('/api/farm/label-lines', { body: { ...form.body(), version: session.farm!.version } }));
		await session.load();
		kept();
	}
</script>

<FormOf {form} send={keep} main={false} why={form.dirty ? '' : 'Nothing is changed.'} class="gap-3">
	<h2 class="ruled">On every packet</h2>
	<Fields {form} />
</FormOf>
