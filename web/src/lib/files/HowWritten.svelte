<script lang="ts">
	import type { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import { DAYS, DECIMALS, ENCODINGS, PARTED_BY } from './words';
	import { written, type HowRead, type Told } from './told';

	/** How a file is written: as it was found out, to be said otherwise. What can be read in two ways is asked. */
	interface Props {
		attempt: Attempt;
		how: HowRead;
		told: Told;
		say: (told: Told) => void;
	}
	let { attempt, how, told, say }: Props = $props();
	const encodings = $derived(
		ENCODINGS.some(({ value }) => value === how.encoding)
			? ENCODINGS
			: [...ENCODINGS, { value: how.encoding ?? '', label: how.encoding ?? '' }]
	);
	const unsure = $derived(new Set(how.unsure));
	const choose = { value: '', label: 'choose' };
</script>

{#if unsure.size}
	<div class="caution grid gap-3">
		<p class="font-semibold">This file can be read in two ways. Say which it is.</p>
		<div class="grid gap-3 sm:grid-cols-2">
			{#if unsure.has('days')}
				<ChoiceField
					label="Days in this file"
					name="days"
					{attempt}
					bind:value={() => '', (days) => say({ ...told, days: (days || undefined) as Told['days'] })}
					choices={[choose, ...DAYS]}
				/>
			{/if}
			{#if unsure.has('decimals')}
				<ChoiceField
					label="Numbers in this file"
					name="decimals"
					{attempt}
					bind:value={() => '', (sign) => say({ ...told, decimals: (sign || undefined) as Told['decimals'] })}
					choices={[
						choose,
						{ value: 'POINT', label: '1,234 is over a thousand' },
						{ value: 'COMMA', label: '1,234 is a little over one' }
					]}
				/>
			{/if}
		</div>
	</div>
{/if}
{#if how.tabs.length > 1}
	<ChoiceField
		label="Tab of the workbook"
		name="tab"
		{attempt}
		bind:value={() => how.tab ?? '', (tab) => say({ ...told, tab, columns: undefined })}
		choices={how.tabs.map((tab) => ({ value: tab, label: tab }))}
	/>
{/if}
<details>
	<summary class="cursor-pointer"
		>{written(how, PARTED_BY)} <span class="quiet">Read it otherwise</span></summary
	>
	<div class="mt-3 grid gap-3 sm:grid-cols-2">
		{#if how.encoding}
			<ChoiceField
				label="Encoding"
				name="encoding"
				{attempt}
				bind:value={() => how.encoding ?? '', (encoding) => say({ ...told, encoding, columns: undefined })}
				choices={encodings}
			/>
			<ChoiceField
				label="Columns are separated by"
				name="partedBy"
				{attempt}
				bind:value={() => how.partedBy ?? '', (partedBy) => say({ ...told, partedBy, columns: undefined })}
				choices={PARTED_BY}
			/>
		{/if}
		<ChoiceField
			label="Decimals"
			name="decimals"
			{attempt}
			bind:value={() => how.decimals, (decimals) => say({ ...told, decimals })}
			choices={[...DECIMALS]}
		/>
		<ChoiceField
			label="Days"
			name="days"
			{attempt}
			bind:value={() => how.days, (days) => say({ ...told, days })}
			choices={[...DAYS]}
		/>
	</div>
</details>
