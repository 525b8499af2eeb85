<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import { refusal } from '$lib/form/refusal';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn, massIn, maybeCountIn, maybeNumberIn, numberIn } from '$lib/form/typed';
	import { mass } from '$lib/units/units';
	import { money, packet } from './words';
	import { many } from '$lib/words/words';

	interface Props {
		number: string;
		stock: Schemas['StockView'];
		/** Kinds of packets that were filled before. */
		before: Schemas['PackedBefore'][];
		main: boolean;
		kept: () => void;
	}
	let { number, stock, before, main, kept }: Props = $props();
	const attempt = new Attempt();
	let by = $state<'seeds' | 'grams' | 'metres'>('seeds');
	let seeds = $state('100');
	let grams = $state(NaN);
	let packets = $state('');
	let reserve = $state(untrack(() => stock.reserved));
	let metres = $state('10');
	let withSpoon = $state<'scale' | 'spoon'>('scale');
	let scaleStep = $state('');
	let tenSpoons = $state(NaN);
	let people = $state('1');
	let minutes = $state('');
	let sowBy = $state('');
	let price = $state('');
	let packedOn = $state(session.today);
	untrack(() => {
		if (before[0]?.sameVariety) again(before[0]);
	});

	/** The same kind of packet once more. */
	function again(kind: Schemas['PackedBefore']) {
		by = kind.metres ? 'metres' : kind.grams ? 'grams' : 'seeds';
		if (kind.metres) metres = String(kind.metres);
		else if (kind.grams) grams = kind.grams;
		else seeds = String(kind.seeds);
		price = kind.price.toFixed(2);
	}
	const plan = new Latest<Schemas['Plan']>();
	const LABELS = {
		seeds: 'Seeds in a packet',
		grams: 'A packet holds',
		packets: 'Packets',
		reserve: 'Reserve as stock seed',
		price: 'Price a packet',
		packedOn: 'Packed on',
		metres: 'A packet sows',
		people: 'People',
		minutes: 'Minutes of packing',
		sowBy: 'Packed for the year',
		scaleStep: 'The scale shows steps of',
		tenSpoons: 'Ten level spoonfuls weigh',
		number: 'Lot'
	};

	function request(): Schemas['PackingRequest'] {
		return {
			packedOn,
			...(by === 'seeds'
				? { seeds: countIn('seeds', seeds) }
				: by === 'metres'
					? { metres: numberIn('metres', metres) }
					: { grams: massIn('grams', grams) }),
			people: maybeCountIn('people', people),
			minutes: maybeNumberIn('minutes', minutes),
			sowBy: maybeCountIn('sowBy', sowBy),
			...(withSpoon === 'spoon'
				? { tenSpoons: massIn('tenSpoons', tenSpoons) }
				: { scaleStep: maybeNumberIn('scaleStep', scaleStep) }),
			packets: maybeCountIn('packets', packets),
			reserve: Number.isFinite(reserve) ? reserve : 0,
			price: numberIn('price', price || '0')
		};
	}
	$effect(() => {
		try {
			void plan.ask(
				ask(POST('/api/lots/{number}/packing/plan', { params: { path: { number } }, body: request() }))
			);
		} catch {
			// What is typed is not a number yet; saying so waits until it is sent.
			plan.forget();
		}
	});
	const refused = $derived(
		plan.problem &&
			refusal(plan.problem, plan.problem.field && LABELS[plan.problem.field as keyof typeof LABELS])
	);

	function pack(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const body = { ...request(), price: numberIn('price', price) };
			await ask(POST('/api/lots/{number}/packing', { params: { path: { number } }, body }));
			kept();
		});
	}
</script>

<form class="grid gap-x-5 gap-y-4 sm:grid-cols-2" onsubmit={pack}>
	<Draft of="pack" {attempt} />
	{#if before.length > 0}
		<p class="flex flex-wrap items-baseline gap-x-4 gap-y-1 sm:col-span-2">
			<span class="text-soft">Packed before</span>
			{#each before as kind, i (i)}
				<button type="button" class="quiet cursor-pointer" onclick={() => again(kind)}
					>{packet(kind)}, {money(kind.price)}</button
				>
			{/each}
		</p>
	{/if}
	<ChoiceField
		label="Packets go by"
		name="by"
		{attempt}
		bind:value={by}
		choices={[
			{ value: 'seeds', label: 'count of seeds' },
			{ value: 'grams', label: 'weight' },
			{ value: 'metres', label: 'the row they sow' }
		]}
	/>
	{#if by === 'seeds'}
		<TextField
			label={LABELS.seeds}
			name="seeds"
			needed
			{attempt}
			bind:value={seeds}
			inputmode="numeric"
			hint="what the label promises"
		/>
	{:else if by === 'metres'}
		<TextField
			label={LABELS.metres}
			name="metres"
			{attempt}
			bind:value={metres}
			inputmode="numeric"
			unit="m"
			hint="by its germination and the crop's distance in the row"
		/>
	{:else}
		<MassField label={LABELS.grams} name="grams" {attempt} bind:grams hint="what the label promises" />
	{/if}
	<MassField
		label={LABELS.reserve}
		name="reserve"
		{attempt}
		bind:grams={reserve}
		hint="own stock seed, samples"
	/>
	<TextField
		label={LABELS.packets}
		name="packets"
		{attempt}
		bind:value={packets}
		inputmode="numeric"
		hint="empty: as many as it fills"
	/>
	<TextField
		label={LABELS.price}
		name="price"
		needed
		{attempt}
		bind:value={price}
		inputmode="decimal"
		unit={session.farm?.currency}
	/>
	<div class="grid gap-4 sm:col-span-2">
		<!-- As high as its longest sentences, so that the act under it stays where it is. -->
		<div aria-live="polite" class="grid min-h-72 content-start gap-2 sm:min-h-48">
			{#if plan.answer}
				{@const packed = plan.answer}
				<p>
					{#if by === 'metres' && packed.seeds}{packed.seeds} seeds for {metres} m of row.{/if}
					Fill
					<strong class="text-2xl"
						>{#if packed.spoons}{many(
								packed.spoons.each,
								'level spoonful'
							)}{:else if packed.together && packed.together.packets > 1}{packed.together.packets} packets with
							{mass(packed.together.grams, session.units)}{:else}{mass(
								packed.fill,
								session.units
							)}{/if}</strong
					>
					{#if packed.spoons}each, {mass(
							packed.fill,
							session.units
						)}{:else if packed.together && packed.together.packets > 1}together,
						{mass(packed.fill, session.units)} each{/if}
					{#if packed.meanCount}– about {Math.round(packed.meanCount)} seeds, {packed.overfill.toFixed(0)} % on
						top of the label{:else}– {packed.overfill.toFixed(0)} % on top of the label{/if}. That fills
					<strong>{many(packed.packets, 'packet')}</strong>
					from {mass(packed.bulk, session.units)} and leaves {packed.leftOver < 0.05
						? 'nothing'
						: mass(packed.leftOver, session.units)} besides the stock seed you reserve and {packed.spilt} % that
					is spilt or sticks.
				</p>
				{#if packed.together && packed.together.packets > 1}<p class="text-sm text-soft">
						One alone is too light for this scale: fill {packed.together.packets} by count or by spoon, and see
						that they weigh {mass(packed.together.grams, session.units)} together.
					</p>{/if}
				<p class="text-sm text-soft">
					So full that {Math.round(packed.confidence * 100)} of 100 packets hold at least what the label says. {packed.purityTested
						? `By its test ${packed.purity} % is pure seed.`
						: `Purity is not tested: ${packed.purity} % is taken.`} A wrong seed weight underfills every packet.
				</p>
			{:else if refused}<p class="caution">{refused}</p>{/if}
		</div>
		<Trouble {attempt} labels={LABELS} />
		<div><Act {main} type="submit" disabled={attempt.busy}>Packed</Act></div>
	</div>
	<details class="sm:col-span-2">
		<summary class="cursor-pointer font-semibold">More: how it is filled, when, by whom</summary>
		<div class="mt-3 grid gap-x-5 gap-y-4 sm:grid-cols-2">
			<ChoiceField
				label="Filled with"
				name="with"
				{attempt}
				bind:value={withSpoon}
				choices={[
					{ value: 'scale', label: 'the scale' },
					{ value: 'spoon', label: 'a spoon, level' }
				]}
			/>
			{#if withSpoon === 'spoon'}
				<MassField label={LABELS.tenSpoons} name="tenSpoons" {attempt} bind:grams={tenSpoons} />
			{:else}
				<TextField
					label={LABELS.scaleStep}
					name="scaleStep"
					{attempt}
					bind:value={scaleStep}
					inputmode="decimal"
					unit="g"
					hint="empty: 0.01 g"
				/>
			{/if}
			<TextField label={LABELS.packedOn} name="packedOn" needed type="date" {attempt} bind:value={packedOn} />
			<TextField label={LABELS.people} name="people" {attempt} bind:value={people} inputmode="numeric" />
			<TextField
				label={LABELS.minutes}
				name="minutes"
				{attempt}
				bind:value={minutes}
				inputmode="numeric"
				hint="each, if anybody looked at the clock"
			/>
			<TextField
				label={LABELS.sowBy}
				name="sowBy"
				{attempt}
				bind:value={sowBy}
				inputmode="numeric"
				hint="empty: from August on the next"
			/>
		</div>
	</details>
</form>
