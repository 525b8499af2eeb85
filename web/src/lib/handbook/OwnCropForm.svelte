<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Correcting from '$lib/form/Correcting.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { FIGURES, LABELS } from './columns';

	/** Every figure of a crop of one's own; those that are as of the crop it is like say so. */
	interface Props {
		crop: Schemas['OwnCropView'];
		save: (cells: Record<string, string>, version: number, reason: string) => Promise<void>;
		taken: () => void;
	}
	let { crop, save, taken }: Props = $props();
	const attempt = new Attempt();
	// svelte-ignore state_referenced_locally
	const usual = Object.fromEntries(crop.cells.map((cell) => [cell.column, cell.usual]));
	// svelte-ignore state_referenced_locally
	const typed = $state(Object.fromEntries(crop.cells.map((cell) => [cell.column, cell.own ?? cell.usual])));
	let reason = $state('');
	// svelte-ignore state_referenced_locally
	let version = $state<number | undefined>(crop.version);
	const own = (column: string) => typed[column].trim() !== usual[column];
	const owned = $derived(crop.cells.filter(({ column }) => own(column)).length);
	const hint = (column: string, more?: string) =>
		[more, own(column) ? `own; ${crop.likeName}: ${usual[column] || 'nothing'}` : `as ${crop.likeName}`]
			.filter(Boolean)
			.join('; ');

	function send() {
		void attempt.run(() => {
			const cells = Object.fromEntries(crop.cells.map(({ column }) => [column, typed[column].trim()]));
			return save(cells, version!, reason);
		});
	}
</script>

<form
	class="grid gap-6"
	onsubmit={(event) => {
		event.preventDefault();
		send();
	}}
>
	<p aria-live="polite">
		{owned} of {crop.cells.length} figures are your own; the others are those of {crop.likeName}.
	</p>
	{#each FIGURES as part (part.title)}
		<section class="grid gap-4">
			<h2 class="ruled">{part.title}</h2>
			<div class="grid gap-x-5 gap-y-4 sm:grid-cols-2 lg:grid-cols-3">
				{#each part.figures as figure (figure.column)}
					{#if figure.choices}
						<ChoiceField
							label={figure.label}
							name={figure.column}
							{attempt}
							bind:value={typed[figure.column]}
							choices={Object.entries(figure.choices).map(([value, label]) => ({ value, label }))}
							hint={hint(figure.column, figure.hint)}
						/>
					{:else}
						<TextField
							label={figure.label}
							name={figure.column}
							{attempt}
							bind:value={typed[figure.column]}
							hint={hint(figure.column, figure.hint)}
						/>
					{/if}
				{/each}
			</div>
		</section>
	{/each}
	<Correcting
		{attempt}
		labels={{ ...LABELS, reason: 'Why it is changed' }}
		asked
		kept="what stood there"
		bind:reason
		bind:version
		rows={(theirs) =>
			(theirs as unknown as Schemas['OwnCropView']).cells.map((cell) => ({
				label: LABELS[cell.column],
				mine: typed[cell.column],
				theirs: cell.own ?? cell.usual
			}))}
		{send}
		takeTheirs={taken}
	>
		<Act main type="submit" disabled={attempt.busy}>Save the crop</Act>
	</Correcting>
</form>
