<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { count, text } from '$lib/form/kinds';

	interface Props {
		backups: Schemas['BackupsView'];
		changed: () => void;
	}
	let { backups, changed }: Props = $props();

	const form = new Form(
		{
			everyHours: count('Hours from one to the next', {
				needed: true,
				hint: '1 to 168; while the farm runs. Each is put back beside the farm at once and held against it'
			}),
			keep: count('How many stay', {
				needed: true,
				hint: '2 to 365; the oldest go. Once a week the newest is put back on trial'
			}),
			elsewhere: text('A copy on another disk', {
				hint: 'a folder called theriseed-backups on a disk that does not burn or drown with this machine, as in /media/disk/theriseed-backups; make it there first, writable for whoever starts the farm'
			})
		},
		untrack(() => ({ ...backups.plan })),
		undefined,
		false
	);
	let kept = $state(false);

	async function send() {
		kept = false;
		await ask(
			PUT('/api/backups', {
				body: { ...form.body(), version: backups.version, reason: 'as it is from now on' }
			})
		);
		kept = true;
		changed();
	}
</script>

<FormOf {form} {send} main={false} class="gap-4">
	<h2 class="ruled">How they are made</h2>
	<Fields {form} />
	{#if !form.typed.elsewhere.trim()}
		<p class="caution">Without it all backups are lost with this machine.</p>
	{/if}
	{#snippet acts()}<span role="status">{kept ? 'Saved.' : ''}</span>{/snippet}
</FormOf>
