<script lang="ts">
	import { ask, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	let { kept }: { kept: () => void } = $props();
	const attempt = new Attempt();
	let lines = $state(session.farm?.labelLines ?? '');

	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(
				PUT('/api/farm/label-lines', { body: { version: session.farm!.version, labelLines: lines } })
			);
			await session.load();
			kept();
		});
	}
</script>

<form class="grid gap-3" onsubmit={keep}>
	<h2 class="ruled">On every packet</h2>
	<label class="grid gap-1 text-sm font-semibold"
		>What your local law asks for
		<textarea class="textarea w-full font-normal" rows="4" name="labelLines" bind:value={lines}></textarea>
	</label>
	<p class="text-sm text-soft">
		A line each, four at most: an office's number, a class of seed, where it was grown. Labelling rules differ
		by country.
	</p>
	<Trouble {attempt} labels={{ labelLines: 'What stands on every packet' }} />
	<div class="flex flex-wrap gap-3">
		<Act
			type="submit"
			disabled={attempt.busy}
			why={lines === (session.farm?.labelLines ?? '') ? 'Nothing is changed.' : ''}>Save</Act
		>
	</div>
</form>
