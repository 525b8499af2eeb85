<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { amount, choice, count, day, figure, shown, weight } from '$lib/form/kinds';
	import { Latest } from '$lib/form/latest.svelte';
	import { refusal } from '$lib/form/refusal';
	import { maybeNumberIn, numberIn } from '$lib/form/typed';
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
	const NEEDED = { needed: true } as const;
	const form = new Form({
		by: choice('Packets go by', { seeds: 'count of seeds', grams: 'weight', metres: 'the row they sow' }),
		seeds: count('Seeds in a packet', {
			...NEEDED,
			start: 100,
			when: ({ by }) => by === 'seeds',
			hint: 'what the label promises'
		}),
		metres: figure('A packet sows', {
			...NEEDED,
			start: 10,
			when: ({ by }) => by === 'metres',
			unit: 'm',
			hint: "by its germination and the crop's distance in the row"
		}),
		grams: weight('A packet holds', {
			...NEEDED,
			when: ({ by }) => by === 'grams',
			hint: 'what the label promises'
		}),
		reserve: weight('Reserve as stock seed', {
			start: untrack(() => stock.reserved),
			hint: 'own stock seed, samples'
		}),
		packets: count('Packets', { hint: 'empty: as many as it fills' }),
		// What it fills is told before a price is typed.
		price: { ...amount('Price a packet', NEEDED), read: maybeNumberIn },
		with: choice('Filled with', { scale: 'the scale', spoon: 'a spoon, level' }),
		tenSpoons: weight('Ten level spoonfuls weigh', { ...NEEDED, when: (typed) => typed.with === 'spoon' }),
		scaleStep: figure('The scale shows steps of', {
			when: (typed) => typed.with === 'scale',
			unit: 'g',
			hint: 'empty: 0.01 g'
		}),
		packedOn: day('Packed on', { ...NEEDED, start: session.today }),
		people: count('People', { start: 1 }),
		minutes: figure('Minutes of packing', { hint: 'each, if anybody looked at the clock' }),
		sowBy: count('Packed for the year', { hint: 'empty: from August on the next' })
	});
	untrack(() => {
		if (before[0]?.sameVariety) again(before[0]);
	});

	/** The same kind of packet once more. */
	function again({ metres, grams, seeds, price }: Schemas['PackedBefore']) {
		const by = metres ? 'metres' : grams ? 'grams' : 'seeds';
		Object.assign(form.typed, { by, [by]: shown(metres ?? grams ?? seeds), price: price.toFixed(2) });
	}
	const plan = new Latest<Schemas['Plan']>();

	function request(): Schemas['PackingRequest'] {
		const { by: _, with: filledWith, reserve = 0, price = 0, ...body } = form.body();
		return { ...body, reserve, price };
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
	const refused = $derived(plan.problem && refusal(plan.problem, form.labels[plan.problem.field ?? '']));

	async function send() {
		const body = { ...request(), price: numberIn('price', form.typed.price) };
		await ask(POST('/api/lots/{number}/packing', { params: { path: { number } }, body }));
		kept();
	}
</script>

<FormOf {form} {send} draft="pack" {main} act="Packed" labels={{ number: 'Lot' }}>
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
	<Fields {form} of={['by', 'seeds', 'metres', 'grams', 'reserve', 'packets', 'price']} />
	<!-- As high as its longest sentences, so that the act under it stays where it is. -->
	<div aria-live="polite" class="grid min-h-72 content-start gap-2 sm:col-span-2 sm:min-h-48">
		{#if plan.answer}
			{@const packed = plan.answer}
			<p>
				{#if form.typed.by === 'metres' && packed.seeds}{packed.seeds} seeds for {form.typed.metres} m of row.{/if}
				Fill
				<strong class="text-2xl"
					>{#if packed.spoons}{many(
							packed.spoons.each,
							'level spoonful'
						)}{:else if packed.together && packed.together.packets > 1}{packed.together.packets} packets with
						{mass(packed.together.grams, session.units)}{:else}{mass(packed.fill, session.units)}{/if}</strong
				>
				{#if packed.spoons}each, {mass(
						packed.fill,
						session.units
					)}{:else if packed.together && packed.together.packets > 1}together,
					{mass(packed.fill, session.units)} each{/if}
				{#if packed.meanCount}– about {Math.round(packed.meanCount)} seeds, {packed.overfill.toFixed(0)} % on top
					of the label{:else}– {packed.overfill.toFixed(0)} % on top of the label{/if}. That fills
				<strong>{many(packed.packets, 'packet')}</strong>
				from {mass(packed.bulk, session.units)} and leaves {packed.leftOver < 0.05
					? 'nothing'
					: mass(packed.leftOver, session.units)} besides the stock seed you reserve and {packed.spilt} % that is
				spilt or sticks.
			</p>
			{#if packed.together && packed.together.packets > 1}<p class="text-sm text-soft">
					One alone is too light for this scale: fill {packed.together.packets} by count or by spoon, and see that
					they weigh {mass(packed.together.grams, session.units)} together.
				</p>{/if}
			<p class="text-sm text-soft">
				So full that {Math.round(packed.confidence * 100)} of 100 packets hold at least what the label says. {packed.purityTested
					? `By its test ${packed.purity} % is pure seed.`
					: `Purity is not tested: ${packed.purity} % is taken.`} A wrong seed weight underfills every packet.
			</p>
		{:else if refused}<p class="caution">{refused}</p>{/if}
	</div>
	{#snippet after()}
		<details class="sm:col-span-2">
			<summary class="cursor-pointer font-semibold">More: how it is filled, when, by whom</summary>
			<div class="mt-3 grid gap-x-5 gap-y-4 sm:grid-cols-2">
				<Fields {form} of={['with', 'tenSpoons', 'scaleStep', 'packedOn', 'people', 'minutes', 'sowBy']} />
			</div>
		</details>
	{/snippet}
</FormOf>
