<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { goto } from '$app/navigation';
	import { page as here } from '$app/state';
	import { ask, GET, POST } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn } from '$lib/form/typed';
	import { rowsIn } from '$lib/selection/selection';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { many } from '$lib/words/words';
	import { v7 as newId } from 'uuid';

	const planting = here.url.searchParams.get('planting') ?? '';
	const attempt = new Attempt();
	const id = newId();
	/** Marked plants of all plantings of the variety may be mothers. */
	const found = ask(GET('/api/plantings/{id}/selection', { params: { path: { id: planting } } })).then(
		async (page) => {
			const variety = page.planting.variety.id;
			const { plantings } = await ask(GET('/api/varieties/{id}', { params: { path: { id: variety } } }));
			const marked = await Promise.all(
				plantings.map(async (one) => ({
					season: one.season,
					marked: await ask(GET('/api/plantings/{id}/selection', { params: { path: { id: one.id! } } }))
				}))
			);
			return { page, mothers: marked.flatMap((one) => mothersOf(one.season, one.marked.candidates)) };
		}
	);
	let name = $state('');
	let blocks = $state('2');
	let rows = $state('');

	function mothersOf(season: number, candidates: { id: string; tag: string; chosen?: boolean }[]) {
		return candidates.map((one) => ({
			id: one.id,
			tag: `${String(season).slice(2)}-${one.tag}`,
			chosen: one.chosen === true
		}));
	}
	function sow(mothers: { id: string; tag: string }[]) {
		void attempt.run(async () => {
			await ask(
				POST('/api/trials', {
					body: {
						id,
						plantingId: planting,
						name,
						blocks: countIn('blocks', blocks),
						rows: rowsIn(rows, mothers)
					}
				})
			);
			await goto(`/trials/${id}`);
		});
	}
</script>

<Loading from={found}>
	{#snippet children({ page, mothers })}
		{@const chosen = mothers.filter((one) => one.chosen)}
		{@const typed = rowsIn(rows, mothers)}
		<Page title="sow progeny rows" room={{ name: 'Field', path: '/field' }} says={page.planting.variety.name}>
			<form
				class="grid max-w-2xl gap-5"
				onsubmit={(event) => {
					event.preventDefault();
					sow(mothers);
				}}
			>
				<Draft of="trial" {attempt} />
				<TextField label="Name" name="name" {attempt} bind:value={name} hint="rows of 2026, plot 6" />
				<TextField
					label="Blocks"
					name="blocks"
					{attempt}
					inputmode="numeric"
					bind:value={blocks}
					hint="every row once in each; two at least, so that rows and ground can be told apart"
				/>
				<label class="grid gap-1 text-sm font-semibold">
					Seed, one row a line
					<textarea class="textarea w-full font-mono" rows="12" bind:value={rows}></textarea>
					<span class="font-normal text-soft"
						>Number its seed was kept under; year and tag of a marked plant, 25-12, remembers the mother.
						Begin a line with “check” for rows the others are compared with.</span
					>
				</label>
				{#if chosen.length}
					<button
						type="button"
						class="cursor-pointer justify-self-start underline"
						onclick={() => (rows = [rows.trim(), ...chosen.map((one) => one.tag)].filter(Boolean).join('\n'))}
						>add the {many(chosen.length, 'plant')} that {chosen.length === 1 ? 'was' : 'were'} kept</button
					>
				{/if}
				<p class="font-bold">
					{many(typed.length, 'row')}, {typed.filter((row) => row.compared).length} of them checks, {typed.filter(
						(row) => row.motherId
					).length} with a known mother
				</p>
				<Trouble {attempt} labels={{ rows: 'Rows', name: 'Name', blocks: 'Blocks' }} />
				<div><Act main type="submit" disabled={attempt.busy}>Number these rows</Act></div>
			</form>
		</Page>
	{/snippet}
</Loading>
