<script lang="ts">
	import type { Attempt } from './attempt.svelte';
	import DayInput from './DayInput.svelte';
	import Field from './Field.svelte';

	interface Props {
		label: string;
		name: string;
		attempt: Attempt;
		/** As ISO; what is typed, while that is no day. */
		value: string;
		/** Whether it has an hour. */
		time?: boolean;
		/** The last day that may be chosen. */
		max?: string;
		hint?: string;
		/** Whether it cannot be left empty. */
		needed?: boolean;
	}
	let { label, name, attempt, value = $bindable(), time, max, hint, needed }: Props = $props();
</script>

<Field {label} {name} {attempt} {hint} {needed}>
	{#snippet children(field)}
		<DayInput {...field} {name} {time} {max} {needed} bind:value />
	{/snippet}
</Field>
