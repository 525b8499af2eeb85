<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import type { Schemas } from '$lib/api/api';
	import Caution from './Caution.svelte';
	import Expected from './Expected.svelte';
	import GoneFields, { type Gone } from './GoneFields.svelte';
	import Seen from './Seen.svelte';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Correcting from '$lib/form/Correcting.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import MeasureField from '$lib/form/MeasureField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { massIn, maybeCountIn, maybeNumberIn } from '$lib/form/typed';
	import { mass, written } from '$lib/units/units';
	import { inZone } from '$lib/words/dates';
	import { extracted, FLOATING, HOW, MISSING, STEP, WAYS } from '$lib/words/words';

	type Request = Schemas['StepRequest'];
	type Kind = Request['kind'];
	type Reason = NonNullable<Request['missingReason']>;
	interface Props {
		attempt: Attempt;
		chain: Kind[];
		kind: Kind;
		/** What each kind of step asks. */
		kinds: Schemas['StepKindView'][];
		massBefore: number;
		/** The step under way, or the one that is corrected. */
		step?: Schemas['StepView'];
		/** How each kind of step was done the last time with this crop. */
		last?: Schemas['LastWay'][];
		/** What the farm's other lots of the crop let through in each kind of step. */
		shares?: Schemas['ShareAfter'][];
		/** The step done before; none for the first. */
		after?: Kind;
		/** Share of what there is that the steps left usually keep. */
		toKeep?: Schemas['Usual'];
		floating: Schemas['BenchView']['floating'];
		/** Ways of getting the seed of its crop out, the usual first. */
		ways: Schemas['BenchView']['ways'];
		correcting?: boolean;
		/** What the rules say of what is typed. */
		seen?: Schemas['StepTried'];
		tried: (request: Request) => void;
		begin?: (request: Request) => Promise<void>;
		finish: (request: Request) => Promise<void>;
		taken: () => void;
		/** The kind that is chosen, the offered one to begin with. */
		chosen?: Kind;
	}
	let {
		attempt,
		chain,
		kind,
		kinds,
		massBefore,
		step,
		last = [],
		shares = [],
		after,
		toKeep,
		floating,
		ways,
		correcting = false,
		seen,
		tried,
		begin,
		finish,
		taken,
		chosen = $bindable(kind)
	}: Props = $props();

	const usual = $derived(extracted(chosen, ways));
	// svelte-ignore state_referenced_locally
	const was = step;
	// svelte-ignore state_referenced_locally
	let inGrams = $state(was?.massIn ?? massBefore);
	let outGrams = $state(was?.massOut ?? NaN);
	let waterGrams = $state(was?.waterAdded || NaN);
	let gone = $state<Gone[]>(
		was && was.byProducts.length > 0
			? was.byProducts.map((one) => ({ grams: one.mass, what: one.what, goneTo: one.goneTo }))
			: [{ grams: NaN, what: '', goneTo: 'compost' }]
	);
	/** Counts how often a weight was put right, so that its field shows the new one. */
	let putRight = $state(0);
	let minutes = $state(written(was?.minutes));
	let people = $state(String(was?.people ?? 1));
	let vessels = $state(was?.vessels ?? '');
	let way = $state(was?.way ?? '');
	let hole = $state(written(was?.hole));
	let target = $state(written(was?.target));
	let rounds = $state(String(was?.rounds ?? ''));
	const typedMoisture = $state({
		moistureIn: written(was?.moistureIn),
		moistureOut: written(was?.moistureOut)
	});
	let temperature = $state(written(was?.temperature));
	let missingBecause = $state(was?.missingBecause ?? '');
	let missingReason = $state<Reason | ''>(was?.missingReason ?? '');
	let dampBecause = $state(was?.dampBecause ?? '');
	let note = $state(was?.note ?? '');
	const zone = session.farm?.timeZone ?? 'UTC';
	const local = (instant?: string) => (instant ? inZone(instant, zone) : '');
	let begunAt = $state(local(was?.begunAt));
	let endedAt = $state(local(was?.endedAt));
	let reason = $state('');
	let version = $state(was?.version);

	const LABELS = {
		kind: 'Step',
		massIn: 'Mass in',
		massOut: 'Mass out',
		waterAdded: 'Water added',
		byProduct: 'Removed',
		byProducts: 'Removed',
		minutes: 'Minutes of work',
		people: 'People',
		vessels: 'Vessels',
		way: 'How',
		hole: 'Holes of the screen',
		target: 'Dry it to',
		rounds: 'Rounds until clear',
		moistureIn: 'Moisture going in',
		moistureOut: 'Moisture coming out',
		temperature: 'Temperature',
		missingBecause: 'Why is mass missing?',
		dampBecause: 'Why it is frozen all the same',
		reason: 'Why it is corrected',
		begunAt: 'Begun',
		endedAt: 'Ended',
		what: 'what was removed'
	};
	const USUAL_GONE: Record<Kind, string> = {
		EXTRACT: 'flesh',
		FERMENT: '',
		RINSE: 'skins and floaters',
		DRY: '',
		THRESH: 'stalk and chaff',
		SCREEN: 'chaff',
		WINNOW: 'light seed and chaff',
		HAND_PICK: 'odd seed',
		SOAK: '',
		CHEMICAL_WASH: '',
		FREEZE: ''
	};
	const asks = $derived(kinds.find((one) => one.kind === chosen));
	const wet = $derived(asks?.wet ?? false);
	const takesTime = $derived(asks?.takesTime ?? false);
	const caution = $derived(HOW[chosen].caution);
	const before = $derived(last.find((one) => one.kind === chosen));
	const own = $derived(shares.find((one) => one.share.kind === chosen && one.after === after)?.share);
	/** Whether what leaves is likelier weighed in the larger unit. */
	const leavesHeavy = $derived(
		own ? inGrams * (1 - own.median) >= 1000 : inGrams >= 4000 && (wet || chosen === 'THRESH')
	);
	const doubted = $derived(Number.isFinite(outGrams) ? seen?.meant : undefined);
	const open = $derived(was !== undefined && was.massOut === undefined);

	function request(withOut: boolean): Request {
		return {
			kind: chosen,
			...(begunAt ? { begunAt } : {}),
			...(endedAt ? { endedAt } : {}),
			massIn: massIn('massIn', inGrams),
			waterAdded: Number.isFinite(waterGrams) ? waterGrams : 0,
			...(withOut ? { massOut: massIn('massOut', outGrams) } : {}),
			byProducts: gone
				.filter((one) => Number.isFinite(one.grams) && one.grams !== 0)
				.map((one) => ({
					what: one.what || USUAL_GONE[chosen] || 'what was left',
					mass: one.grams,
					goneTo: one.goneTo
				})),
			moistureIn: maybeNumberIn('moistureIn', typedMoisture.moistureIn),
			moistureOut: maybeNumberIn('moistureOut', typedMoisture.moistureOut),
			temperature: maybeNumberIn('temperature', temperature),
			minutes: maybeNumberIn('minutes', minutes),
			people: maybeCountIn('people', people) ?? 1,
			vessels,
			way,
			hole: maybeNumberIn('hole', hole),
			target: maybeNumberIn('target', target),
			rounds: maybeCountIn('rounds', rounds),
			...(missingReason ? { missingReason } : {}),
			missingBecause,
			dampBecause,
			note,
			...(was ? { version } : {}),
			...(correcting ? { reason } : {})
		};
	}

	$effect(() => {
		if (!Number.isFinite(outGrams)) return;
		try {
			tried(request(true));
		} catch {
			// What is typed is not a number yet; saying so waits until it is sent.
		}
	});

	const send = (withOut: boolean) =>
		void attempt.run(() => (withOut || !begin ? finish(request(withOut)) : begin(request(false))));
	const grams = (value: unknown) =>
		typeof value === 'number' && Number.isFinite(value) ? mass(value, session.units) : '–';
</script>

{#snippet moisture(which: 'moistureIn' | 'moistureOut')}
	<TextField
		label={LABELS[which]}
		name={which}
		{attempt}
		bind:value={typedMoisture[which]}
		inputmode="decimal"
		unit="%"
		hint="only if measured"
	/>
{/snippet}

<form
	class="grid gap-x-5 gap-y-4 sm:grid-cols-2"
	onsubmit={(event) => {
		event.preventDefault();
		send(true);
	}}
>
	{#if !correcting}<Draft of="step {step?.id ?? kind}" {attempt} />{/if}
	<p class="text-sm text-soft sm:col-span-2">
		{#if !open}<strong class="text-base text-ink"
				>{mass(inGrams || massBefore, session.units)} goes in.</strong
			>{/if}
		{HOW[chosen].how}
	</p>
	{#if before?.verdict === 'TOO_HARD'}
		<p class="font-semibold text-alarm sm:col-span-2">
			Last time this was set too hard{[before.way, before.hole ? `${before.hole} mm` : '']
				.filter(Boolean)
				.map((said) => `: ${said}`)
				.join('')}. Go softer.
		</p>
	{/if}
	{#if chosen === 'RINSE'}<p class="font-semibold sm:col-span-2">{FLOATING[floating]}</p>{/if}
	{#key putRight}
		<MassField
			label={LABELS.massOut}
			name="massOut"
			needed={!takesTime || was !== undefined}
			heavy={own ? inGrams * own.median >= 1000 : massBefore >= 4000}
			{attempt}
			bind:grams={outGrams}
			scale
			scaleKey={open ? undefined : 'r'}
			hint={takesTime && !was ? 'leave empty while it is under way' : 'seed and what is still with it'}
		/>
	{/key}
	{#if !correcting}<div class="sm:col-span-2"><Expected massIn={inGrams} {own} {toKeep} /></div>{/if}
	{#if !takesTime}
		<GoneFields {attempt} bind:gone heavy={leavesHeavy} usual={USUAL_GONE[chosen]} />
	{/if}
	{#if wet && !open}<MassField
			label={LABELS.waterAdded}
			name="waterAdded"
			heavy
			{attempt}
			bind:grams={waterGrams}
			hint="leave empty for none"
		/>{/if}
	{#if chosen === 'FERMENT'}<MeasureField
			kind="warmth"
			label={LABELS.temperature}
			name="temperature"
			{attempt}
			bind:value={temperature}
			hint="of the mash; the clock runs by it"
		/>{/if}
	{#if chosen === 'DRY'}
		{@render moisture('moistureIn')}
		{#if !open}
			<TextField
				label={LABELS.target}
				name="target"
				{attempt}
				bind:value={target}
				inputmode="decimal"
				unit="% moisture"
				hint="empty: what it threshes at, or what sealed packs need; 8 to 10 for paper"
			/>
		{/if}
		{@render moisture('moistureOut')}
	{/if}
	{#if chosen === 'RINSE'}
		<TextField label={LABELS.rounds} name="rounds" {attempt} inputmode="numeric" bind:value={rounds} />
	{/if}
	{#if chosen === 'SCREEN'}
		<TextField
			label={LABELS.hole}
			name="hole"
			{attempt}
			inputmode="decimal"
			unit="mm"
			bind:value={hole}
			hint={before?.hole ? `last time: ${before.hole} mm` : undefined}
		/>
	{/if}
	<TextField label={LABELS.minutes} name="minutes" {attempt} bind:value={minutes} inputmode="numeric" />

	<div class="grid gap-4 sm:col-span-2" aria-live="polite">
		{#if seen && Number.isFinite(outGrams)}<Seen {seen} {own} />{/if}
		{#if seen?.step.alarm || seen?.place === 'BELOW' || missingBecause || missingReason}
			<div class="grid gap-4 sm:grid-cols-2">
				<ChoiceField
					label={LABELS.missingBecause}
					name="missingReason"
					{attempt}
					bind:value={missingReason}
					choices={[
						{ value: '', label: 'nobody knows' },
						...(Object.keys(MISSING) as Reason[]).map((value) => ({ value, label: MISSING[value] }))
					]}
				/>
				{#if missingReason !== 'NOT_WEIGHED'}
					<Act onclick={() => (missingReason = 'NOT_WEIGHED')}>It was not weighed</Act>
				{/if}
				<TextField
					label="In words"
					name="missingBecause"
					{attempt}
					maxlength={300}
					bind:value={missingBecause}
				/>
			</div>
		{/if}
		{#if dampBecause || attempt.problem?.field === 'dampBecause'}
			<TextField
				label={LABELS.dampBecause}
				name="dampBecause"
				{attempt}
				maxlength={300}
				bind:value={dampBecause}
			/>
		{/if}
		<Correcting
			{attempt}
			labels={LABELS}
			asked={correcting}
			kept="the old value"
			bind:reason
			bind:version
			rows={(theirs) => [
				{ label: LABELS.massIn, mine: grams(inGrams), theirs: grams(theirs.massIn) },
				{ label: LABELS.massOut, mine: grams(outGrams), theirs: grams(theirs.massOut) },
				{ label: LABELS.waterAdded, mine: grams(waterGrams || 0), theirs: grams(theirs.waterAdded) },
				{ label: LABELS.minutes, mine: minutes, theirs: String(theirs.minutes ?? '') },
				{ label: 'Note', mine: note, theirs: String(theirs.note) }
			]}
			send={() => send(true)}
			takeTheirs={taken}
		>
			{#if takesTime && begin && !Number.isFinite(outGrams)}
				<Act main key="b" disabled={attempt.busy} onclick={() => send(false)}>Begin</Act>
			{:else}
				{#if doubted !== undefined}
					<Act
						main
						onclick={() => {
							outGrams = doubted;
							putRight++;
						}}>It was {mass(doubted, session.units)}</Act
					>
				{/if}
				<Act main={doubted === undefined} type="submit" disabled={attempt.busy}
					>{doubted !== undefined
						? `${mass(outGrams, session.units)} is right: keep it`
						: correcting
							? 'Save correction'
							: open
								? 'Weighed out'
								: 'Save step'}</Act
				>
			{/if}
		</Correcting>
		{#if caution}<Caution of={chosen} says={caution} />{/if}
	</div>
	<details class="sm:col-span-2" open={correcting}>
		<summary class="cursor-pointer font-semibold"
			>More: another step or mass in, how, in what, by how many</summary
		>
		<div class="mt-3 grid gap-4 sm:grid-cols-2">
			{#if !was}
				<ChoiceField
					label={LABELS.kind}
					name="kind"
					{attempt}
					bind:value={chosen}
					choices={(Object.keys(STEP) as Kind[])
						.sort((a, b) => Number(chain.includes(b)) - Number(chain.includes(a)))
						.map((value) => ({
							value,
							label: STEP[value].act + (chain.includes(value) ? '' : ' (not usual here)')
						}))}
				/>
			{/if}
			{#if !open}
				<MassField
					label={LABELS.massIn}
					name="massIn"
					heavy={massBefore >= 1000}
					{attempt}
					bind:grams={inGrams}
					hint="mass out of the step before: {mass(massBefore, session.units)}"
				/>
			{/if}
			{#if chosen !== 'DRY'}{@render moisture('moistureOut')}{/if}
			<TextField
				label={LABELS.way}
				name="way"
				{attempt}
				maxlength={80}
				list="ways"
				bind:value={way}
				hint={before?.way
					? `last time: ${before.way}`
					: usual.length
						? `usual for this crop: ${usual.join('; ')}`
						: undefined}
			/>
			<datalist id="ways"
				>{#each [...usual, ...(WAYS[chosen] ?? [])] as one (one)}<option value={one}
					></option>{/each}</datalist
			>
			<TextField
				label={LABELS.begunAt}
				name="begunAt"
				type="datetime-local"
				{attempt}
				bind:value={begunAt}
				hint={was ? undefined : 'empty for now'}
			/>
			<TextField
				label={LABELS.endedAt}
				name="endedAt"
				type="datetime-local"
				{attempt}
				bind:value={endedAt}
				hint={was?.endedAt ? undefined : 'empty for now'}
			/>
			<TextField label={LABELS.vessels} name="vessels" {attempt} maxlength={80} bind:value={vessels} />
			<TextField label={LABELS.people} name="people" {attempt} inputmode="numeric" bind:value={people} />
			<TextField label="Note" name="note" {attempt} bind:value={note} />
		</div>
	</details>
</form>
