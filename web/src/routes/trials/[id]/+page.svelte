<script lang="ts">
	import { page as here } from '$app/state';
	import { ask, GET, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, text } from '$lib/form/kinds';
	import Corrections from '$lib/lot/Corrections.svelte';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import NewTrait from '$lib/selection/NewTrait.svelte';
	import ScoreSheet from '$lib/selection/ScoreSheet.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { percent, tenth } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { many, placed, ROW_DECISION } from '$lib/words/words';
	import { v7 as newId } from 'uuid';

	type Row = Schemas['RowView'];
	type Ranking = Schemas['Ranking'];
	const id = here.params.id!;
	const path = `/api/trials/${id}`;
	let scoring = $state(false);
	let by = $state(0);
	/** The row that is decided on. */
	let decided = $state<string>();
	const rows = new OfflinePage(`/trials/${id}`, {
		kept: path,
		ask: () => ask(GET('/api/trials/{id}', { params: { path: { id } } }))
	});

	const visit = (traitId: string, marks: Schemas['Mark'][], name: string) =>
		rows.keep(
			'POST',
			`${path}/visits`,
			`scores of ${name}`,
			{ id: newId(), traitId, scoredOn: session.today, marks },
			{ draft: `scores ${id}` }
		);
	const deciding = (row: Row) =>
		new Form({
			decision: choice(`Row ${row.number}`, ROW_DECISION, { start: row.decision }),
			reason: text('Why')
		});
	async function decide(
		{ id, version }: Row,
		body: { decision: Schemas['DecisionRequest']['decision']; reason: string }
	) {
		await ask(
			PUT('/api/progeny-rows/{id}/decision', { params: { path: { id } }, body: { ...body, version } })
		);
		decided = undefined;
		rows.again();
	}
	/** Rows by rank; those without scores at the end, by number. */
	function ordered(rows: Row[], ranking?: Ranking) {
		const rank = new Map(ranking?.rows.map((one) => [one.rowId, one]) ?? []);
		return rows
			.map((row) => ({ row, ranked: rank.get(row.id) }))
			.sort((a, b) => (a.ranked?.rank ?? 1e6 + a.row.number) - (b.ranked?.rank ?? 1e6 + b.row.number));
	}
	function ends(ranking: Ranking) {
		const values = ranking.rows.flatMap((one) => [one.mean, one.predicted]);
		return { low: Math.min(...values), high: Math.max(...values) };
	}
</script>

<Loading from={rows.found} stays>
	{#snippet children(trial)}
		{@const ranking = trial.rankings[Math.min(by, trial.rankings.length - 1)]}
		{@const span = ranking ? ends(ranking) : { low: 0, high: 1 }}
		{@const at = (value: number) =>
			span.high === span.low ? 50 : (100 * (value - span.low)) / (span.high - span.low)}
		{@const alike = ranking?.rows.filter((one) => one.likeTheBest).length ?? 0}
		<Page
			of={trial.name}
			title={trial.name}
			room={{ name: 'Field', path: '/field' }}
			says="{trial.planting.variety.name}, {placed(trial.planting.ground)}; {many(
				trial.rows.length,
				'row'
			)} in {many(trial.blocks, 'block')}"
		>
			<div class="flex flex-wrap items-center gap-3">
				{#if session.works && trial.traits.length}
					<Act main key="s" onclick={() => (scoring = !scoring)}
						>{scoring ? 'Close the sheet' : 'Score the rows'}</Act
					>
				{/if}
				<a class="quiet" href="/selection/{trial.planting.id}">The best plants of this planting</a>
			</div>
			{#if scoring}
				<section class="mt-4 border-l-4 border-marigold bg-paper p-4">
					<ScoreSheet
						draft="scores {id}"
						traits={trial.traits}
						subjects={[...Array(trial.blocks).keys()].flatMap((block) =>
							trial.rows.flatMap((row) =>
								row.plots
									.filter((plot) => plot.block === block + 1)
									.map((plot) => ({ id: plot.id, name: `row ${row.number} / ${plot.block}` }))
							)
						)}
						record={(trait, marks) => visit(trait, marks, trial.name)}
					/>
				</section>
			{/if}
			{#if !trial.traits.length && session.grower}
				<section class="mt-4 max-w-3xl">
					<p class="mb-3">Choose first what the rows are scored for.</p>
					<NewTrait variety={trial.planting.variety.id} made={rows.again} />
				</section>
			{/if}
			{#if ranking}
				<section class="mt-6">
					<div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
						{#each trial.rankings as one, i (one.traitId ?? 'all')}
							<button
								type="button"
								class={[
									'cursor-pointer py-1',
									ranking === one ? 'border-b-3 border-ink font-bold' : 'hover:underline'
								]}
								aria-pressed={ranking === one}
								onclick={() => (by = i)}
								>{one.traitId
									? trial.traits.find((trait) => trait.id === one.traitId)?.name
									: 'over all'}</button
							>
						{/each}
					</div>
					<p class="mt-2 text-lg font-bold">
						{alike > 1
							? `The best ${alike} rows are alike: the scores cannot tell them apart.`
							: 'The best row stands apart from all others.'}
					</p>
					<p class="max-w-prose text-sm text-soft">
						{percent(ranking.repeatability)} of the differences between rows are their own; two rows nearer than
						{tenth(ranking.leastDifference)} are not told apart. One place and one year: expect less elsewhere.
						The filled dot is what is predicted of a row: its score, drawn towards the mean of all by how much its
						plots differ; the ring is what was scored. Rows that cannot be told from the best are edged.
						{ranking.inBlocks
							? 'Differences between blocks are taken out.'
							: 'Not every plot was scored, so blocks are not taken out.'}
					</p>
				</section>
			{:else}
				<p class="mt-6 text-soft">
					Once three rows are scored, and some of them in two plots, they are ranked here with their error.
				</p>
			{/if}
			<table class="figures mt-3">
				<thead>
					<tr>
						<th scope="col" class="text-right!">rank</th>
						<th scope="col">row</th>
						<th scope="col" class="text-right!">scored</th>
						<th scope="col" class="text-right!">predicted</th>
						<th scope="col" class="w-64 max-md:hidden"><span class="sr-only">drawn</span></th>
						<th scope="col">seed and mother</th>
						<th scope="col">decided</th>
					</tr>
				</thead>
				<tbody>
					{#each ordered(trial.rows, ranking) as { row, ranked } (row.id)}
						<tr class={[ranked?.likeTheBest && 'alike']}>
							<td class="num">{ranked?.rank ?? ''}</td>
							<th scope="row"><strong>{row.number}</strong>{row.compared ? ', check' : ''}</th>
							<td class="num">{ranked ? tenth(ranked.mean) : ''}</td>
							<td class="num">{ranked ? tenth(ranked.predicted) : ''}</td>
							<td class="max-md:hidden">
								{#if ranked}
									<svg viewBox="0 0 240 14" class="block w-60" aria-hidden="true">
										<line x1={at(ranking.mean)} x2={at(ranking.mean)} y1="0" y2="14" />
										<circle cx={at(ranked.mean)} cy="7" r="4" class="ring" />
										<circle cx={at(ranked.predicted)} cy="7" r="4" />
									</svg>
								{/if}
							</td>
							<td class="beside"
								>{row.subLot}{row.pedigree.length ? `: ${row.pedigree.join(', from ')}` : ''}</td
							>
							<td>
								{#if row.decision}<strong>{ROW_DECISION[row.decision]}</strong>
									<span class="text-sm text-soft">{row.reason}</span>{/if}
								{#if session.grower}
									<button
										type="button"
										class="cursor-pointer text-sm underline"
										onclick={() => (decided = decided === row.id ? undefined : row.id)}
										>{row.decision ? 'change' : 'decide'}</button
									>
								{/if}
							</td>
						</tr>
						{#if decided === row.id}
							{@const form = deciding(row)}
							<tr>
								<td colspan="7">
									<FormOf
										{form}
										send={() => decide(row, form.body())}
										act="Decide"
										class="gap-3 border-l-4 border-marigold bg-paper p-4 sm:grid-cols-[14rem_minmax(0,1fr)] sm:items-end"
									/>
								</td>
							</tr>
						{/if}
					{/each}
				</tbody>
			</table>
			{#if trial.visits.length}
				<h2 class="ruled mt-8">Visits</h2>
				<ul>
					{#each trial.visits as one (one.id)}
						<li class="border-b border-line py-1.5 text-sm">
							{dayMonth(one.scoredOn)}, {trial.traits.find((trait) => trait.id === one.traitId)?.name}: {many(
								one.marks.length,
								'plot'
							)} by {one.recordedBy}
						</li>
					{/each}
				</ul>
			{/if}
			<Corrections corrections={trial.corrections} />
		</Page>
	{/snippet}
</Loading>

<style>
	.alike td:first-child {
		box-shadow: inset 5px 0 0 var(--color-accent);
	}
	circle {
		fill: var(--color-base-content);
	}
	circle.ring {
		fill: none;
		stroke: var(--color-base-content);
		stroke-width: 1.4;
	}
	line {
		stroke: var(--color-base-300);
		stroke-width: 1.5;
	}
</style>
