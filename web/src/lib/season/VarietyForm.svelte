<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import Correcting from '$lib/form/Correcting.svelte';
	import CropField from '$lib/form/CropField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { countIn } from '$lib/form/typed';
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

	// svelte-ignore state_referenced_locally
	const was = variety;
	let cropKey = $state(was?.cropKey ?? '');
	let name = $state(was?.name ?? '');
	let source = $state(was?.source ?? '');
	let yearReceived = $state(String(was?.yearReceived ?? session.today.slice(0, 4)));
	let treated = $state(was?.treated ?? false);
	let hybrid = $state(was?.hybrid ?? false);
	let breedingOut = $state(was?.breedingOut ?? false);
	let bredFrom = $state(was?.bredFrom ?? '');
	let trueToType = $state(
		was?.trueToType ?? { leaf: '', habit: '', colour: '', maturity: '', root: '', fruit: '' }
	);
	let reason = $state('');
	let version = $state(was?.version);

	const LABELS = {
		cropKey: 'Crop',
		name: 'Name',
		source: 'Source',
		yearReceived: 'Year received',
		bredFrom: 'Bred out of',
		reason: 'Why it is corrected'
	};
	const POINTS = [
		{ point: 'leaf', hint: 'shape, cut, colour, wax' },
		{ point: 'habit', hint: 'height, branching, vine or bush' },
		{ point: 'colour', hint: 'of stalk and flower' },
		{ point: 'maturity', hint: 'when it bolts, flowers, ripens' },
		{ point: 'root', hint: 'or bulb or tuber: shape, skin, flesh' },
		{ point: 'fruit', hint: 'or pod, head or ear: shape, skin, flesh' }
	] as const;
	const yes = (truth: unknown) => (truth ? 'yes' : 'no');

	function send() {
		void attempt.run(() =>
			save({
				cropKey,
				name,
				source,
				yearReceived: countIn('yearReceived', yearReceived),
				treated,
				hybrid,
				breedingOut: hybrid && breedingOut,
				...(hybrid && breedingOut ? { bredFrom } : {}),
				trueToType,
				...(was ? { version, reason } : {})
			})
		);
	}
</script>

<form
	class="grid max-w-2xl gap-x-6 gap-y-4 sm:grid-cols-2"
	onsubmit={(event) => {
		event.preventDefault();
		send();
	}}
>
	{#if !was}<Draft of="variety" {attempt} />{/if}
	{#if !was}
		<div>
			<CropField {attempt} {crops} bind:value={cropKey} />
			<a class="quiet mt-1 inline-block text-sm" href="/handbook/new">a crop that is not in the Handbook</a>
		</div>
	{/if}
	<TextField label={LABELS.name} name="name" needed {attempt} bind:value={name} />
	<TextField
		label={LABELS.source}
		name="source"
		needed
		{attempt}
		bind:value={source}
		hint="who it came from, or where"
	/>
	<TextField
		label={LABELS.yearReceived}
		name="yearReceived"
		needed
		{attempt}
		bind:value={yearReceived}
		inputmode="numeric"
	/>
	<fieldset class="grid gap-2 sm:col-span-2">
		<legend class="mb-1 text-sm font-semibold">The seed it came as</legend>
		<label class="flex gap-2"
			><input type="checkbox" class="checkbox" bind:checked={treated} /> treated seed: never eaten or fed</label
		>
		<label class="flex gap-2"
			><input type="checkbox" class="checkbox" bind:checked={hybrid} /> F1 hybrid: its seed does not come true</label
		>
		{#if hybrid}
			<label class="ml-7 flex gap-2">
				<input type="checkbox" class="checkbox" bind:checked={breedingOut} />
				a breeding-out project of several years, under a name of its own
			</label>
			{#if breedingOut}
				<div class="ml-7">
					<TextField
						label={LABELS.bredFrom}
						name="bredFrom"
						{attempt}
						bind:value={bredFrom}
						hint="the seed that is kept never goes under this name"
					/>
				</div>
			{/if}
		{/if}
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
	<Correcting
		{attempt}
		labels={LABELS}
		asked={!!was}
		kept="the old value"
		bind:reason
		bind:version
		rows={(theirs) => [
			{ label: LABELS.name, mine: name, theirs: String(theirs.name) },
			{ label: LABELS.source, mine: source, theirs: String(theirs.source) },
			{ label: LABELS.yearReceived, mine: yearReceived, theirs: String(theirs.yearReceived) },
			{ label: 'Treated', mine: yes(treated), theirs: yes(theirs.treated) },
			{ label: 'F1 hybrid', mine: yes(hybrid), theirs: yes(theirs.hybrid) }
		]}
		{send}
		takeTheirs={taken}
	>
		<Act main type="submit" disabled={attempt.busy}>{was ? 'Save correction' : 'Save variety'}</Act>
	</Correcting>
</form>
