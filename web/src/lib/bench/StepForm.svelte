<script lang="ts">
	import { untrack } from 'svelte';
	import type { Schemas } from '$lib/api/api';
	import Caution from './Caution.svelte';
	import Expected from './Expected.svelte';
	import GoneFields, { type Gone } from './GoneFields.svelte';
	import Seen from './Seen.svelte';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, count, figure, measure, moment, pick, text, weight } from '$lib/form/kinds';
	import { maybeNumberIn, numberIn } from '$lib/form/typed';
	import { mass, numberTyped, written } from '$lib/units/units';
	import { inZone } from '$lib/words/dates';
	import { extracted, FLOATING, HOW, MISSING, STEP, WAYS } from '$lib/words/words';

	type Request = Schemas['StepRequest'];
	type Kind = Request['kind'];
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

	const was = untrack(() => step);
	const usual = $derived(extracted(chosen, ways));
	const asks = $derived(kinds.find((one) => one.kind === chosen));
	const wet = $derived(asks?.wet ?? false);
	const takesTime = $derived(asks?.takesTime ?? false);
	/** Whether it goes on for a while and is only begun now. */
	const underWay = $derived(takesTime && was === undefined);
	const caution = $derived(HOW[chosen].caution);
	const before = $derived(last.find((one) => one.kind === chosen));
	const own = $derived(shares.find((one) => one.share.kind === chosen && one.after === after)?.share);
	const zone = session.farm?.timeZone ?? 'UTC';
	const local = (instant?: string) => (instant ? inZone(instant, zone) : '');
	/** A step as it stands in the fields. */
	const read = (step: Record<string, unknown>) => ({
		...step,
		version: step.version as number | undefined,
		waterAdded: step.waterAdded || undefined,
		begunAt: local(step.begunAt as string | undefined),
		endedAt: local(step.endedAt as string | undefined)
	});
	/** The steps of the lot first, then those that are not usual here. */
	const steps = (Object.keys(STEP) as Kind[])
		.sort((a, b) => Number(untrack(() => chain).includes(b)) - Number(untrack(() => chain).includes(a)))
		.map((value) => ({
			value,
			label: STEP[value].act + (untrack(() => chain).includes(value) ? '' : ' (not usual here)')
		}));
	const MEASURED = { unit: '%', hint: 'only if measured' };
	const form = new Form(
		{
			kind: pick('Step', steps, {
				needed: true,
				start: untrack(() => chosen),
				when: () => !was,
				then: (other) => (chosen = other as Kind)
			}),
			massOut: {
				...weight('Mass out', {
					heavy: untrack(() => (own ? massBefore * own.median >= 1000 : massBefore >= 4000)),
					scale: true,
					scaleKey: was && was.massOut === undefined ? undefined : 'r',
					hint: () => (underWay ? 'leave empty while it is under way' : 'seed and what is still with it')
				}),
				needed: () => !underWay
			},
			waterAdded: weight('Water added', { heavy: true, hint: 'leave empty for none' }),
			temperature: measure('Temperature', 'warmth', { hint: 'of the mash; the clock runs by it' }),
			moistureIn: figure('Moisture going in', MEASURED),
			target: figure('Dry it to', {
				unit: '% moisture',
				hint: 'empty: what it threshes at, or what sealed packs need; 8 to 10 for paper'
			}),
			moistureOut: figure('Moisture coming out', MEASURED),
			rounds: count('Rounds until clear'),
			hole: figure('Holes of the screen', {
				unit: 'mm',
				hint: () => (before?.hole ? `last time: ${before.hole} mm` : undefined)
			}),
			minutes: figure('Minutes of work'),
			missingReason: choice('Why is mass missing?', { '': 'not known', ...MISSING }),
			missingBecause: text('In words', { maxlength: 300 }),
			dampBecause: text('Why it is frozen all the same', { ifRefused: true, maxlength: 300, wide: true }),
			massIn: weight('Mass in', {
				needed: true,
				start: untrack(() => massBefore),
				heavy: untrack(() => massBefore >= 1000),
				hint: () => `mass out of the step before: ${mass(massBefore, session.units)}`
			}),
			way: text('How', {
				maxlength: 80,
				known: () => [...usual, ...(WAYS[chosen] ?? [])],
				hint: () => {
					if (before?.way) return `last time: ${before.way}`;
					return usual.length ? `usual for this crop: ${usual.join('; ')}` : undefined;
				}
			}),
			begunAt: moment('Begun', { hint: was ? undefined : 'empty for now' }),
			endedAt: moment('Ended', { hint: was?.endedAt ? undefined : 'empty for now' }),
			vessels: text('Vessels', { maxlength: 80 }),
			people: count('People', { start: 1 }),
			note: text('Note')
		},
		was && read(was),
		untrack(() => attempt),
		untrack(() => correcting)
	);
	let gone = $state<Gone[]>(
		was && was.byProducts.length > 0
			? was.byProducts.map((one) => ({ mass: written(one.mass), what: one.what, goneTo: one.goneTo }))
			: [{ mass: '', what: '', goneTo: 'compost' }]
	);
	const LABELS = { byProduct: 'Removed', byProducts: 'Removed', what: 'what was removed' };
	const inGrams = $derived(numberTyped(form.typed.massIn));
	const outGrams = $derived(numberTyped(form.typed.massOut));
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
	/** Whether what leaves is likelier weighed in the larger unit. */
	const leavesHeavy = $derived(
		own ? inGrams * (1 - own.median) >= 1000 : inGrams >= 4000 && (wet || chosen === 'THRESH')
	);
	const doubted = $derived(Number.isFinite(outGrams) ? seen?.meant : undefined);
	const open = $derived(was !== undefined && was.massOut === undefined);
	type Name = (typeof form.names)[number];
	/** What a kind of step is asked beside its weights. */
	const asked = $derived<Name[]>([
		...(wet && !open ? (['waterAdded'] as const) : []),
		...(chosen === 'FERMENT' ? (['temperature'] as const) : []),
		...(chosen === 'DRY' ? (['moistureIn', ...(open ? [] : ['target']), 'moistureOut'] as Name[]) : []),
		...(chosen === 'RINSE' ? (['rounds'] as const) : []),
		...(chosen === 'SCREEN' ? (['hole'] as const) : []),
		'minutes'
	]);
	const more = $derived<Name[]>([
		'kind',
		...(open ? [] : (['massIn'] as const)),
		...(chosen === 'DRY' ? [] : (['moistureOut'] as const)),
		...(['way', 'begunAt', 'endedAt', 'vessels', 'people', 'note'] as const)
	]);

	function request(withOut: boolean): Request {
		const { begunAt, endedAt, waterAdded = 0, people = 1, missingReason, massOut: _, ...body } = form.body();
		const left = gone.map((one, i) => ({
			what: one.what || USUAL_GONE[chosen] || 'what was left',
			mass: maybeNumberIn(i === 0 ? 'byProduct' : `byProduct${i}`, one.mass) ?? 0,
			goneTo: one.goneTo
		}));
		return {
			...body,
			kind: chosen,
			...{ waterAdded, people },
			...(begunAt ? { begunAt } : {}),
			...(endedAt ? { endedAt } : {}),
			...(missingReason ? { missingReason } : {}),
			...(withOut ? { massOut: numberIn('massOut', form.typed.massOut) } : {}),
			byProducts: left.filter((one) => one.mass !== 0)
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

	const goes = () => void attempt.run(async () => begin?.(request(false)));
</script>

<FormOf
	{form}
	send={() => finish(request(true))}
	draft="step {step?.id ?? kind}"
	kept="the old value"
	{read}
	{taken}
	labels={LABELS}
>
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
	<Fields {form} of={['massOut']} />
	{#if !correcting}<div class="sm:col-span-2"><Expected massIn={inGrams} {own} {toKeep} /></div>{/if}
	{#if !takesTime}
		<GoneFields {attempt} bind:gone heavy={leavesHeavy} usual={USUAL_GONE[chosen]} />
	{/if}
	<Fields {form} of={asked} />
	<div class="grid gap-4 sm:col-span-2" aria-live="polite">
		{#if seen && Number.isFinite(outGrams)}<Seen {seen} {own} />{/if}
		{#if seen?.step.alarm || seen?.place === 'BELOW' || form.typed.missingBecause || form.typed.missingReason}
			<div class="grid gap-4 sm:grid-cols-2">
				<Fields {form} of={['missingReason']} />
				{#if form.typed.missingReason !== 'NOT_WEIGHED'}
					<Act onclick={() => (form.typed.missingReason = 'NOT_WEIGHED')}>It was not weighed</Act>
				{/if}
				<Fields {form} of={['missingBecause']} />
			</div>
		{/if}
	</div>
	<Fields {form} of={['dampBecause']} />
	{#snippet instead()}
		{#if takesTime && begin && !Number.isFinite(outGrams)}
			<Act main key="b" disabled={attempt.busy} onclick={goes}>Begin</Act>
		{:else}
			{#if doubted !== undefined}
				<Act main onclick={() => (form.typed.massOut = written(doubted))}
					>It was {mass(doubted, session.units)}</Act
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
	{/snippet}
	{#snippet after()}
		{#if caution}<div class="sm:col-span-2"><Caution of={chosen} says={caution} /></div>{/if}
		<details class="sm:col-span-2" open={correcting}>
			<summary class="cursor-pointer font-semibold"
				>More: another step or mass in, how, in what, by how many</summary
			>
			<div class="mt-3 grid gap-4 sm:grid-cols-2">
				<Fields {form} of={more} />
			</div>
		</details>
	{/snippet}
</FormOf>
