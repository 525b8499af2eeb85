<script lang="ts">
	import type { HTMLInputAttributes } from 'svelte/elements';
	import type { Attempt } from './attempt.svelte';
	import Field from './Field.svelte';

	interface Props extends Omit<HTMLInputAttributes, 'value' | 'name'> {
		label: string;
		name: string;
		attempt: Attempt;
		value: string;
		hint?: string;
		unit?: string;
		/** Whether it cannot be left empty; the server says so, in the reader’s words. */
		needed?: boolean;
	}
	let { label, name, attempt, value = $bindable(), hint, unit, needed, ...rest }: Props = $props();
</script>

<Field {label} {name} {attempt} {hint} {needed}>
	{#snippet children({ id, invalid, describedBy })}
		<span class="flex items-center gap-2">
			<input
				{id}
				{name}
				bind:value
				class={['input w-full min-w-0', invalid && 'input-error']}
				aria-invalid={invalid}
				aria-required={needed}
				aria-describedby={describedBy}
				autocomplete="off"
				{...rest}
			/>
			{#if unit}<span class="shrink-0 text-sm text-soft">{unit}</span>{/if}
		</span>
	{/snippet}
</Field>
