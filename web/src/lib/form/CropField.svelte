<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import type { Attempt } from './attempt.svelte';
	import ChoiceField from './ChoiceField.svelte';

	interface Props {
		attempt: Attempt;
		value: string;
		crops: Schemas['CropLine'][];
	}
	let { attempt, value = $bindable(), crops }: Props = $props();
	const choices = $derived([
		{ value: '', label: 'choose a crop' },
		...crops.map((crop) => ({ value: crop.key, label: `${crop.name}, ${crop.species}` }))
	]);
</script>

<ChoiceField label="Crop" name="cropKey" {attempt} bind:value {choices} />
