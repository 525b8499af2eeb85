<script lang="ts">
	import type { Attempt } from '$lib/form/attempt.svelte';
	import MeasureField from '$lib/form/MeasureField.svelte';
	import type { Units } from '$lib/units/units';

	interface Props {
		attempt: Attempt;
		coldestMonth: string;
		warmestMonth: string;
		labels: { coldestMonth: string; warmestMonth: string };
		/** In which they are typed, where it is not the reader's own. */
		units?: Units;
	}
	let { attempt, coldestMonth = $bindable(), warmestMonth = $bindable(), labels, units }: Props = $props();
</script>

<div class="grid gap-4 sm:grid-cols-2">
	<MeasureField
		label={labels.coldestMonth}
		name="coldestMonth"
		kind="warmth"
		{units}
		{attempt}
		bind:value={coldestMonth}
		required
		needed
		hint="usual mean of it, day and night"
	/>
	<MeasureField
		label={labels.warmestMonth}
		name="warmestMonth"
		kind="warmth"
		{units}
		{attempt}
		bind:value={warmestMonth}
		required
		needed
		hint="the station nearest to you tells both"
	/>
</div>
