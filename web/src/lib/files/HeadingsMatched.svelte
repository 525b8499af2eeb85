<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { forAll, matched, type HowRead, type Told, type Unit } from './told';
	import { UNIT } from './words';

	/** Which column of the list each heading of the file is. */
	interface Props {
		attempt: Attempt;
		how: HowRead;
		told: Told;
		columns: Schemas['DescribedColumn'][];
		say: (told: Told) => void;
	}
	let { attempt, how, told, columns, say }: Props = $props();
	const leftOut = $derived(how.headings.filter((heading) => !heading.column).length);
	/** Told of all lines, or still to be told. */
	const forEvery = $derived([...new Set([...Object.keys(told.all ?? {}), ...how.missing])]);
	const listed = (names: string[]) =>
		new Intl.ListFormat('en-GB', { style: 'long', type: 'conjunction' }).format(names);
	const says = (name: string) => columns.find((column) => column.name === name)?.says ?? '';
</script>

<div class="overflow-x-auto">
	<table class="figures">
		<caption class="pb-1 text-left text-sm text-soft">
			{how.headings.length - leftOut} of {how.headings.length} headings are columns of this list; what is said here
			is remembered.
		</caption>
		<thead>
			<tr><th scope="col">in the file</th><th scope="col">first cells</th><th scope="col">is</th></tr>
		</thead>
		<tbody>
			{#each how.headings as heading, i (i)}
				<tr>
					<th scope="row" class="wrap-anywhere">{heading.called || `column ${i + 1}`}</th>
					<td class="max-w-52 text-sm wrap-anywhere">{heading.first.join(' · ')}</td>
					<td>
						<span class="flex flex-wrap items-center gap-2">
							<select
								class="select w-auto"
								aria-label="{heading.called || `column ${i + 1}`} is"
								value={heading.column ?? ''}
								onchange={(event) => say(matched(told, how, i, event.currentTarget.value))}
							>
								<option value="">left out</option>
								{#each columns as column (column.name)}
									<option value={column.name}>{column.name}</option>
								{/each}
							</select>
							{#if heading.units.length > 1}
								<select
									class="select w-auto"
									aria-label="{heading.called} is in"
									value={heading.unit}
									onchange={(event) =>
										say(matched(told, how, i, heading.column ?? '', event.currentTarget.value as Unit))}
								>
									{#each heading.units as unit (unit)}<option value={unit}>{UNIT[unit]}</option>{/each}
								</select>
							{/if}
							{#if heading.remembered}<span class="text-sm text-soft">as before</span>{/if}
						</span>
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>
{#if forEvery.length}
	<div class="grid gap-3">
		{#if how.missing.length}
			<p class="font-semibold">
				New lines need {listed(how.missing)}: say above which heading it is{leftOut < how.headings.length
					? ', or here what it is in every line'
					: ''}.
			</p>
		{/if}
		{#each leftOut < how.headings.length ? forEvery : [] as column (column)}
			<TextField
				label="{column}, in every line"
				name={column}
				{attempt}
				hint={says(column)}
				bind:value={() => told.all?.[column] ?? '', () => {}}
				onchange={(event) => say(forAll(told, column, event.currentTarget.value))}
			/>
		{/each}
	</div>
{/if}
