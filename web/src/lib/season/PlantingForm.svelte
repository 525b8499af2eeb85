<script lang="ts">
	import { tick, untrack } from 'svelte';
	import Fields from '$lib/form/Fields.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, count, day, figure, measure, pick, text, yes, YES, type Typed } from '$lib/form/kinds';
	import { written } from '$lib/units/units';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { CONTROL, cropWord, GRADE, PURPOSE } from '$lib/words/words';
	import { numberIn } from '$lib/form/typed';
	import { onGroundFrom } from './bedBoard';
	import BedsTaken from './BedsTaken.svelte';
	import { seasonName } from './year';

	type Request = Schemas['PlantingRequest'];
	type Control = NonNullable<Request['control']>;
	type Asked = Omit<Request, 'stretches' | 'rootStretches' | 'turns'> & { stored: boolean };
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

	const was = untrack(() => planting);
	/** A planting as it stands in the fields. */
	const read = (planting: Record<string, unknown>) => ({
		...planting,
		version: planting.version as number | undefined,
		selected: Number(planting.selected) < 1 ? Math.round(Number(planting.selected) * 100) : undefined,
		dropped: planting.dropped || undefined,
		stored: planting.liftedOn !== undefined
	});
	/** Cages by turns are begun for two at once, as a way out. */
	const controls = (['OPEN', 'CAGED', 'BY_TURNS', 'BAGGED', 'HAND_POLLINATED'] as const)
		.filter((value) => value !== 'BY_TURNS' || was?.control === 'BY_TURNS')
		.map((value) => ({ value, label: value === 'OPEN' ? 'not at all' : CONTROL[value].toLowerCase() }));
	const onPlots = () => plots.map((plot) => ({ value: plot.id, label: plot.name }));
	const isStored = ({ stored }: Typed) => stored === YES;
	const forSeed = ({ purpose }: Typed) => purpose === 'SEED';
	const NEEDED = { needed: true } as const;
	const USUAL = 'empty: as is usual for the crop';
	const form: Form<Asked> = new Form<Asked>(
		{
			varietyId: pick(
				'Variety',
				() => [
					{ value: '', label: 'choose a variety' },
					...varieties.map((one) => ({ value: one.id, label: `${one.name}, ${cropWord(one.cropName)}` }))
				],
				{ ...NEEDED, when: () => !was, start: untrack(() => variety) }
			),
			purpose: choice('For', () => purposes, { start: 'SEED' }),
			grade: choice('Grade', GRADE, { start: 'MARKET' }),
			flowers: yes('it will flower before it is eaten (fruit, pods, ears, bolted greens)', {
				wide: true,
				when: ({ purpose }) => purpose === 'EATING'
			}),
			season: count('Season', {
				...NEEDED,
				start: untrack(() => asked ?? session.season),
				hint: ({ season }) =>
					session.south && Number(season) > 2000
						? `the summer of ${seasonName(Number(season))}`
						: 'the year of its seed'
			}),
			plotId: pick('Plot', onPlots, { ...NEEDED, start: untrack(() => place?.plot || plots[0]?.id) }),
			sownOn: day(() => (clonal ? 'Planted on' : 'Sown on'), {
				...NEEDED,
				hint: () => (lifeCycle === 'PERENNIAL' ? 'of the stand, in whatever year' : undefined)
			}),
			setOutOn: day('Set out on', { when: () => !clonal, hint: 'only when raised under glass' }),
			plants: count('Plants', {
				...NEEDED,
				start: untrack(() => grow),
				hint: () => (clonal ? 'tubers, bulbs or cloves that are planted' : 'that should give seed')
			}),
			germination: figure('Germination', { ...NEEDED, start: 85, unit: '%', when: () => !clonal }),
			clearedOn: day(() => (clonal ? 'Lifted on' : 'Off the ground by'), {
				when: (typed) => !forSeed(typed),
				hint: () => (clonal ? undefined : 'what stands longer than its bloom counts as flowering')
			}),
			stored: yes(
				'roots are lifted, kept over winter and replanted (root-to-seed); otherwise it winters where it stands',
				{ wide: true, when: () => lifeCycle === 'BIENNIAL' }
			),
			liftedOn: day('Roots lifted on', { when: isStored }),
			replantedOn: day('Replanted on', { when: isStored, hint: 'on the plot above' }),
			rootPlotId: pick('Roots grow on', () => [{ value: '', label: 'not said' }, ...onPlots()], {
				when: isStored
			}),
			inRow: measure('Between plants', 'length', { hint: USUAL }),
			betweenRows: measure('Between rows', 'length', { hint: USUAL }),
			selected: figure('Kept when the best are chosen', {
				unit: '%',
				hint: 'of what survives; empty when all are kept'
			}),
			control: choice(
				'Foreign pollen is kept out',
				Object.fromEntries(controls.map(({ value, label }) => [value, label])) as Record<Control, string>
			),
			dropped: measure('Outer rows without seed', 'length', {
				hint: 'on each side; empty when all of it is kept'
			}),
			flowersFrom: day('Flowers picked off until', { hint: 'empty when the first are let open' }),
			flowersUntil: day('Last flowers let open on', { hint: 'later ones are picked off' }),
			everyFlower: yes('every other flower is removed, so that it sheds no pollen either', { wide: true }),
			restOverruled: text('Why it may stand here all the same', {
				wide: true,
				hint: 'its family stood here too lately'
			})
		},
		was && read(was),
		untrack(() => attempt),
		untrack(() => was !== undefined && !schemeId)
	);
	const it = form.typed;
	type Taken = Record<string, { from: string; to: string }>;
	const typed = (stretches: Schemas['Stretch'][]): Taken =>
		Object.fromEntries(
			stretches.map((stretch) => [stretch.bedId, { from: written(stretch.from), to: written(stretch.to) }])
		);
	const placedOn = untrack(() => beds.find((bed) => bed.id === place?.bed));
	let taking = $state(
		typed(
			was?.stretches ?? (placedOn ? [{ bedId: placedOn.id, from: 0, to: Math.floor(placedOn.length) }] : [])
		)
	);
	let rootsTaking = $state(typed(was?.rootStretches ?? []));

	const bedsHere = $derived(beds.filter((bed) => bed.plotId === it.plotId));
	const rootBeds = $derived(beds.filter((bed) => bed.plotId === it.rootPlotId));
	const lifeCycle = $derived(
		varieties.find((one) => one.id === it.varietyId)?.lifeCycle ?? was?.variety.lifeCycle
	);
	const clonal = $derived(lifeCycle === 'CLONAL');
	const purposes = $derived(
		(clonal
			? { PLANTING_STOCK: PURPOSE.PLANTING_STOCK, EATING: PURPOSE.EATING }
			: { SEED: PURPOSE.SEED, EATING: PURPOSE.EATING }) as unknown as Record<Request['purpose'], string>
	);
	const resting = $derived(
		it.restOverruled !== '' || refused === 'restOverruled' || attempt.problem?.field === 'restOverruled'
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
	function request(): Request {
		const { stored: _, selected, ...body } = form.body();
		return {
			...body,
			varietyId: was?.variety.id ?? body.varietyId,
			germination: body.germination ?? was?.germination ?? 85,
			flowers: body.purpose !== 'EATING' || body.flowers,
			stretches: stretches('stretches', bedsHere, taking),
			rootStretches: body.rootPlotId ? stretches('rootStretches', rootBeds, rootsTaking) : undefined,
			selected: selected === undefined ? undefined : selected / 100,
			volunteersPulled: was?.volunteersPulled,
			turns: was?.turns,
			schemeId,
			...(was && schemeId ? { reason: 'tried' } : {})
		};
	}

	$effect(() => {
		if (!(it.varietyId || was) || !it.plotId || !it.sownOn || !it.plants) return;
		try {
			tried(request());
		} catch {
			// What is typed is not a number yet; saying so waits until it is sent.
		}
	});

	// What is proposed follows variety, season and grade, until it is typed over.
	let proposed = $state.raw<Schemas['ProposalView']>();
	$effect(() => {
		const { varietyId, season, grade } = it;
		const year = Number(season);
		if (was || !propose || !varietyId || grade === '' || !(year >= 2000 && year < 2100)) return;
		const asked = [varietyId, season, grade].join();
		void propose(varietyId, year, grade).then((days) => {
			if (asked === [it.varietyId, it.season, it.grade].join())
				offer(place?.from ? onGroundFrom(days, place.from) : days);
		});
	});
	/** The season that stands there until another is typed: what is usually sown by now waits for the next. */
	let untyped = untrack(() => (was || asked ? undefined : it.season));
	function offer(days: Schemas['ProposalView']) {
		if (it.season === untyped && days.sownOn < session.today && Number(untyped) <= session.season + 1) {
			untyped = it.season = String(Number(untyped) + 1);
			return;
		}
		const before = proposed;
		if (!before || isStored(it) === (before.liftedOn !== undefined))
			it.stored = days.liftedOn === undefined ? '' : YES;
		for (const name of ['sownOn', 'setOutOn', 'liftedOn', 'replantedOn', 'clearedOn', 'plants'] as const)
			if (it[name] === '' || it[name] === String(before?.[name] ?? '')) it[name] = String(days[name] ?? '');
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
		proposed !== undefined && it.sownOn === proposed.sownOn && it.setOutOn === (proposed.setOutOn ?? '')
	);

	const send = () => save(request());
</script>

<FormOf
	{form}
	{send}
	draft={was ? undefined : 'planting'}
	kept="the old plan"
	{read}
	{taken}
	labels={{
		stretches: 'Beds',
		rootStretches: 'Beds the roots grow on',
		flowers: 'Flowers',
		reason: 'Why it is changed'
	}}
>
	{#if !was}
		<div class="sm:col-span-2">
			<Fields {form} of={['varietyId']} />
			<a class="quiet mt-1 inline-block text-sm" href="/desk/varieties/new">a variety not listed yet</a>
		</div>
	{/if}
	<Fields {form} of={['purpose', 'grade', 'flowers', 'season', 'plotId']} />
	{#if bedsHere.length > 0}
		<BedsTaken legend="Beds" beds={bedsHere} bind:taking none="none chosen: it takes the whole plot" />
	{/if}
	<Fields {form} of={['sownOn', 'setOutOn']} />
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
	<Fields
		{form}
		of={['plants', 'germination', 'clearedOn', 'stored', 'liftedOn', 'replantedOn', 'rootPlotId']}
	/>
	{#if isStored(it) && rootBeds.length > 0}
		<BedsTaken
			legend="Beds the roots grow on"
			beds={rootBeds}
			bind:taking={rootsTaking}
			none="none chosen: nothing is held free for them"
		/>
	{/if}
	<details
		class="sm:col-span-2"
		open={was !== undefined &&
			(it.control !== 'OPEN' || it.selected + it.dropped + it.flowersFrom + it.flowersUntil !== '')}
	>
		<summary class="cursor-pointer underline">spacing, choosing the best, keeping it true</summary>
		<div class="mt-3 grid gap-x-5 gap-y-4 sm:grid-cols-2">
			<Fields {form} of={['inRow', 'betweenRows', 'selected', 'control']} />
			{#if forSeed(form.standings)}<Fields {form} of={['dropped', 'flowersFrom', 'flowersUntil']} />{/if}
			{#if it.control === 'BAGGED' || it.control === 'HAND_POLLINATED'}
				<Fields {form} of={['everyFlower']} />
			{/if}
		</div>
	</details>
	{#snippet instead()}
		<Act main type="submit" disabled={attempt.busy}>{was ? 'Save change' : 'Save planting'}</Act>
	{/snippet}
	<!-- Below the act, which would otherwise move from under a thumb when the answer comes. -->
	{#snippet after()}
		{#if resting}<Fields {form} of={['restOverruled']} />{/if}
	{/snippet}
</FormOf>
