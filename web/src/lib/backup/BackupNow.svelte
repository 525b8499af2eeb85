<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	interface Props {
		backups: Schemas['BackupsView'];
		/** Looks again at what came of it. */
		again: () => void;
	}
	let { backups, again }: Props = $props();

	/** Of a farm of ten years; after that, whoever looks again sees. */
	const LONGEST = 120_000;
	const OFTEN = 2000;

	const attempt = new Attempt();
	/** When it was asked for, and what was the last that had happened then. */
	let waits = $state<{ since: number; last?: string }>();

	function now() {
		const last = backups.events[0]?.at;
		void attempt.run(async () => {
			await ask(POST('/api/backups/asked'));
			waits = { since: Date.now(), last };
			again();
		});
	}
	$effect(() => {
		if (!waits) return;
		if (backups.events[0]?.at !== waits.last || Date.now() - waits.since > LONGEST) {
			waits = undefined;
			return;
		}
		const later = setTimeout(again, OFTEN);
		return () => clearTimeout(later);
	});
</script>

<div class="flex flex-wrap items-center gap-3">
	<Act main onclick={now} disabled={attempt.busy || waits !== undefined}>Make one now</Act>
	<span role="status" class="text-soft">{waits ? 'It is being made and tried …' : ''}</span>
</div>
<Trouble {attempt} labels={{}} />
