<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { untrack } from 'svelte';
	import { here } from '$lib/rows/here';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Correcting from '$lib/form/Correcting.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { countIn } from '$lib/form/typed';
	import CountGrid from './CountGrid.svelte';
	import { nothingCounted, sent, type Counted } from './counting';

	interface Props {
		number: string;
		/** The test that is corrected. */
		test?: Schemas['GerminationView'];
		kept: () => void;
	}
	/** A test that was counted elsewhere, or the correction of one. */
	let { number, test, kept }: Props = $props();
	const attempt = new Attempt();
	const was = untrack(() => test);
	let setOn = $state(was?.setOn ?? '');
	let countedOn = $state(was?.countedOn ?? session.today);
	let perReplicate = $state(String(was?.perReplicate ?? 100));
	let rows = $state<Counted[]>(
		was
			? was.seedlings.map((one) => ({
					normal: String(one.normal),
					abnormal: String(one.abnormal),
					hard: String(one.hard),
					fresh: String(one.fresh),
					dead: String(one.dead)
				}))
			: Array.from({ length: 4 }, nothingCounted)
	);
	let normalOnly = $state(was ? was.classes === undefined : true);
	let note = $state(was?.note ?? '');
	let reason = $state('');
	let version = $state(was?.version);
	const LABELS = {
		setOn: 'Set on',
		countedOn: 'Counted on',
		perReplicate: 'Seeds in each',
		counts: 'Germinated',
		note: 'Note',
		reason: 'Why it is corrected'
	};

	function keep() {
		void attempt.run(async () => {
			const body = {
				setOn,
				countedOn,
				perReplicate: countIn('perReplicate', perReplicate),
				...sent(rows, normalOnly),
				note,
				...(was
					? {
							method: was.method,
							treatment: was.treatment,
							replicates: was.replicates,
							firstOn: was.firstOn,
							firstCounts: was.firstCounts,
							version,
							reason
						}
					: {})
			};
			if (was) await ask(PUT('/api/germination/{id}', { params: { path: { id: was.id } }, body }));
			else
				await ask(
					POST('/api/lots/{number}/germination', {
						params: { path: { number } },
						body,
						...here(`germination of ${number}`)
					})
				);
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
	{#if !was}<Draft of="germination" {attempt} />{/if}
	<div class="grid gap-4 sm:grid-cols-3">
		<TextField label={LABELS.setOn} name="setOn" needed type="date" {attempt} bind:value={setOn} />
		<TextField
			label={LABELS.countedOn}
			name="countedOn"
			needed
			type="date"
			{attempt}
			bind:value={countedOn}
		/>
		<TextField
			label={LABELS.perReplicate}
			name="perReplicate"
			inputmode="numeric"
			{attempt}
			bind:value={perReplicate}
		/>
	</div>
	<CountGrid bind:rows perReplicate={Number(perReplicate) || 100} {normalOnly} {attempt} />
	<label class="flex items-center gap-2"
		><input
			type="checkbox"
			class="checkbox"
			bind:checked={() => !normalOnly, (told) => (normalOnly = !told)}
		/>
		It is known what became of the others</label
	>
	<TextField label={LABELS.note} name="note" {attempt} bind:value={note} />
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
			{
				label: LABELS.counts,
				mine: rows.map((row) => row.normal).join(', '),
				theirs: (theirs.counts as number[]).join(', ')
			}
		]}
		send={keep}
		takeTheirs={kept}
	>
		<Act main type="submit" disabled={attempt.busy}>{was ? 'Save correction' : 'Save test'}</Act>
	</Correcting>
</form>
