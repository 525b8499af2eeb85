<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, count, day, text, weight } from '$lib/form/kinds';
	import { Latest } from '$lib/form/latest.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import ScanButton from '$lib/scan/ScanButton.svelte';
	import { numberIn } from '$lib/form/typed';
	import { countTyped, mass, numberTyped, percent } from '$lib/units/units';
	import { cropWord } from '$lib/words/words';
	import { sowing } from './mix';

	interface Props {
		/** Lots with seed left. */
		lots: Schemas['Stocked'][];
		made: (mix: Schemas['MixView']) => void;
	}
	/** Puts lots of several crops or varieties together in one bag. */
	let { lots, made }: Props = $props();
	const plan = new Latest<Schemas['MixPlan']>();
	const units = $derived(session.units);
	const offered = $derived(lots.filter((one) => one.gate.mayBeSold && one.stock.free > 0));
	const nothing = () => ({ number: '', typed: '', unknown: '' });
	let rows = $state([nothing(), nothing()]);
	const form = new Form({
		name: text('What it is called', { hint: 'as on its label' }),
		by: choice('Said as', {
			SEEDS: 'shares of the seeds',
			MASS: 'shares of the weight',
			GRAMS: 'what is weighed of each'
		}),
		total: weight('Of it all', { when: ({ by }) => by !== 'GRAMS' }),
		seedsPerSquareMetre: count('Seeds on a square metre', {
			hint: 'of all together, for the label; may be left'
		}),
		mixedOn: day('Put together on', { needed: true, start: session.today }),
		note: text('Note')
	});
	const LABELS = { parts: 'Lots', number: 'Lot', amount: 'How much', share: 'Share' };
	const weighed = $derived(form.typed.by === 'GRAMS');
	/** A label was held before the camera: its lot is chosen, if it may be mixed at all. */
	function scanned(row: (typeof rows)[number], code: string) {
		const one = offered.find(({ lot }) => lot.number === code.toUpperCase());
		if (one) row.number = one.lot.number;
		row.unknown = one ? '' : `${code} is not a lot with seed that may be mixed.`;
	}
	const chosen = $derived(rows.filter((row) => row.number));

	const parts = () =>
		chosen.map(({ number, typed }, i) => ({ number, amount: numberIn(`parts[${i}].amount`, typed) }));
	function request() {
		const { name, mixedOn, note, ...of } = form.body();
		return { name, mixedOn, note, of: { ...of, parts: parts() } };
	}
	$effect(() => {
		const said =
			chosen.length > 1 &&
			chosen.every(({ typed }) => numberTyped(typed) > 0) &&
			(weighed || numberTyped(form.typed.total) > 0) &&
			!Number.isNaN(countTyped(form.typed.seedsPerSquareMetre || '0'));
		if (said) void plan.ask(ask(POST('/api/mixes/plan', { body: request().of })));
		else plan.forget();
	});
	const send = async () => made(await ask(POST('/api/mixes', { body: request() })));
</script>

<FormOf
	{form}
	{send}
	draft="mix"
	act="Put together"
	why={chosen.length < 2 ? 'Take a second lot.' : ''}
	labels={LABELS}
	class="gap-4 sm:grid-cols-2"
>
	<Fields {form} of={['name', 'by', 'total', 'seedsPerSquareMetre']} />
	<div class="col-span-full">
		<table class="figures">
			<thead
				><tr
					><th scope="col">lot</th><th scope="col" class="w-48">{weighed ? 'weighed' : 'share'}</th><th
						scope="col"
						class="text-right!">weigh out</th
					><th scope="col" class="text-right!">of the seeds</th></tr
				></thead
			>
			<tbody>
				{#each rows as row, i (i)}
					{@const place = chosen.indexOf(row)}
					<tr>
						<td>
							<span class="flex gap-2">
								<select
									class="select w-full min-w-0"
									aria-label="Lot {i + 1}"
									name="parts[{i}].number"
									bind:value={row.number}
								>
									<option value="">–</option>
									{#each offered as one (one.lot.number)}
										<option value={one.lot.number}
											>{one.variety.name}, {cropWord(one.variety.cropName)}
											{one.lot.season}: {one.lot.number}, {mass(one.stock.free, units)}</option
										>
									{/each}
								</select>
								<ScanButton what="lot {i + 1}" read={(code) => scanned(row, code)} />
							</span>
							{#if row.unknown}<p class="text-sm text-alarm" role="alert">{row.unknown}</p>{/if}
						</td>
						<td>
							{#if weighed}
								<MassField
									label="Of lot {i + 1}"
									name="parts[{i}].amount"
									attempt={form.attempt}
									bind:value={row.typed}
									scale
								/>
							{:else}
								<input
									class="input w-full"
									aria-label="Share of lot {i + 1}"
									name="parts[{i}].amount"
									inputmode="decimal"
									autocomplete="off"
									bind:value={row.typed}
								/>
							{/if}
						</td>
						<td class="num">{plan.answer && place >= 0 ? mass(plan.answer.grams[place], units) : ''}</td>
						<td class="num">{plan.answer && place >= 0 ? percent(plan.answer.of.shares[place].seeds) : ''}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<div class="col-span-full">
		<Act onclick={() => rows.push(nothing())}>One more lot</Act>
	</div>
	<div aria-live="polite" class="col-span-full empty:hidden">
		{#if plan.answer}
			<p>
				<b>{mass(plan.answer.of.grams, units)}</b> together, {sowing(
					plan.answer.of,
					plan.answer.gramsPerSquareMetre,
					units
				)}.
			</p>
			{#if plan.answer.of.partsAgain}
				<p class="font-semibold">
					Large and small seed separate again when the bag is shaken: mix it anew before each packet.
				</p>
			{/if}
		{:else if plan.problem}
			<p class="font-semibold text-alarm">{plan.problem.message}</p>
		{/if}
	</div>
	<Fields {form} of={['mixedOn', 'note']} />
	<p class="col-span-full text-sm text-soft">
		Only seed that may be sold goes in. It gets a number of its own, and what holds back one of its lots holds
		it back too. Counts follow from seed weight and purity, as tested or taken; they are for mixed seed drawn
		evenly.
	</p>
</FormOf>
