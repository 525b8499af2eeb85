<script lang="ts">
	import { onMount } from 'svelte';
	import { ask, GET, POST, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { many } from '$lib/words/words';
	import { SHEETS } from './words';

	/** Lists as CSV, out and in; reading says first what it would do, line by line. */
	const attempt = new Attempt();
	const looking = new Attempt();
	let name = $state<string>('customers');
	let file = $state.raw<File>();
	let read = $state.raw<Schemas['SheetRead']>();
	let described = $state.raw<Schemas['Described'][]>([]);
	onMount(() => {
		void looking.run(async () => {
			described = await ask(GET('/api/sheets'));
		});
	});
	const columns = $derived(described.find((sheet) => sheet.name === name)?.columns ?? []);
	const SHOWN = 100;

	const send = (keep: boolean) =>
		attempt.run(async () => {
			read = await ask(
				POST('/api/sheets/{name}', {
					params: { path: { name }, query: { keep } },
					body: file as never,
					bodySerializer: (body: unknown) => body as Blob,
					headers: { 'Content-Type': 'text/csv' }
				})
			);
		});

	function chosen(event: Event) {
		file = (event.currentTarget as HTMLInputElement).files?.[0];
		read = undefined;
		if (file) void send(false);
	}
</script>

<div class="grid gap-4">
	<table class="figures">
		<tbody>
			{#each SHEETS as sheet (sheet.name)}
				<tr>
					<th scope="row">{sheet.name}<br /><span class="beside">{sheet.says}</span></th>
					<td class="text-right!"
						><a class="quiet" href="/api/sheets/{sheet.name}.csv" download="{sheet.name}.csv"
							>save {sheet.name}</a
						></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
	<h3 class="font-semibold">Read a list</h3>
	<ChoiceField
		label="Which list"
		name="sheet"
		{attempt}
		bind:value={
			() => name,
			(chosenName) => {
				name = chosenName;
				read = undefined;
				if (file) void send(false);
			}
		}
		choices={SHEETS.map((sheet) => ({ value: sheet.name, label: sheet.name }))}
	/>
	<details>
		<summary class="quiet cursor-pointer">Its columns</summary>
		<table class="figures mt-2">
			<tbody>
				{#each columns as column (column.name)}
					<tr
						><th scope="row" class="font-mono text-sm">{column.name}</th><td
							>{column.says}{column.needed ? '' : ' (may be left out)'}</td
						></tr
					>
				{/each}
			</tbody>
		</table>
		<p class="mt-2 text-sm text-soft">
			Columns in any order, parted by commas, semicolons or tabs; UTF-8. Decimals with a comma where cells are
			parted otherwise. Days as 2026-08-14.
		</p>
	</details>
	<label class="grid gap-1">
		<span class="text-sm font-semibold">CSV file</span>
		<input
			type="file"
			accept=".csv,text/csv,text/plain"
			onchange={chosen}
			class="file-input w-full max-w-md"
		/>
		<span class="text-sm text-soft">What it would do is shown before anything is kept.</span>
	</label>
	<Trouble {attempt} labels={{ file: 'File' }} />
	{#if read}
		<p aria-live="polite" class="font-semibold">
			{read.kept ? 'Read in: ' : read.refused ? 'Nothing is kept: ' : ''}{[
				read.refused && many(read.refused, 'line is refused', 'lines are refused'),
				read.made && `${read.made} new`,
				read.changed && `${read.changed} changed`,
				read.same && `${read.same} as they are`
			]
				.filter(Boolean)
				.join(', ') || 'no lines'}.
		</p>
		{#if read.lines.length}
			<div class="overflow-x-auto">
				<table class="figures">
					<thead
						><tr><th scope="col">line</th><th scope="col">says</th><th scope="col">what happens</th></tr
						></thead
					>
					<tbody>
						{#each read.lines.slice(0, SHOWN) as line (line.line)}
							<tr>
								<td>{line.line}</td>
								<th scope="row" class="wrap-anywhere">{line.what}</th>
								<td class={[line.refused && 'font-semibold text-alarm']}
									>{#if line.refused}{line.why}{:else}{line.made ? 'new' : 'changed'}{/if}</td
								>
							</tr>
						{/each}
					</tbody>
				</table>
			</div>
			{#if read.lines.length > SHOWN}<p class="text-sm text-soft">
					and more; the first {SHOWN} are shown.
				</p>{/if}
		{/if}
		{#if !read.kept && !read.refused && (read.made || read.changed)}
			<div><Act main onclick={() => void send(true)} disabled={attempt.busy}>Read it in</Act></div>
		{/if}
	{/if}
</div>
