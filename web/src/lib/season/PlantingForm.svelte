<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { tick } from 'svelte';
	import { written } from '$lib/units/units';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Correcting from '$lib/form/Correcting.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import MeasureField from '$lib/form/MeasureField.svelte';
	import { maybeNumberIn, countIn, numberIn } from '$lib/form/typed';
	import { CONTROL, cropWord, GRADE, PURPOSE } from '$lib/words/words';
	import { onGroundFrom } from './bedBoard';
	import BedsTaken from './BedsTaken.svelte';
	import { seasonName } from './year';

	type Request = Schemas['PlantingRequest'];
	interface Props {
		attempt: Attempt;
		varieties: Schemas['VarietyView'][];
		plots: Schemas['PlotView'][];
		beds: Schemas['BedView'][];
		planting?: Schemas['PlantingView'];
		variety?: string;
		/** How many plants are proposed. */
		grow?: string;
		/** Where it is to stand, and from when. */
		place?: { plot: string; bed: string; from: string };
		season?: number;
		/** Called with what is typed as soon as it is whole, to show at once what it means. */
		tried: (request: Request) => void;
		save: (request: Request) => Promise<void>;
		/** Days and plants for a variety, to begin with. */
		propose?: (variety: string, season: number, grade: Request['grade']) => Promise<Schemas['ProposalView']>;
		taken?: () => void;
		/** What the last try was refused for, before it is kept. */
		refused?: string;
		/** The scheme it is planned in, when it is not the plan. */
		schemeId?: string;
	}
	let {
		attempt,
		varieties,
		plots,
		beds,
		planting,
		variety,
		grow = '',
		place,
		season: asked,
		tried,
		save,
		propose,
		taken = () => {},
		refused,
		schemeId
	}: Props = $props();

	// svelte-ignore state_referenced_locally
	const was = planting;
	// svelte-ignore state_referenced_locally
	let varietyId = $state(was?.variety.id ?? variety ?? '');
	// svelte-ignore state_referenced_locally
	let season = $state(String(was?.season ?? asked ?? session.season));
	// svelte-ignore state_referenced_locally
	let plotId = $state(was?.plotId ?? (place?.plot || plots[0]?.id) ?? '');
	let purpose = $state<Request['purpose']>(was?.purpose ?? 'SEED');
	let grade = $state<Request['grade']>(was?.grade ?? 'MARKET');
	let eatenInFlower = $state(was?.flowers ?? false);
	let sownOn = $state(was?.sownOn ?? '');
	let setOutOn = $state(was?.setOutOn ?? '');
	// svelte-ignore state_referenced_locally
	let plants = $state(String(was?.plants ?? grow));
	let germination = $state(written(was?.germination ?? 85));
	type Taken = Record<string, { from: string; to: string }>;
	const typed = (stretches: Schemas['Stretch'][]): Taken =>
		Object.fromEntries(
			stretches.map((stretch) => [stretch.bedId, { from: written(stretch.from), to: written(stretch.to) }])
		);
	// svelte-ignore state_referenced_locally
	const placedOn = beds.find((bed) => bed.id === place?.bed);
	let taking = $state(
		typed(
			was?.stretches ?? (placedOn ? [{ bedId: placedOn.id, from: 0, to: Math.floor(placedOn.length) }] : [])
		)
	);
	let rootsTaking = $state(typed(was?.rootStretches ?? []));
	let inRow = $state(written(was?.inRow));
	let betweenRows = $state(written(was?.betweenRows));
	let selected = $state(was && was.selected < 1 ? String(Math.round(was.selected * 100)) : '');
	let stored = $state(was?.liftedOn !== undefined);
	let liftedOn = $state(was?.liftedOn ?? '');
	let replantedOn = $state(was?.replantedOn ?? '');
	let rootPlotId = $state(was?.rootPlotId ?? '');
	let clearedOn = $state(was?.clearedOn ?? '');
	let control = $state<NonNullable<Request['control']>>(was?.control ?? 'OPEN');
	let everyFlower = $state(was?.everyFlower ?? false);
	let dropped = $state(written(was?.dropped || undefined));
	let flowersFrom = $state(was?.flowersFrom ?? '');
	let flowersUntil = $state(was?.flowersUntil ?? '');
	let restOverruled = $state(was?.restOverruled ?? '');
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
		stretches: 'Beds',
		rootStretches: 'Beds the roots grow on',
		inRow: 'Between plants',
		betweenRows: 'Between rows',
		selected: 'Kept when the best are chosen',
		liftedOn: 'Roots lifted on',
		replantedOn: 'Replanted on',
		clearedOn: 'Off the ground by',
		control: 'Foreign pollen is kept out',
		dropped: 'Outer rows without seed',
		flowersFrom: 'Flowers picked off until',
		flowersUntil: 'Last flowers let open on',
		restOverruled: 'Why it may stand here all the same',
		reason: 'Why it is changed',
		flowers: 'Flowers'
	};
	/** Cages by turns are begun for two at once, as a way out. */
	const controls = (['OPEN', 'CAGED', 'BY_TURNS', 'BAGGED', 'HAND_POLLINATED'] as const).filter(
		(value) => value !== 'BY_TURNS' || was?.control === 'BY_TURNS'
	);
	const bedsHere = $derived(beds.filter((bed) => bed.plotId === plotId));
	const rootBeds = $derived(beds.filter((bed) => bed.plotId === rootPlotId));
	const lifeCycle = $derived(
		varieties.find((one) => one.id === varietyId)?.lifeCycle ?? was?.variety.lifeCycle
	);
	const clonal = $derived(lifeCycle === 'CLONAL');
	const purposes = $derived(
		(clonal ? (['PLANTING_STOCK', 'EATING'] as const) : (['SEED', 'EATING'] as const)).map((value) => ({
			value,
			label: PURPOSE[value]
		}))
	);
	$effect(() => {
		if (!purposes.some(({ value }) => value === purpose)) purpose = purposes[0].value;
	});
	const resting = $derived(
		restOverruled !== '' || refused === 'restOverruled' || attempt.problem?.field === 'restOverruled'
	);

	function stretches(field: string, here: Schemas['BedView'][], taken: Taken) {
		return here
			.filter((bed) => taken[bed.id])
			.map((bed) => ({
				bedId: bed.id,
				from: numberIn(field, taken[bed.id].from),
				to: numberIn(field, taken[bed.id].to)
			}));
	}
	const share = (typed: string) => {
		const percent = maybeNumberIn('selected', typed);
		return percent === undefined ? undefined : percent / 100;
	};
	const plotName = (id: string) => plots.find((plot) => plot.id === id)?.name ?? id;

	function request(): Request {
		return {
			season: countIn('season', season),
			varietyId,
			plotId,
			stretches: stretches('stretches', bedsHere, taking),
			purpose,
			grade,
			flowers: purpose !== 'EATING' || eatenInFlower,
			sownOn,
			...(setOutOn ? { setOutOn } : {}),
			...(stored && liftedOn ? { liftedOn } : {}),
			...(stored && replantedOn ? { replantedOn } : {}),
			...(stored && rootPlotId
				? { rootPlotId, rootStretches: stretches('rootStretches', rootBeds, rootsTaking) }
				: {}),
			...(purpose !== 'SEED' && clearedOn ? { clearedOn } : {}),
			plants: countIn('plants', plants),
			inRow: maybeNumberIn('inRow', inRow),
			betweenRows: maybeNumberIn('betweenRows', betweenRows),
			germination: numberIn('germination', germination),
			selected: share(selected),
			control,
			everyFlower,
			dropped: maybeNumberIn('dropped', dropped),
			volunteersPulled: was?.volunteersPulled,
			turns: was?.turns,
			...(flowersFrom ? { flowersFrom } : {}),
			...(flowersUntil ? { flowersUntil } : {}),
			restOverruled,
			schemeId,
			...(was ? { version, reason: schemeId ? 'tried' : reason } : {})
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

	// What is proposed follows variety, season and grade, until it is typed over.
	let proposed = $state.raw<Schemas['ProposalView']>();
	$effect(() => {
		const year = Number(season);
		if (was || !propose || !varietyId || !(year >= 2000 && year < 2100)) return;
		const asked = [varietyId, season, grade].join();
		void propose(varietyId, year, grade).then((days) => {
			if (asked === [varietyId, season, grade].join())
				offer(place?.from ? onGroundFrom(days, place.from) : days);
		});
	});
	/** The season that stands there until another is typed: what is usually sown by now waits for the next. */
	// svelte-ignore state_referenced_locally
	let untyped = was || asked ? undefined : season;
	function offer(days: Schemas['ProposalView']) {
		if (season === untyped && days.sownOn < session.today && Number(season) <= session.season + 1) {
			untyped = season = String(Number(season) + 1);
			return;
		}
		const before = proposed;
		const over = (typed: string, last: string | number | undefined, now: string | number | undefined) =>
			typed === '' || typed === String(last ?? '') ? String(now ?? '') : typed;
		const storedBefore = before?.liftedOn !== undefined;
		if (!before || stored === storedBefore) stored = days.liftedOn !== undefined;
		sownOn = over(sownOn, before?.sownOn, days.sownOn);
		setOutOn = over(setOutOn, before?.setOutOn, days.setOutOn);
		liftedOn = over(liftedOn, before?.liftedOn, days.liftedOn);
		replantedOn = over(replantedOn, before?.replantedOn, days.replantedOn);
		clearedOn = over(clearedOn, before?.clearedOn, days.clearedOn);
		plants = over(plants, before?.plants, days.plants);
		proposed = days;
		void tick().then(selectAgain);
	}
	/** Whoever stands in the number of plants types over what is proposed meanwhile, never behind it. */
	function selectAgain() {
		const at = document.activeElement;
		if (at instanceof HTMLInputElement && at.name === 'plants' && at.value === String(proposed?.plants))
			at.select();
	}
	const asProposed = $derived(
		proposed !== undefined && sownOn === proposed.sownOn && setOutOn === (proposed.setOutOn ?? '')
	);

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
	{#if !was}<Draft of="planting" {attempt} />{/if}
	{#if !was}
		<div class="sm:col-span-2">
			<ChoiceField
				label={LABELS.varietyId}
				name="varietyId"
				needed
				{attempt}
				bind:value={varietyId}
				choices={[
					{ value: '', label: 'choose a variety' },
					...varieties.map((one) => ({ value: one.id, label: `${one.name}, ${cropWord(one.cropName)}` }))
				]}
			/>
			<a class="quiet mt-1 inline-block text-sm" href="/desk/varieties/new">a variety not listed yet</a>
		</div>
	{/if}
	<ChoiceField label={LABELS.purpose} name="purpose" {attempt} bind:value={purpose} choices={purposes} />
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
		needed
		{attempt}
		bind:value={season}
		inputmode="numeric"
		hint={session.south && Number(season) > 2000
			? `the summer of ${seasonName(Number(season))}`
			: 'the year of its seed'}
	/>
	<ChoiceField
		label={LABELS.plotId}
		name="plotId"
		needed
		{attempt}
		bind:value={plotId}
		choices={plots.map((plot) => ({ value: plot.id, label: plot.name }))}
	/>
	{#if bedsHere.length > 0}
		<BedsTaken
			legend={LABELS.stretches}
			beds={bedsHere}
			bind:taking
			none="none chosen: it takes the whole plot"
		/>
	{/if}
	<TextField
		label={clonal ? 'Planted on' : LABELS.sownOn}
		name="sownOn"
		needed
		type="date"
		{attempt}
		bind:value={sownOn}
		hint={lifeCycle === 'PERENNIAL' ? 'of the stand, in whatever year' : undefined}
	/>
	{#if !clonal}
		<TextField
			label={LABELS.setOutOn}
			name="setOutOn"
			type="date"
			{attempt}
			bind:value={setOutOn}
			hint="only when raised under glass"
		/>
	{/if}
	{#if asProposed}
		<p class="text-sm text-soft sm:col-span-2">
			Days are proposed from the crop, {session.farm?.firstFrost
				? 'your frosts and the usual warmth'
				: 'the usual warmth, as no frosts are told,'} and no longer under glass than it must be to ripen.
			{proposed!.sownOn < session.today
				? 'The usual day of sowing is past.'
				: 'Change them as you know better.'}
		</p>
	{/if}
	<TextField
		label={LABELS.plants}
		name="plants"
		needed
		{attempt}
		bind:value={plants}
		inputmode="numeric"
		hint={clonal ? 'tubers, bulbs or cloves that are planted' : 'that should give seed'}
	/>
	{#if !clonal}
		<TextField
			label={LABELS.germination}
			name="germination"
			needed
			{attempt}
			bind:value={germination}
			inputmode="decimal"
			unit="%"
		/>
	{/if}
	{#if purpose !== 'SEED'}
		<TextField
			label={clonal ? 'Lifted on' : LABELS.clearedOn}
			name="clearedOn"
			type="date"
			{attempt}
			bind:value={clearedOn}
			hint={clonal ? undefined : 'what stands longer than its bloom counts as flowering'}
		/>
	{/if}
	{#if lifeCycle === 'BIENNIAL'}
		<label class="flex gap-2 sm:col-span-2">
			<input type="checkbox" class="checkbox" bind:checked={stored} /> roots are lifted, kept over winter and replanted
			(root-to-seed); otherwise it winters where it stands
		</label>
		{#if stored}
			<TextField label={LABELS.liftedOn} name="liftedOn" type="date" {attempt} bind:value={liftedOn} />
			<TextField
				label={LABELS.replantedOn}
				name="replantedOn"
				type="date"
				{attempt}
				bind:value={replantedOn}
				hint="on the plot above"
			/>
			<ChoiceField
				label="Roots grow on"
				name="rootPlotId"
				{attempt}
				bind:value={rootPlotId}
				choices={[
					{ value: '', label: 'not said' },
					...plots.map((plot) => ({ value: plot.id, label: plot.name }))
				]}
			/>
			{#if rootBeds.length > 0}
				<BedsTaken
					legend={LABELS.rootStretches}
					beds={rootBeds}
					bind:taking={rootsTaking}
					none="none chosen: nothing is held free for them"
				/>
			{/if}
		{/if}
	{/if}
	<details
		class="sm:col-span-2"
		open={was !== undefined && (control !== 'OPEN' || selected + dropped + flowersFrom + flowersUntil !== '')}
	>
		<summary class="cursor-pointer underline">spacing, choosing the best, keeping it true</summary>
		<div class="mt-3 grid gap-x-5 gap-y-4 sm:grid-cols-2">
			<MeasureField
				kind="length"
				label={LABELS.inRow}
				name="inRow"
				{attempt}
				bind:value={inRow}
				hint="empty: as is usual for the crop"
			/>
			<MeasureField
				kind="length"
				label={LABELS.betweenRows}
				name="betweenRows"
				{attempt}
				bind:value={betweenRows}
				hint="empty: as is usual for the crop"
			/>
			<TextField
				label={LABELS.selected}
				name="selected"
				{attempt}
				bind:value={selected}
				inputmode="decimal"
				unit="%"
				hint="of what survives; empty when all are kept"
			/>
			<ChoiceField
				label={LABELS.control}
				name="control"
				{attempt}
				bind:value={control}
				choices={controls.map((value) => ({
					value,
					label: value === 'OPEN' ? 'not at all' : CONTROL[value].toLowerCase()
				}))}
			/>
			{#if purpose === 'SEED'}
				<MeasureField
					kind="length"
					label={LABELS.dropped}
					name="dropped"
					{attempt}
					bind:value={dropped}
					hint="on each side; empty when all of it is kept"
				/>
				<TextField
					label={LABELS.flowersFrom}
					name="flowersFrom"
					type="date"
					{attempt}
					bind:value={flowersFrom}
					hint="empty when the first are let open"
				/>
				<TextField
					label={LABELS.flowersUntil}
					name="flowersUntil"
					type="date"
					{attempt}
					bind:value={flowersUntil}
					hint="later ones are picked off"
				/>
			{/if}
			{#if control === 'BAGGED' || control === 'HAND_POLLINATED'}
				<label class="flex gap-2 sm:col-span-2">
					<input type="checkbox" class="checkbox" bind:checked={everyFlower} /> every other flower is removed, so
					that it sheds no pollen either
				</label>
			{/if}
		</div>
	</details>
	<Correcting
		{attempt}
		labels={LABELS}
		asked={!!was && !schemeId}
		kept="the old plan"
		bind:reason
		bind:version
		rows={(theirs) => [
			{ label: LABELS.season, mine: season, theirs: String(theirs.season) },
			{ label: LABELS.plotId, mine: plotName(plotId), theirs: String(theirs.plotName) },
			{ label: LABELS.grade, mine: GRADE[grade], theirs: GRADE[theirs.grade as Request['grade']] },
			{ label: LABELS.sownOn, mine: sownOn, theirs: String(theirs.sownOn) },
			{ label: LABELS.setOutOn, mine: setOutOn, theirs: String(theirs.setOutOn ?? '') },
			{ label: LABELS.plants, mine: plants, theirs: String(theirs.plants) },
			{ label: LABELS.germination, mine: germination, theirs: String(theirs.germination) }
		]}
		{send}
		takeTheirs={taken}
	>
		<Act main type="submit" disabled={attempt.busy}>{was ? 'Save change' : 'Save planting'}</Act>
	</Correcting>
	<!-- Below the act, which would otherwise move from under a thumb when the answer comes. -->
	{#if resting}
		<div class="sm:col-span-2">
			<TextField
				label={LABELS.restOverruled}
				name="restOverruled"
				{attempt}
				bind:value={restOverruled}
				hint="its family stood here too lately"
			/>
		</div>
	{/if}
</form>
