<script lang="ts">
	import { untrack } from 'svelte';
	import Fields from '$lib/form/Fields.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { count, pick, text, yes, YES } from '$lib/form/kinds';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { capital } from '$lib/words/words';

	type Request = Schemas['VarietyRequest'];
	interface Props {
		attempt: Attempt;
		crops: Schemas['CropLine'][];
		/** The variety as it stands, when it is corrected. */
		variety?: Schemas['VarietyView'];
		save: (request: Request) => Promise<void>;
		taken?: () => void;
	}
	let { attempt, crops, variety, save, taken = () => {} }: Props = $props();

	const was = untrack(() => variety);
	const form = new Form(
		{
			cropKey: pick(
				'Crop',
				() => [
					{ value: '', label: 'choose a crop' },
					...crops.map((crop) => ({ value: crop.key, label: `${crop.name}, ${crop.species}` }))
				],
				{ needed: true }
			),
			name: text('Name', { needed: true }),
			source: text('Source', { needed: true, hint: 'who it came from, or where' }),
			yearReceived: count('Year received', { needed: true, start: session.today.slice(0, 4) }),
			treated: yes('treated seed: never eaten or fed'),
			hybrid: yes('F1 hybrid: its seed does not come true'),
			breedingOut: yes('a breeding-out project of several years, under a name of its own', {
				when: ({ hybrid }) => hybrid === YES
			}),
			bredFrom: text('Bred out of', {
				when: ({ hybrid, breedingOut }) => hybrid === YES && breedingOut === YES,
				hint: 'the seed that is kept never goes under this name'
			})
		},
		was,
		untrack(() => attempt)
	);
	let trueToType = $state(
		was?.trueToType ?? { leaf: '', habit: '', colour: '', maturity: '', root: '', fruit: '' }
	);

	const POINTS = [
		{ point: 'leaf', hint: 'shape, cut, colour, wax' },
		{ point: 'habit', hint: 'height, branching, vine or bush' },
		{ point: 'colour', hint: 'of stalk and flower' },
		{ point: 'maturity', hint: 'when it bolts, flowers, ripens' },
		{ point: 'root', hint: 'or bulb or tuber: shape, skin, flesh' },
		{ point: 'fruit', hint: 'or pod, head or ear: shape, skin, flesh' }
	] as const;
	const send = () => {
		const { breedingOut = false, ...body } = form.body();
		return save({ ...body, breedingOut, trueToType });
	};
</script>

<FormOf
	{form}
	{send}
	draft="variety"
	act="Save variety"
	kept="the old value"
	{taken}
	class="max-w-2xl gap-x-6 gap-y-4 sm:grid-cols-2"
>
	{#if !was}
		<div>
			<Fields {form} of={['cropKey']} />
			<a class="quiet mt-1 inline-block text-sm" href="/handbook/new">a crop that is not in the Handbook</a>
		</div>
	{/if}
	<Fields {form} of={['name', 'source', 'yearReceived']} />
	<fieldset class="grid gap-2 sm:col-span-2">
		<legend class="mb-1 text-sm font-semibold">The seed it came as</legend>
		<Fields {form} of={['treated', 'hybrid']} />
		<div class="ml-7 grid gap-2 empty:hidden"><Fields {form} of={['breedingOut', 'bredFrom']} /></div>
	</fieldset>
	<fieldset class="grid gap-x-6 gap-y-3 sm:col-span-2 sm:grid-cols-2">
		<legend class="mb-1 text-sm font-semibold">True to type: what is looked for in the rows</legend>
		{#each POINTS as { point, hint } (point)}
			<TextField
				label={capital(point)}
				name={point}
				{attempt}
				maxlength={200}
				{hint}
				bind:value={trueToType[point]}
			/>
		{/each}
	</fieldset>
</FormOf>
