<script lang="ts" generics="T extends string">
	import type { Attempt } from './attempt.svelte';
	import Field from './Field.svelte';

	interface Props {
		label: string;
		name: string;
		attempt: Attempt;
		value: T;
		choices: { value: T; label: string }[];
		hint?: string;
		/** Whether it cannot be left empty. */
		needed?: boolean;
	}
	let { label, name, attempt, value = $bindable(), choices, hint, needed }: Props = $props();
</script>

<Field {label} {name} {attempt} {hint} {needed}>
	{#snippet children({ id, invalid, describedBy })}
		<select
			{id}
			{name}
			bind:value
			class={['select w-full', invalid && 'select-error']}
			aria-invalid={invalid}
			aria-required={needed}
			aria-describedby={describedBy}
		>
			{#each choices as choice (choice.value)}
				<option value={choice.value}>{choice.label}</option>
			{/each}
		</select>
	{/snippet}
</Field>
