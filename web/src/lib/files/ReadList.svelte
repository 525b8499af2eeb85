<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import { FileRead } from '$lib/form/fileRead.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { many } from '$lib/words/words';
	import HeadingsMatched from './HeadingsMatched.svelte';
	import HowWritten from './HowWritten.svelte';
	import type { Told } from './told';
	import { SHEETS } from './words';

	/** A list from elsewhere, read in: how it is written, what its columns are and what each line would do come first. */
	interface Props {
		list?: string;
		/** The lists that can be read, with what stands in them. */
		described: Schemas['Described'][];
	}
	let { list, described }: Props = $props();
	const attempt = new Attempt();
	let name = $state<string>(SHEETS.find((sheet) => sheet.name === list)?.name ?? SHEETS[0].name);
	let file = $state.raw<File>();
	let told = $state.raw<Told>({});
	let chosen = $state<HTMLInputElement>();
	const reading = new FileRead<Schemas['SheetRead']>(attempt, (keep) =>
		ask(
			POST('/api/sheets/{name}', {
				params: { path: { name }, query: { keep, how: JSON.stringify(told) } },
				body: file as never,
				bodySerializer: (body: unknown) => body as Blob,
				headers: { 'Content-Type': 'application/octet-stream' }
			})
		)
	);
	const read = $derived(reading.answer);
	const columns = $derived(described.find((sheet) => sheet.name === name)?.columns ?? []);
	const SHOWN = 100;

	/** Another file, or another list: what was said of the one before is not meant. */
	function begin(chosenName: string, chosenFile: File | undefined) {
		name = chosenName;
		file = chosenFile;
		say({});
	}
	/** A file that was read in is done with. */
	function another(list: string) {
		const done = read?.kept;
		if (done && chosen) chosen.value = '';
		begin(list, done ? undefined : file);
	}
	function say(otherwise: Told) {
		told = otherwise;
		if (file) reading.look();
		else reading.forget();
	}
</script>

<div class="grid gap-5">
	<div class="grid items-start gap-4 sm:grid-cols-2">
		<ChoiceField
			label="Which list"
			name="sheet"
			{attempt}
			bind:value={() => name, another}
			choices={SHEETS.map((sheet) => ({ value: sheet.name, label: sheet.name }))}
			hint={SHEETS.find((sheet) => sheet.name === name)?.says}
		/>
		<label class="grid gap-1">
			<span class="text-sm font-semibold">File</span>
			<input
				type="file"
				bind:this={chosen}
				accept=".csv,.txt,.tsv,.xlsx,text/csv,text/plain"
				onchange={(event) => begin(name, event.currentTarget.files?.[0])}
				class="file-input w-full"
			/>
			<span class="text-sm text-soft">CSV or XLSX. What it would do is shown before anything is kept.</span>
		</label>
	</div>
	<details>
		<summary class="quiet cursor-pointer">Columns of this list</summary>
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
	</details>
	<Trouble {attempt} labels={{ file: 'File', days: 'Days', decimals: 'Decimals', columns: 'Columns' }} />
	{#if read}
		{#if !read.kept}
			<section class="grid gap-4" aria-label="How it is read">
				<h2 class="ruled">How it is read</h2>
				<HowWritten {attempt} how={read.how} {told} {say} />
				<HeadingsMatched {attempt} how={read.how} {told} {columns} {say} />
			</section>
		{/if}
		<section class="grid gap-4" aria-label="What it does">
			<h2 class="ruled">{read.kept ? 'What it did' : 'What it would do'}</h2>
			<p aria-live="polite" class="font-semibold">
				{read.kept ? 'Read in: ' : read.refused ? 'Nothing is kept: ' : ''}{read.how.missing.length
					? 'no line is looked at yet'
					: [
							read.refused && many(read.refused, 'line is refused', 'lines are refused'),
							read.made && `${read.made} new`,
							read.changed && `${read.changed} changed`,
							read.same && `${read.same} as they are`
						]
							.filter(Boolean)
							.join(', ') || 'no lines'}.
			</p>
			{#each read.notes as note (note)}<p class="text-sm">{note}</p>{/each}
			{#if !read.kept && !read.refused && !read.how.unsure.length && (read.made || read.changed)}
				<div><Act main onclick={() => reading.keep()} disabled={attempt.busy}>Read it in</Act></div>
			{/if}
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
		</section>
	{/if}
</div>
