<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import { FileRead } from '$lib/form/fileRead.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { many } from '$lib/words/words';

	/** The ground as a file, out and in; reading says first what it would change. */
	let { done }: { done: () => void } = $props();
	const attempt = new Attempt();
	let text = $state('');
	/** How the file is to be read, as far as somebody said. */
	let told = $state.raw<{ kind?: 'PLOT' | 'BED'; named?: string; grid?: string }>({});

	const reading = new FileRead<Schemas['GroundRead']>(attempt, (keep) =>
		ask(
			POST('/api/ground/file', {
				params: { query: { keep, ...told } },
				body: text as never,
				bodySerializer: (body: unknown) => body as string,
				headers: { 'Content-Type': 'application/geo+json' }
			})
		)
	);
	const read = $derived(reading.answer);

	const EFFECT = { NEW: 'new', CHANGED: 'changed', SAME: 'as it is', REFUSED: 'refused' };
	const LARGEST = 10_000_000;
	const differing = $derived(read?.lines.filter((line) => line.effect !== 'SAME') ?? []);
	const refused = $derived(read?.lines.some((line) => line.effect === 'REFUSED') ?? false);

	async function chosen(event: Event) {
		const file = (event.currentTarget as HTMLInputElement).files?.[0];
		reading.forget();
		if (!file) return;
		// A file that is far too large is not even opened; the server refuses it in the same words.
		text = file.size > LARGEST ? ' '.repeat(LARGEST + 1) : await file.text();
		say({});
	}

	function say(otherwise: typeof told) {
		told = otherwise;
		reading.look();
	}
</script>

<div class="grid gap-4">
	<p>
		<a class="underline" href="/api/ground/file" download="ground.geojson">Save the ground as a file</a>
		<span class="block text-sm text-soft"
			>GeoJSON: plots, beds, barriers and neighbours in longitude and latitude, with all their digits.</span
		>
	</p>
	<label class="grid gap-1">
		<span class="text-sm font-semibold">Read a GeoJSON file</span>
		<input type="file" accept=".geojson,.json,application/geo+json" onchange={chosen} class="max-w-full" />
		<span class="text-sm text-soft"
			>Of this farm or of a GIS, in degrees or metres, up to 10 MB. What it would change is shown before
			anything is kept.</span
		>
	</label>
	<Trouble {attempt} labels={{ file: 'File' }} />
	{#if read}
		{@const how = read.how}
		{#if !read.kept && (how.withoutKind || how.grid)}
			<div class="grid gap-3 sm:grid-cols-2">
				{#if how.withoutKind}
					<ChoiceField
						label={how.withoutKind === 1 ? 'What the shape is' : `What the ${how.withoutKind} shapes are`}
						hint="the file does not say"
						name="kind"
						{attempt}
						bind:value={() => told.kind ?? '', (kind) => say({ ...told, kind: kind || undefined })}
						choices={[
							{ value: '', label: 'choose' },
							{ value: 'PLOT', label: 'these are plots' },
							{ value: 'BED', label: 'these are beds' }
						]}
					/>
					<ChoiceField
						label="Their names are in"
						name="named"
						{attempt}
						bind:value={() => how.named, (named) => say({ ...told, named })}
						choices={[
							{ value: '', label: 'nothing: number them' },
							...how.properties.map((property) => ({ value: property, label: property }))
						]}
					/>
				{/if}
				{#if how.grid}
					<TextField
						label="Positions are in the grid EPSG"
						name="grid"
						{attempt}
						inputmode="numeric"
						bind:value={() => how.grid ?? '', () => {}}
						onchange={(event) => say({ ...told, grid: event.currentTarget.value.trim() || undefined })}
						hint={how.gridGuessed
							? 'The file does not say which: this is the zone the farm lies in.'
							: 'as the file says'}
					/>
				{/if}
			</div>
		{/if}
		<p aria-live="polite">
			{many(read.lines.length, 'shape')}: {differing.length === 0
				? 'all as they are already; nothing would change'
				: `${many(differing.length, 'would change', 'would change')}`}{refused
				? '. While one is refused, none is kept'
				: ''}.
		</p>
		{#if differing.length > 0}
			<table class="figures">
				<thead><tr><th scope="col">shape</th><th scope="col">what happens</th></tr></thead>
				<tbody>
					{#each differing.slice(0, 60) as line, i (i)}
						<tr>
							<th scope="row"
								>{line.name || `number ${line.place}`}<br /><span class="beside">{line.kind}</span></th
							>
							<td class={[line.effect === 'REFUSED' && 'font-semibold text-alarm']}
								>{EFFECT[line.effect]}{line.why ? `: ${line.why}` : ''}{#each line.notes as note (note)}<br
									/><span class="beside">{note}</span>{/each}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if !refused && !read.kept}
				<div><Act main onclick={() => reading.keep(done)} disabled={attempt.busy}>Read it in</Act></div>
			{/if}
		{/if}
	{/if}
</div>
