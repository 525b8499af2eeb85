<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn, maybeNumberIn } from '$lib/form/typed';
	import { written } from '$lib/units/units';
	import { money, packet } from './words';

	interface Props {
		day: Schemas['StallDayView'];
		main: boolean;
		done: () => void;
	}
	/** What came back, what was given, and the cash box; a tally fills in what it knows. */
	let { day, main, done }: Props = $props();

	const attempt = new Attempt();
	const LABELS = {
		returned: 'Came back',
		given: 'Given',
		floatCash: 'Change before the first sale',
		cashCounted: 'Cash after the last',
		paidOtherwise: 'By card or transfer',
		heldOn: 'The day'
	};
	const tallied = untrack(() => day.lines.some((line) => line.handed > 0));
	let back = $state<Record<string, string>>(
		untrack(() =>
			Object.fromEntries(
				day.lines.map((line) => [line.packingRunId, tallied ? String(line.taken - line.handed) : ''])
			)
		)
	);
	let given = $state<Record<string, string>>(
		untrack(() => Object.fromEntries(day.lines.map((line) => [line.packingRunId, String(line.gifts)])))
	);
	let floatCash = $state(untrack(() => written(day.floatCash)));
	let cashCounted = $state('');
	let paidOtherwise = $state('');

	function count(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const each = (typed: Record<string, string>, name: string) =>
				Object.fromEntries(
					day.lines.map(({ packingRunId: run }) => [
						run,
						countIn(name, typed[run] || (name === 'given' ? '0' : ''))
					])
				);
			await ask(
				POST('/api/stall-days/{id}/count', {
					params: { path: { id: day.id } },
					body: {
						returned: each(back, 'returned'),
						given: each(given, 'given'),
						floatCash: maybeNumberIn('floatCash', floatCash),
						cashCounted: maybeNumberIn('cashCounted', cashCounted),
						paidOtherwise: maybeNumberIn('paidOtherwise', paidOtherwise)
					}
				})
			);
			done();
		});
	}
</script>

<form class="grid max-w-3xl gap-4" onsubmit={count}>
	<table class="figures">
		<thead
			><tr
				><th scope="col">packets</th><th scope="col" class="text-right! max-sm:hidden">price</th><th
					scope="col"
					class="text-right!">taken</th
				><th scope="col" class="text-right!">came back</th><th scope="col" class="text-right!">given</th></tr
			></thead
		>
		<tbody>
			{#each day.lines as line (line.packingRunId)}
				<tr>
					<th scope="row"
						>{line.variety}, {packet(line)}
						<span class="beside font-mono whitespace-nowrap">{line.number}</span></th
					>
					<td class="num max-sm:hidden">{money(line.price)}</td>
					<td class="num">{line.taken}</td>
					<td class="text-right!"
						><input
							class="input w-16 text-right"
							inputmode="numeric"
							aria-label="Came back of {line.number}"
							bind:value={back[line.packingRunId]}
						/></td
					>
					<td class="text-right!"
						><input
							class="input w-16 text-right"
							inputmode="numeric"
							aria-label="Given of {line.number}"
							bind:value={given[line.packingRunId]}
						/></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if tallied}
		<p class="text-sm text-soft">
			Filled in from the tally, {money(day.tallied)} in all: count what lies there all the same.
		</p>
	{/if}
	<div class="grid gap-4 sm:grid-cols-3">
		<TextField
			label={LABELS.floatCash}
			name="floatCash"
			{attempt}
			bind:value={floatCash}
			inputmode="decimal"
			unit={session.farm?.currency}
		/>
		<TextField
			label={LABELS.cashCounted}
			name="cashCounted"
			{attempt}
			bind:value={cashCounted}
			inputmode="decimal"
			unit={session.farm?.currency}
			hint="empty: not counted"
		/>
		<TextField
			label={LABELS.paidOtherwise}
			name="paidOtherwise"
			{attempt}
			bind:value={paidOtherwise}
			inputmode="decimal"
			unit={session.farm?.currency}
		/>
	</div>
	<Trouble {attempt} labels={LABELS} />
	<div><Act {main} type="submit" disabled={attempt.busy}>Count the day</Act></div>
</form>
