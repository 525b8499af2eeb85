<script lang="ts">
	import type { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { ZONES } from './place';

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
	name="timeZone"
	{attempt}
	bind:value
	list={id}
	required
	hint="a town of it is enough, such as Berlin"
/>
<datalist {id}>
	{#each ZONES as zone (zone)}<option value={zone}></option>{/each}
</datalist>
