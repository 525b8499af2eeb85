<script lang="ts">
	import type { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { CURRENCIES } from './place';

	interface Props {
		label: string;
		attempt: Attempt;
		value: string;
	}
	let { label, attempt, value = $bindable() }: Props = $props();
	const id = $props.id();
</script>

<TextField
	{label}
	name="currency"
	{attempt}
	bind:value
	list={id}
	required
	hint="its letters, sign or name, such as EUR, € or euro"
/>
<datalist {id}>
	{#each CURRENCIES as one (one.code)}<option value={one.code}>{one.name}</option>{/each}
</datalist>
