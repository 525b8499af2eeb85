<script lang="ts" generics="R extends object">
	import ChoiceField from './ChoiceField.svelte';
	import DayField from './DayField.svelte';
	import Field from './Field.svelte';
	import type { Form } from './form.svelte';
	import { choicesOf, said, YES } from './kinds';
	import MassField from './MassField.svelte';
	import MeasureField from './MeasureField.svelte';
	import TextField from './TextField.svelte';

	interface Props {
		form: Form<R>;
		/** Which of its fields, in this order; all of them, unless it is said. */
		of?: (keyof R & string)[];
	}
	/** Fields of a form, each as its kind is asked. */
	let { form, of }: Props = $props();
	const id = $props.id();
	const typed = $derived(form.standings);
	const asked = $derived(form.asked.filter((name) => !of || of.includes(name)));
	const inOrder = $derived(of ? of.filter((name) => asked.includes(name)) : asked);
</script>

{#each inOrder as name (name)}
	{@const kind = form.kind(name)}
	{@const label = said(kind.label, typed)}
	{@const usual = {
		label,
		name: form.called(name),
		attempt: form.attempt,
		hint: said(kind.hint, typed),
		needed: said(kind.needed, typed)
	}}
	{@const set = (now: string) => {
		form.typed[name] = now as (typeof form.typed)[typeof name];
		kind.then?.(now);
	}}
	<div class={['min-w-0', kind.wide && 'col-span-full']}>
		{#if kind.control === 'choice'}
			<ChoiceField {...usual} choices={choicesOf(kind, typed)} bind:value={() => form.standing(name), set} />
		{:else if kind.control === 'yes'}
			<label class="flex items-center gap-2">
				<input
					type="checkbox"
					class="checkbox"
					{name}
					bind:checked={() => form.typed[name] === YES, (now) => set(now ? YES : '')}
				/>
				<span>{label}</span>
			</label>
		{:else if kind.control === 'lines'}
			<Field {...usual}>
				{#snippet children({ id, invalid, describedBy })}
					<textarea
						{id}
						{name}
						rows={kind.rows}
						class={['textarea w-full', invalid && 'textarea-error']}
						aria-invalid={invalid}
						aria-describedby={describedBy}
						bind:value={() => form.typed[name] as string, set}></textarea>
				{/snippet}
			</Field>
		{:else if kind.control === 'mass'}
			<MassField
				{...usual}
				heavy={kind.heavy}
				scale={kind.scale}
				scaleKey={kind.scaleKey}
				bind:value={() => form.typed[name] as string, set}
			/>
		{:else if kind.control === 'measure' && kind.measure}
			<MeasureField
				{...usual}
				kind={kind.measure}
				units={kind.units}
				bind:value={() => form.typed[name] as string, set}
			/>
		{:else if kind.control === 'day' || kind.control === 'moment'}
			<DayField
				{...usual}
				time={kind.control === 'moment'}
				max={kind.max}
				bind:value={() => form.typed[name] as string, set}
			/>
		{:else}
			{@const known = said(kind.known, typed)}
			<TextField
				{...usual}
				type={kind.type}
				inputmode={{ count: 'numeric' as const, number: 'decimal' as const }[kind.control as 'count']}
				unit={said(kind.unit, typed)}
				placeholder={said(kind.placeholder, typed)}
				maxlength={kind.maxlength}
				max={kind.max}
				autocomplete={kind.autocomplete ?? 'off'}
				list={known && `${id}-${name}`}
				bind:value={() => form.typed[name] as string, set}
			/>
			{#if known}
				<datalist id="{id}-{name}">
					{#each known as one (one)}<option value={one}></option>{/each}
				</datalist>
			{/if}
		{/if}
	</div>
{/each}
