<script lang="ts">
	import type { Attempt } from '$lib/form/attempt.svelte';
	import { CURRENCIES, ZONES } from './place';
	import SearchField from './SearchField.svelte';

	interface Props {
		attempt: Attempt;
		timeZone: string;
		currency: string;
		labels: { timeZone: string; currency: string };
	}
	let { attempt, timeZone = $bindable(), currency = $bindable(), labels }: Props = $props();
</script>

<SearchField
	label={labels.timeZone}
	name="timeZone"
	{attempt}
	bind:value={timeZone}
	choices={ZONES.map((value) => ({ value }))}
	hint="a town of it is enough, such as Berlin"
/>
<SearchField
	label={labels.currency}
	name="currency"
	{attempt}
	bind:value={currency}
	choices={CURRENCIES.map(({ code, name }) => ({ value: code, name }))}
	hint="its letters, sign or name, such as EUR, € or euro"
/>
