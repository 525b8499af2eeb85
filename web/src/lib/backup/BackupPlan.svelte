<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn } from '$lib/form/typed';

	interface Props {
		backups: Schemas['BackupsView'];
		changed: () => void;
	}
	let { backups, changed }: Props = $props();

	const LABELS = {
		everyHours: 'Hours from one to the next',
		keep: 'How many stay',
		elsewhere: 'A copy on another disk'
	};
	const attempt = new Attempt();
	let everyHours = $state(untrack(() => String(backups.plan.everyHours)));
	let keep = $state(untrack(() => String(backups.plan.keep)));
	let elsewhere = $state(untrack(() => backups.plan.elsewhere));
	let kept = $state(false);

	function save(event: SubmitEvent) {
		event.preventDefault();
		kept = false;
		void attempt.run(async () => {
			await ask(
				PUT('/api/backups', {
					body: {
						everyHours: countIn('everyHours', everyHours),
						keep: countIn('keep', keep),
						elsewhere,
						version: backups.version,
						reason: 'as it is from now on'
					}
				})
			);
			kept = true;
			changed();
		});
	}
</script>

<form class="grid gap-4" onsubmit={save}>
	<h2 class="ruled">How they are made</h2>
	<TextField
		label={LABELS.everyHours}
		name="everyHours"
		{attempt}
		bind:value={everyHours}
		inputmode="numeric"
		hint="1 to 168; while the farm runs. Each is put back beside the farm at once and held against it"
		required
	/>
	<TextField
		label={LABELS.keep}
		name="keep"
		{attempt}
		bind:value={keep}
		inputmode="numeric"
		hint="2 to 365; the oldest go. Once a week the newest is put back on trial"
		required
	/>
	<TextField
		label={LABELS.elsewhere}
		name="elsewhere"
		{attempt}
		bind:value={elsewhere}
		hint="a folder called theriseed-backups on a disk that does not burn or drown with this machine, as in /media/disk/theriseed-backups; make it there first, writable for whoever starts the farm"
	/>
	{#if !elsewhere.trim()}
		<p class="caution">Without it all backups are lost with this machine.</p>
	{/if}
	<Trouble {attempt} labels={LABELS} />
	<div class="flex flex-wrap items-center gap-3">
		<Act type="submit" disabled={attempt.busy}>Save</Act>
		<span role="status">{kept ? 'Saved.' : ''}</span>
	</div>
</form>
