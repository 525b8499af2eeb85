<script lang="ts">
	import { page } from '$app/state';
	import { SvelteMap } from 'svelte/reactivity';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn, numberIn } from '$lib/form/typed';
	import RoomTabs from '$lib/seedroom/RoomTabs.svelte';
	import { DIFFERENCE } from '$lib/seedroom/words';
	import WrongLots from '$lib/lot/WrongLots.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { countTyped, digits, mass, MASS_UNITS, numberTyped, whole } from '$lib/units/units';
	import { fullDay } from '$lib/words/dates';
	import { cropWord, many } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type ToCount = Schemas['ToCount'];
	type Because = Schemas['CountedLine']['because'];
	interface Row {
		key: string;
		lot: ToCount;
		run?: Schemas['PackingRunView'];
		expected: number;
	}

	const at = $derived(Number(page.url.searchParams.get('page')) || 0);
	const attempt = new Attempt();
	let typed = $state<Record<string, string>>({});
	let because = $state<Record<string, Because>>({});
	let note = $state('');

	/** What was counted on pages turned over already. */
	const before = new SvelteMap<string, Row>();

	function rows(lots: ToCount[]): Row[] {
		return lots.flatMap((lot) => [
			...(lot.stock.bulk > 0 ? [{ key: lot.lot.id, lot, expected: lot.stock.bulk }] : []),
			...lot.stock.runs
				.filter((run) => run.left > 0)
				.map((run) => ({ key: run.id, lot, run, expected: run.left }))
		]);
	}
	const written = (row: Row) => (typed[row.key] ?? '').trim() !== '';
	/** What bulk is weighed in. */
	const scale = $derived({
		...MASS_UNITS[session.units][0],
		said: session.units === 'US' ? 'ounces' : 'grams'
	});
	/** As exactly as a scale tells it. */
	const shown = (row: Row, amount: number) =>
		row.run ? whole(amount) : `${digits(amount / scale.grams, 1)} ${scale.name}`;
	const foundOf = (row: Row) =>
		row.run ? countTyped(typed[row.key]) : numberTyped(typed[row.key]) * scale.grams;
	/** Whether it reads otherwise than the books do. */
	const differs = (row: Row) => written(row) && shown(row, foundOf(row)) !== shown(row, row.expected);
	const foundIn = (row: Row, field: string) =>
		row.run ? countIn(field, typed[row.key]) : numberIn(field, typed[row.key]) * scale.grams;

	function keep(counted: Row[]) {
		void attempt.run(async () => {
			const lines = counted.map((row, i) => {
				const found = foundIn(row, `lines[${i}].found`);
				return {
					number: row.lot.lot.number,
					packingRunId: row.run?.id,
					expected: row.expected,
					found: differs(row) ? found : row.expected,
					because: differs(row) ? (because[row.key] ?? 'SAME') : ('SAME' as const)
				};
			});
			await ask(POST('/api/stock-takings', { body: { countedOn: session.today, note, lines } }));
			typed = {};
			because = {};
			note = '';
			before.clear();
			refresh();
		});
	}
	/** Which row the server did not take. */
	const refused = (counted: Row[]) => {
		const place = /^lines\[(\d+)\]/.exec(attempt.problem?.field ?? '')?.[1];
		return place === undefined ? undefined : counted[Number(place)];
	};
	/** What is counted: on this page, and on those before. */
	const counted = (here: Row[]) => [
		...[...before.values()].filter((row) => written(row) && !here.some((one) => one.key === row.key)),
		...here.filter(written)
	];
	const turnOver = (here: Row[]) => here.filter(written).forEach((row) => before.set(row.key, row));
</script>

<Loading from={data.found}>
	{#snippet children([{ lots, wrong: notShown }, past])}
		{@const all = rows(lots.items)}
		{@const ready = counted(all)}
		{@const wrong = refused(ready)}
		<Page title="Seed room" says="count what is there">
			<RoomTabs />
			<WrongLots wrong={notShown} />
			{#if lots.total === 0}
				<p class="max-w-prose">
					There is nothing to count: clean seed and packets stand here once there are any.
				</p>
			{:else if session.works}
				<p class="mb-3 max-w-prose">
					Type what you find; leave empty what you did not count. Weigh without the jar. What differs is asked
					for its reason and booked; what the books said is kept beside it.
				</p>
				<form
					onsubmit={(event) => {
						event.preventDefault();
						keep(ready);
					}}
				>
					<table class="figures stacks">
						<thead
							><tr
								><th scope="col">lot</th><th scope="col">place</th><th scope="col">what</th><th
									scope="col"
									class="text-right!">books</th
								><th scope="col" class="text-right!">found</th><th scope="col">why it differs</th></tr
							></thead
						>
						<tbody>
							{#each all as row (row.key)}
								<tr class={row.key === wrong?.key ? 'bg-paper' : ''}>
									<th scope="row"
										><span
											><a class="font-mono hover:underline" href="/lot/{row.lot.lot.number}"
												>{row.lot.lot.number}</a
											>
											{row.lot.variety.name}
											<span class="beside">{cropWord(row.lot.variety.cropName)}</span></span
										></th
									>
									<td class="beside" data-of="place">{row.lot.shelves.join(', ') || 'not put away'}</td>
									<td data-of="what"
										>{row.run
											? row.run.seeds
												? `packets of ${row.run.seeds}`
												: `packets of ${mass(row.run.fill, session.units)}`
											: `bulk, ${scale.name}`}</td
									>
									<td class="num" data-of="books">{shown(row, row.expected)}</td>
									<td class="text-right!" data-of="found"
										><input
											class={['input w-28 text-right', row.key === wrong?.key && 'input-error']}
											inputmode="decimal"
											autocomplete="off"
											aria-label="Found of {row.lot.lot.number}, {row.run
												? 'packets'
												: `${scale.said} of bulk`}"
											bind:value={typed[row.key]}
										/></td
									>
									<td data-of={differs(row) ? 'why it differs' : undefined}>
										{#if differs(row)}
											<select
												class="select"
												aria-label="Why {row.lot.lot.number} differs"
												bind:value={because[row.key]}
											>
												<option value={undefined}>say why</option>
												{#each Object.entries(DIFFERENCE) as [value, label] (value)}
													{#if value !== 'SAME'}<option {value}>{label}</option>{/if}
												{/each}
											</select>
										{/if}
									</td>
								</tr>
							{/each}
						</tbody>
					</table>
					{#if lots.pages > 1}
						<nav class="mt-3 flex gap-4" aria-label="Lots">
							{#if at > 0}<a class="quiet" href="?page={at - 1}" onclick={() => turnOver(all)}>lots before</a
								>{/if}
							{#if at + 1 < lots.pages}<a class="quiet" href="?page={at + 1}" onclick={() => turnOver(all)}
									>further lots</a
								>{/if}
						</nav>
					{/if}
					{#if wrong && !all.some((row) => row.key === wrong.key)}
						<p class="mt-3">Not taken: what was found of {wrong.lot.lot.number}, on a page before.</p>
					{/if}
					<div class="mt-4 grid max-w-xl gap-4">
						<TextField label="Note" name="note" {attempt} bind:value={note} />
						<Trouble {attempt} labels={{ lines: 'Found' }} />
						<div class="flex flex-wrap gap-3">
							<Act
								main
								type="submit"
								disabled={attempt.busy}
								why={ready.length ? '' : 'Type what was found of a lot.'}
								>Book {many(ready.length, 'count')}</Act
							>
						</div>
					</div>
				</form>
			{/if}

			<h2 class="ruled mt-9">Counted before</h2>
			<table class="figures">
				<tbody>
					{#each past.items as taking (taking.id)}
						<tr>
							<th scope="row"
								>{fullDay(taking.countedOn)}<br /><span class="beside"
									>{taking.recordedBy}{taking.note ? `, ${taking.note}` : ''}</span
								></th
							>
							<td>{many(taking.counted, 'line')}</td>
							<td
								>{#each taking.differences as line, i (i)}<span class="block"
										><a class="quiet font-mono" href="/lot/{line.number}">{line.number}</a>
										{line.packingRunId
											? `${whole(line.found)} for ${many(line.expected, 'packet')}`
											: `${mass(line.found, session.units)} for ${mass(line.expected, session.units)}`}: {DIFFERENCE[
											line.because
										]}</span
									>{:else}as the books said{/each}</td
							>
						</tr>
					{:else}
						<tr><td class="text-soft">Nothing was counted yet.</td></tr>
					{/each}
				</tbody>
			</table>
		</Page>
	{/snippet}
</Loading>
