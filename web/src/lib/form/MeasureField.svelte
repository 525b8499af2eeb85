<script lang="ts">
	import { untrack } from 'svelte';
	import { session } from '$lib/api/session.svelte';
	import { MEASURES, numberTyped } from '$lib/units/units';
	import type { Attempt } from './attempt.svelte';
	import TextField from './TextField.svelte';

	interface Props {
		label: string;
		name: string;
		attempt: Attempt;
		kind: keyof typeof MEASURES;
		/** In SI, as text; what is typed, while that is no number. */
		value: string;
		hint?: string;
	}
	/** A length, ground or warmth, typed in the reader's units. */
	let { label, name, attempt, kind, value = $bindable(), hint }: Props = $props();

	const measure = untrack(() => MEASURES[kind][session.units]);
	let typed = $state(
		untrack(() => (value.trim() === '' ? '' : String(Number(measure.shown(Number(value)).toPrecision(6)))))
	);

	$effect(() => {
		const number = numberTyped(typed);
		value = Number.isNaN(number) ? typed : String(Number(measure.si(number).toPrecision(12)));
	});
</script>

<TextField {label} {name} {attempt} bind:value={typed} inputmode="decimal" unit={measure.unit} {hint} />
