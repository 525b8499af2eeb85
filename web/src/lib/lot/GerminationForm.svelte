<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Correcting from '$lib/form/Correcting.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { numberIn } from '$lib/form/typed';

	interface Props {
		number: string;
		/** The test that is corrected. */
		test?: Schemas['GerminationView'];
		kept: () => void;
	}
	let { number, test, kept }: Props = $props();
	const attempt = new Attempt();
	// svelte-ignore state_referenced_locally
	const was = test;
	let setOn = $state(was?.setOn ?? '');
	let countedOn = $state(was?.countedOn ?? session.today);
	let counts = $state(was ? was.counts.map(String) : ['', '', '', '']);
	let reason = $state('');
	let version = $state(was?.version);
	const LABELS = {
		setOn: 'Set on',
		countedOn: 'Counted on',
		counts: 'Germinated',
		reason: 'Why it is corrected'
	};

	function keep() {
		void attempt.run(async () => {
			const body = {
				setOn,
				countedOn,
				perReplicate: was?.perReplicate ?? 100,
				counts: counts.map((count) => numberIn('counts', count)),
				...(was ? { version, reason } : {})
			};
			if (was) await ask(PUT('/api/germination/{id}', { params: { path: { id: was.id } }, body }));
			else await ask(POST('/api/lots/{number}/germination', { params: { path: { number } }, body }));
			kept();
		});
	}
</script>

<form
	class="grid gap-4"
	onsubmit={(event) => {
		event.preventDefault();
		keep();
	}}
>
	<div class="grid grid-cols-2 gap-4">
		<TextField label={LABELS.setOn} name="setOn" type="date" {attempt} bind:value={setOn} />
		<TextField label={LABELS.countedOn} name="countedOn" type="date" {attempt} bind:value={countedOn} />
	</div>
	<fieldset>
		<legend class="mb-1 text-sm font-semibold">Normal seedlings of each 100</legend>
		<div class="grid grid-cols-4 gap-3">
			{#each counts.keys() as i (i)}
				<input
					class={['input w-full text-right', attempt.problem?.field === `counts[${i}]` && 'input-error']}
					inputmode="numeric"
					aria-label="Normal seedlings of replicate {i + 1}"
					aria-invalid={attempt.problem?.field === `counts[${i}]`}
					bind:value={counts[i]}
				/>
			{/each}
		</div>
	</fieldset>
	<Correcting
		{attempt}
		labels={LABELS}
		asked={!!was}
		kept="the old count"
		bind:reason
		bind:version
		rows={(theirs) => [
			{ label: LABELS.setOn, mine: setOn, theirs: String(theirs.setOn) },
			{ label: LABELS.countedOn, mine: countedOn, theirs: String(theirs.countedOn) },
			{ label: LABELS.counts, mine: counts.join(', '), theirs: (theirs.counts as number[]).join(', ') }
		]}
		send={keep}
		takeTheirs={kept}
	>
		<Act main type="submit" disabled={attempt.busy}>{was ? 'Keep the correction' : 'Keep this test'}</Act>
	</Correcting>
</form>
