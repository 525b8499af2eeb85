<script lang="ts">
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { labelsOf, SHEETS, type Sheet } from './labels';

	interface Props {
		number: string;
	}
	/** Labels of a lot's containers: how many, and from where on a sheet that is begun. */
	let { number }: Props = $props();
	const attempt = new Attempt();
	let containers = $state('1');
	let first = $state('1');
	let begin = $state('1');
	let sheet = $state<Sheet>('');
	const href = $derived(labelsOf(`/api/lots/${number}/label.pdf`, { containers, first, begin, sheet }));
</script>

<div class="flex flex-wrap items-end gap-x-4 gap-y-2">
	<TextField label="Labels" name="containers" {attempt} bind:value={containers} inputmode="numeric" />
	<TextField label="First container" name="first" {attempt} bind:value={first} inputmode="numeric" />
	<TextField
		label="Begin at label"
		name="begin"
		{attempt}
		bind:value={begin}
		inputmode="numeric"
		hint="1 on a fresh sheet, 8 to a sheet"
	/>
	<ChoiceField label="Sheet" name="sheet" {attempt} bind:value={sheet} choices={SHEETS} />
	<div class="pb-2"><Act main newTab {href}>As PDF</Act></div>
</div>
