<script lang="ts">
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import { SHEETS } from './words';

	/** Lists as files for a spreadsheet. */
	const attempt = new Attempt();
	const FORMS = {
		plain: { label: 'CSV: commas, 12.5', end: 'csv' },
		office: {
			label: 'CSV: semicolons, 12,5, byte order mark',
			end: 'csv?partedBy=semicolon&decimals=COMMA&mark=true'
		},
		tabs: { label: 'CSV: tabs, 12.5, byte order mark', end: 'csv?partedBy=tab&mark=true' },
		book: { label: 'XLSX workbook', end: 'xlsx' }
	} as const;
	let form = $state<keyof typeof FORMS>('plain');
	const end = $derived(FORMS[form].end);
</script>

<div class="grid gap-4">
	<ChoiceField
		label="Written as"
		name="form"
		{attempt}
		bind:value={form}
		choices={(Object.keys(FORMS) as (keyof typeof FORMS)[]).map((value) => ({
			value,
			label: FORMS[value].label
		}))}
		hint="Choose what your spreadsheet opens in columns, with its own sign for decimals."
	/>
	<table class="figures">
		<tbody>
			{#each SHEETS as sheet (sheet.name)}
				<tr>
					<th scope="row">{sheet.name}<br /><span class="beside">{sheet.says}</span></th>
					<td class="text-right! whitespace-nowrap"
						><a
							class="quiet"
							href="/api/sheets/{sheet.name}.{end}"
							download="{sheet.name}.{end.split('?')[0]}">save {sheet.name}</a
						></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
</div>
