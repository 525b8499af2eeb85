<script lang="ts">
	import type { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';

	interface Props {
		label: string;
		name: string;
		attempt: Attempt;
		value: string;
		/** All it may be, each with what else it is found by. */
		choices: { value: string; name?: string }[];
		hint: string;
	}
	/** One of many, found by a part of its name. */
	let { label, name, attempt, value = $bindable(), choices, hint }: Props = $props();
	const id = $props.id();
</script>

<TextField {label} {name} {attempt} bind:value list={id} required {hint} />
<datalist {id}>
	{#each choices as choice (choice.value)}<option value={choice.value}>{choice.name ?? ''}</option>{/each}
</datalist>
