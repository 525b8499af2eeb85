<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { elsewhereFields } from './fields';
	import { likelyDay } from './likely';

	interface Props {
		found: Schemas['SownView'];
		main: boolean;
		kept: () => void;
	}
	/** Writes down that a planting was sown with seed that is of no lot of the farm. */
	let { found, main, kept }: Props = $props();
	const form = new Form(elsewhereFields(untrack(() => likelyDay(found.plannedOn))));
	async function send() {
		await ask(
			POST('/api/plantings/{id}/sown-from-elsewhere', {
				params: { path: { id: found.plantingId } },
				body: form.body()
			})
		);
		kept();
	}
</script>

<FormOf {form} {send} draft="elsewhere" {main} act="Sown with this" />
