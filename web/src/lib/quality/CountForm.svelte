<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { untrack } from 'svelte';
	import { here } from '$lib/rows/here';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { fullDay } from '$lib/words/dates';
	import CountGrid from './CountGrid.svelte';
	import { nothingCounted, sent } from './counting';

	interface Props {
		test: Schemas['GerminationView'];
		kept: () => void;
	}
	/** Counts a test that runs: once on the first day, for seedlings that would hide the others, and once at its end. */
	let { test, kept }: Props = $props();
	const attempt = new Attempt();
	let last = $state(untrack(() => test.firstOn !== undefined || session.today >= test.finalDue));
	let countedOn = $state(session.today);
	let rows = $state(untrack(() => Array.from({ length: test.replicates }, nothingCounted)));
	let note = $state(untrack(() => test.note));
	const LABELS = {
		countedOn: 'Counted on',
		counts: 'Normal seedlings',
		abnormal: 'Abnormal',
		hard: 'Hard',
		fresh: 'Fresh',
		dead: 'Dead',
		note: 'Vigour, mould, anything seen'
	};

	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const body = { version: test.version, countedOn, last, note, ...sent(rows, !last) };
			await ask(
				POST('/api/germination/{id}/count', {
					params: { path: { id: test.id } },
					body,
					...here(`count of the test set ${fullDay(test.setOn)}`)
				})
			);
			kept();
		});
	}
</script>

<form class="grid gap-4" onsubmit={keep}>
	<Draft of="count {test.id}" {attempt} />
	<div class="flex flex-wrap items-end gap-4">
		<div class="join" role="group" aria-label="Which count">
			<button
				type="button"
				class={['btn join-item', !last && 'btn-active']}
				aria-pressed={!last}
				onclick={() => (last = false)}>First count</button
			>
			<button
				type="button"
				class={['btn join-item', last && 'btn-active']}
				aria-pressed={last}
				onclick={() => (last = true)}>Last count</button
			>
		</div>
		<TextField
			label={LABELS.countedOn}
			name="countedOn"
			needed
			type="date"
			{attempt}
			bind:value={countedOn}
		/>
	</div>
	<p class="text-sm text-soft">
		{#if last}
			Due {fullDay(test.finalDue)}. Normal ones of the first count belong to it.
		{:else}
			Due {fullDay(test.firstDue)}. Take the normal seedlings out, so that they do not hide the others.
		{/if}
	</p>
	<CountGrid
		bind:rows
		perReplicate={test.perReplicate}
		normalOnly={!last}
		before={last ? test.firstCounts : []}
		{attempt}
	/>
	<TextField label={LABELS.note} name="note" {attempt} bind:value={note} />
	<Trouble {attempt} labels={LABELS} />
	<div><Act main type="submit" disabled={attempt.busy}>Save count</Act></div>
</form>
