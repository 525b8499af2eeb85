<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { here } from '$lib/rows/here';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	/** Notes the day on which the first flower was seen; every date that hangs on bloom then counts from it. */
	let { planting, kept }: { planting: Schemas['PlantingView']; kept: () => void } = $props();
	const attempt = new Attempt();
	let seenOn = $state(session.today);
	let reason = $state('');
	const LABELS = { seenOn: 'First flower seen on', reason: 'Why it is corrected' };

	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(
				POST('/api/plantings/{id}/first-flower', {
					params: { path: { id: planting.id ?? '' } },
					body: { version: planting.version, seenOn, ...(planting.firstFlowerOn ? { reason } : {}) },
					...here(`first flower of the ${planting.variety.name}`)
				})
			);
			kept();
		});
	}
</script>

<details class="mt-4">
	<summary class="cursor-pointer underline"
		>{planting.firstFlowerOn ? 'correct the first flower' : 'note the first flower'}</summary
	>
	<form class="mt-2 grid gap-3" onsubmit={keep}>
		<TextField label={LABELS.seenOn} name="seenOn" type="date" {attempt} bind:value={seenOn} />
		{#if planting.firstFlowerOn}
			<TextField label={LABELS.reason} name="reason" {attempt} bind:value={reason} />
		{/if}
		<Trouble {attempt} labels={LABELS} />
		<div><Act type="submit" disabled={attempt.busy}>Save day</Act></div>
	</form>
</details>
