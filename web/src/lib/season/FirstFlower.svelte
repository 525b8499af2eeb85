<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { here } from '$lib/offline/here';
	import { session } from '$lib/api/session.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { day } from '$lib/form/kinds';

	/** Notes the day on which the first flower was seen; every date that hangs on bloom then counts from it. */
	let { planting, kept }: { planting: Schemas['PlantingView']; kept: () => void } = $props();
	const form = new Form(
		{ seenOn: day('First flower seen on', { needed: true, start: session.today }) },
		untrack(() => (planting.firstFlowerOn ? { version: planting.version } : undefined))
	);
	async function send() {
		await ask(
			POST('/api/plantings/{id}/first-flower', {
				params: { path: { id: planting.id ?? '' } },
				body: { ...form.body(), version: planting.version },
				...here(`first flower of the ${planting.variety.name}`)
			})
		);
		kept();
	}
</script>

<details class="mt-4">
	<summary class="cursor-pointer underline"
		>{planting.firstFlowerOn ? 'correct the first flower' : 'note the first flower'}</summary
	>
	<FormOf {form} {send} main={false} act="Save day" class="mt-2 gap-3" />
</details>
