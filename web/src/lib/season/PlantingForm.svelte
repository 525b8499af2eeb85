<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Clash from '$lib/form/Clash.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';
	import { cropWord, GRADE, PURPOSE } from '$lib/words/words';

	type Request = Schemas['PlantingRequest'];
	interface Props {
		attempt: Attempt;
		varieties: Schemas['VarietyView'][];
		plots: Schemas['PlotView'][];
		planting?: Schemas['PlantingView'];
		variety?: string;
		season?: number;
		/** Called with what is typed as soon as it is whole, to show at once what it means. */
		tried: (request: Request) => void;
		save: (request: Request) => Promise<void>;
		taken?: () => void;
	}
	let {
		attempt,
		varieties,
		plots,
		planting,
		variety,
		season: asked,
		tried,
		save,
		taken = () => {}
	}: Props = $props();

	// svelte-ignore state_referenced_locally
	const was = planting;
	// svelte-ignore state_referenced_locally
	let varietyId = $state(was?.variety.id ?? variety ?? '');
	// svelte-ignore state_referenced_locally
	let season = $state(String(was?.season ?? asked ?? session.today.slice(0, 4)));
	// svelte-ignore state_referenced_locally
	let plotId = $state(was?.plotId ?? plots[0]?.id ?? '');
	let purpose = $state<Request['purpose']>(was?.purpose ?? 'SEED');
	let grade = $state<Request['grade']>(was?.grade ?? 'MARKET');
	let eatenInFlower = $state(was?.flowers ?? false);
	let sownOn = $state(was?.sownOn ?? '');
	let setOutOn = $state(was?.setOutOn ?? '');
	let plants = $state(String(was?.plants ?? ''));
	let germination = $state(String(was?.germination ?? '85'));
	let reason = $state('');
	let version = $state(was?.version);

	const LABELS = {
		varietyId: 'Variety',
		season: 'Season',
		plotId: 'Plot',
		purpose: 'For',
		grade: 'Grade',
		sownOn: 'Sown on',
		setOutOn: 'Set out on',
		plants: 'Plants',
		germination: 'Germination',
		reason: 'Why it is corrected',
		flowers: 'Flowers'
	};
	const plotName = (id: string) => plots.find((plot) => plot.id === id)?.name ?? id;

	function request(): Request {
		return {
			season: numberIn('season', season, 'a year'),
			varietyId,
			plotId,
			purpose,
			grade,
			flowers: purpose === 'SEED' || eatenInFlower,
			sownOn,
			...(setOutOn ? { setOutOn } : {}),
			plants: numberIn('plants', plants),
			germination: numberIn('germination', germination),
			...(was ? { version, reason } : {})
		};
	}

	$effect(() => {
		if (!varietyId || !plotId || !sownOn || !plants) return;
		try {
			tried(request());
		} catch {
			// What is typed is not a number yet; saying so waits until it is sent.
		}
	});

	function send() {
		void attempt.run(() => {
			const body = request();
			return save(body);
		});
	}
</script>

<form
	class="grid gap-x-5 gap-y-4 sm:grid-cols-2"
	onsubmit={(event) => {
		event.preventDefault();
		send();
	}}
>
	{#if !was}
		<div class="sm:col-span-2">
			<ChoiceField
				label={LABELS.varietyId}
				name="varietyId"
				{attempt}
				bind:value={varietyId}
				choices={[
					{ value: '', label: 'choose a variety' },
					...varieties.map((one) => ({ value: one.id, label: `${one.name}, ${cropWord(one.cropName)}` }))
				]}
			/>
			<a class="quiet text-sm" href="/desk/varieties/new">a variety not listed yet</a>
		</div>
	{/if}
	<ChoiceField
		label={LABELS.purpose}
		name="purpose"
		{attempt}
		bind:value={purpose}
		choices={[
			{ value: 'SEED', label: PURPOSE.SEED },
			{ value: 'EATING', label: PURPOSE.EATING }
		]}
	/>
	<ChoiceField
		label={LABELS.grade}
		name="grade"
		{attempt}
		bind:value={grade}
		choices={[
			{ value: 'OWN_USE', label: GRADE.OWN_USE },
			{ value: 'MARKET', label: GRADE.MARKET },
			{ value: 'STOCK', label: GRADE.STOCK }
		]}
	/>
	{#if purpose === 'EATING'}
		<label class="flex gap-2 sm:col-span-2">
			<input type="checkbox" class="checkbox" bind:checked={eatenInFlower} /> it will flower before it is eaten
			(fruit, pods, ears, bolted greens)
		</label>
	{/if}
	<TextField
		label={LABELS.season}
		name="season"
		{attempt}
		bind:value={season}
		inputmode="numeric"
		hint="the year of its seed"
	/>
	<ChoiceField
		label={LABELS.plotId}
		name="plotId"
		{attempt}
		bind:value={plotId}
		choices={plots.map((plot) => ({ value: plot.id, label: plot.name }))}
	/>
	<TextField label={LABELS.sownOn} name="sownOn" type="date" {attempt} bind:value={sownOn} />
	<TextField
		label={LABELS.setOutOn}
		name="setOutOn"
		type="date"
		{attempt}
		bind:value={setOutOn}
		hint="only when raised under glass"
	/>
	<TextField
		label={LABELS.plants}
		name="plants"
		{attempt}
		bind:value={plants}
		inputmode="numeric"
		hint="that should give seed"
	/>
	<TextField
		label={LABELS.germination}
		name="germination"
		{attempt}
		bind:value={germination}
		inputmode="decimal"
		unit="%"
	/>
	{#if was}
		<div class="sm:col-span-2">
			<TextField
				label={LABELS.reason}
				name="reason"
				{attempt}
				bind:value={reason}
				hint="the old plan is kept beside it"
			/>
		</div>
	{/if}
	<div class="grid gap-4 sm:col-span-2">
		<Clash
			{attempt}
			rows={(theirs) => [
				{ label: LABELS.season, mine: season, theirs: String(theirs.season) },
				{ label: LABELS.plotId, mine: plotName(plotId), theirs: String(theirs.plotName) },
				{ label: LABELS.grade, mine: GRADE[grade], theirs: GRADE[theirs.grade as Request['grade']] },
				{ label: LABELS.sownOn, mine: sownOn, theirs: String(theirs.sownOn) },
				{ label: LABELS.setOutOn, mine: setOutOn, theirs: String(theirs.setOutOn ?? '') },
				{ label: LABELS.plants, mine: plants, theirs: String(theirs.plants) },
				{ label: LABELS.germination, mine: germination, theirs: String(theirs.germination) }
			]}
			keepMine={(theirVersion) => {
				version = theirVersion;
				send();
			}}
			takeTheirs={taken}
		/>
		<Trouble {attempt} labels={LABELS} />
		<div>
			<Act main type="submit" disabled={attempt.busy}
				>{was ? 'Keep the correction' : 'Keep this planting'}</Act
			>
		</div>
	</div>
</form>
