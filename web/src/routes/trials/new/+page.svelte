<script lang="ts">
	import { goto } from '$app/navigation';
	import { ask, POST } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { count, lines, text } from '$lib/form/kinds';
	import { rowsIn } from '$lib/selection/selection';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { many } from '$lib/words/words';
	import { v7 as newId } from 'uuid';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const id = newId();
	const form = new Form({
		name: text('Name', { hint: 'rows of 2026, plot 6' }),
		blocks: count('Blocks', {
			needed: true,
			start: 2,
			hint: 'every row once in each; two at least, so that rows and ground can be told apart'
		}),
		rows: lines('Seed, one row a line', 12, {
			hint: 'Number its seed was kept under; year and tag of a marked plant, 25-12, remembers the mother. Begin a line with “check” for rows the others are compared with.'
		})
	});

	async function sow(mothers: { id: string; tag: string }[]) {
		const { rows, ...trial } = form.body();
		await ask(
			POST('/api/trials', { body: { ...trial, id, plantingId: data.planting, rows: rowsIn(rows, mothers) } })
		);
		await goto(`/trials/${id}`);
	}
	function add(chosen: { tag: string }[]) {
		form.typed.rows = [form.typed.rows.trim(), ...chosen.map((one) => one.tag)].filter(Boolean).join('\n');
	}
</script>

<Loading from={data.found} stays>
	{#snippet children({ page, mothers })}
		{@const chosen = mothers.filter((one) => one.chosen)}
		{@const typed = rowsIn(form.typed.rows, mothers)}
		<Page title="sow progeny rows" room={{ name: 'Field', path: '/field' }} says={page.planting.variety.name}>
			<FormOf
				{form}
				send={() => sow(mothers)}
				draft="trial"
				act="Number these rows"
				labels={{ rows: 'Rows' }}
				class="max-w-2xl gap-5"
			>
				<Fields {form} />
				{#if chosen.length}
					<button
						type="button"
						class="cursor-pointer justify-self-start underline"
						onclick={() => add(chosen)}
						>add the {many(chosen.length, 'plant')} that {chosen.length === 1 ? 'was' : 'were'} kept</button
					>
				{/if}
				<p class="font-bold">
					{many(typed.length, 'row')}, {typed.filter((row) => row.compared).length} of them checks, {typed.filter(
						(row) => row.motherId
					).length} with a known mother
				</p>
			</FormOf>
		</Page>
	{/snippet}
</Loading>
