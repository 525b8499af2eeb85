<script lang="ts">
	import { untrack } from 'svelte';
	import Act from '$lib/form/Act.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form, type Changed } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, text } from '$lib/form/kinds';
	import type { Schemas } from '$lib/api/api';
	import { FIGURES } from './columns';

	/** Every figure of a crop of one's own; those that are as of the crop it is like say so. */
	interface Props {
		crop: Schemas['OwnCropView'];
		save: (cells: Record<string, string>, version: number, reason: string) => Promise<void>;
		taken: () => void;
	}
	let { crop, save, taken }: Props = $props();
	const usual = untrack(() => Object.fromEntries(crop.cells.map((cell) => [cell.column, cell.usual])));
	const asTyped = (crop: Schemas['OwnCropView']) =>
		Object.fromEntries(crop.cells.map((cell) => [cell.column, cell.own ?? cell.usual]));
	const all = FIGURES.flatMap((part) => part.figures);
	const form: Form<Record<string, string>> = new Form<Record<string, string>>(
		Object.fromEntries(
			all.map(({ column, label, choices, hint: more }) => [
				column,
				choices
					? choice(label, choices, { hint: () => hint(column, more) })
					: text(label, { hint: () => hint(column, more) })
			])
		),
		untrack(() => ({ ...asTyped(crop), version: crop.version }))
	);
	const own = (column: string) => form.typed[column].trim() !== usual[column];
	const owned = $derived(crop.cells.filter(({ column }) => own(column)).length);
	const hint = (column: string, more?: string) =>
		[more, own(column) ? `own; ${crop.likeName}: ${usual[column] || 'nothing'}` : `as ${crop.likeName}`]
			.filter(Boolean)
			.join('; ');

	const send = () => {
		const { version, reason, ...cells } = form.body() as Record<string, string> & Changed;
		return save(cells as Record<string, string>, version!, reason ?? '');
	};
</script>

<FormOf
	{form}
	{send}
	{taken}
	read={(theirs) => asTyped(theirs as Schemas['OwnCropView'])}
	class="gap-6"
	labels={{ reason: 'Why it is changed' }}
>
	<p aria-live="polite">
		{owned} of {crop.cells.length} figures are your own; the others are those of {crop.likeName}.
	</p>
	{#each FIGURES as part (part.title)}
		<section class="grid gap-4">
			<h2 class="ruled">{part.title}</h2>
			<div class="grid gap-x-5 gap-y-4 sm:grid-cols-2 lg:grid-cols-3">
				<Fields {form} of={part.figures.map((figure) => figure.column)} />
			</div>
		</section>
	{/each}
	{#snippet instead()}<Act main type="submit" disabled={form.attempt.busy}>Save the crop</Act>{/snippet}
</FormOf>
