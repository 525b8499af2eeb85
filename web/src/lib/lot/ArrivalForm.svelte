<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn, maybeCountIn } from '$lib/form/typed';
	import { cropWord } from '$lib/words/words';
	import { ARRIVAL_LABELS, WAY } from './arrival';

	type Way = Schemas['ArrivalView']['way'];
	interface Props {
		varieties: Schemas['VarietyView'][];
		/** How it came and from whom, where that is known already. */
		way?: Way;
		fromWhom?: string;
		kept: (lot: Schemas['LotView']) => void;
	}
	/** Gives seed a number that no planting here gave. */
	let { varieties, way: cameBy = 'BOUGHT', fromWhom: whom = '', kept }: Props = $props();
	const attempt = new Attempt();
	let varietyId = $state('');
	let way = $state<Way>(untrack(() => cameBy));
	let fromWhom = $state(untrack(() => whom));
	let oldNumber = $state('');
	let grams = $state(NaN);
	let grownIn = $state('');
	let cameOn = $state(session.today);
	let grade = $state<Schemas['LotView']['grade']>('MARKET');
	let plants = $state('');
	let treatment = $state('');
	let theirGermination = $state('');
	let theirTestOn = $state('');
	let note = $state('');

	function take(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () =>
			kept(
				await ask(
					POST('/api/lots/arrivals', {
						body: {
							varietyId: varietyId || undefined,
							grade,
							way,
							cameOn,
							mass: grams,
							fromWhom: way === 'BEFORE' ? '' : fromWhom,
							oldNumber,
							grownIn: countIn('grownIn', grownIn),
							plants: maybeCountIn('plants', plants),
							treatment,
							theirGermination: maybeCountIn('theirGermination', theirGermination),
							theirTestOn: theirTestOn || undefined,
							note
						}
					})
				)
			)
		);
	}
</script>

<form class="grid gap-x-5 gap-y-4 sm:grid-cols-2" onsubmit={take}>
	<Draft of="arrival" {attempt} />
	<div>
		<ChoiceField
			label={ARRIVAL_LABELS.varietyId}
			name="varietyId"
			needed
			{attempt}
			bind:value={varietyId}
			choices={[
				{ value: '', label: 'choose' },
				...varieties.map((one) => ({ value: one.id, label: `${one.name}, ${cropWord(one.cropName)}` }))
			]}
		/>
		<a class="quiet mt-1 inline-block text-sm" href="/desk/varieties/new">a variety not listed yet</a>
	</div>
	<ChoiceField
		label={ARRIVAL_LABELS.way}
		name="way"
		{attempt}
		bind:value={way}
		choices={(Object.keys(WAY) as Way[]).map((value) => ({ value, label: WAY[value] }))}
	/>
	<MassField label={ARRIVAL_LABELS.mass} name="mass" needed {attempt} bind:grams scale />
	<TextField
		label={ARRIVAL_LABELS.grownIn}
		name="grownIn"
		needed
		{attempt}
		bind:value={grownIn}
		inputmode="numeric"
	/>
	{#if way !== 'BEFORE'}
		<TextField
			label={ARRIVAL_LABELS.fromWhom}
			name="fromWhom"
			needed
			{attempt}
			bind:value={fromWhom}
			hint="a seed house, a neighbour"
		/>
	{/if}
	<TextField
		label={ARRIVAL_LABELS.oldNumber}
		name="oldNumber"
		{attempt}
		bind:value={oldNumber}
		maxlength={60}
		hint="it is kept, found and printed beside the new one"
	/>
	<TextField label={ARRIVAL_LABELS.cameOn} name="cameOn" needed type="date" {attempt} bind:value={cameOn} />
	<details class="sm:col-span-2">
		<summary class="cursor-pointer font-semibold">More: its grade, plants, treatment, and their test</summary>
		<div class="mt-3 grid gap-4 sm:grid-cols-2">
			<ChoiceField
				label={ARRIVAL_LABELS.grade}
				name="grade"
				{attempt}
				bind:value={grade}
				choices={[
					{ value: 'STOCK', label: 'stock seed' },
					{ value: 'MARKET', label: 'market' },
					{ value: 'OWN_USE', label: 'own use' }
				]}
			/>
			<TextField
				label={ARRIVAL_LABELS.plants}
				name="plants"
				{attempt}
				bind:value={plants}
				inputmode="numeric"
				hint="if anybody knows"
			/>
			<TextField
				label={ARRIVAL_LABELS.theirGermination}
				name="theirGermination"
				{attempt}
				bind:value={theirGermination}
				inputmode="numeric"
				unit="%"
				hint="as they say; your own test counts for selling"
			/>
			<TextField
				label={ARRIVAL_LABELS.theirTestOn}
				name="theirTestOn"
				type="date"
				{attempt}
				bind:value={theirTestOn}
			/>
			<TextField
				label={ARRIVAL_LABELS.treatment}
				name="treatment"
				{attempt}
				bind:value={treatment}
				hint="empty: untreated"
			/>
			<TextField label={ARRIVAL_LABELS.note} name="note" {attempt} bind:value={note} />
		</div>
	</details>
	<div class="grid gap-4 sm:col-span-2">
		<Trouble {attempt} labels={ARRIVAL_LABELS} />
		<div><Act main type="submit" disabled={attempt.busy}>Give it a number</Act></div>
	</div>
</form>
