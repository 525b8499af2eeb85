<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import ScanButton from '$lib/scan/ScanButton.svelte';
	import { maybeCountIn, numberIn } from '$lib/form/typed';
	import { mass, numberTyped, percent } from '$lib/units/units';
	import { cropWord } from '$lib/words/words';
	import { sowing } from './mix';

	interface Props {
		/** Lots with seed left. */
		lots: Schemas['Stocked'][];
		made: (mix: Schemas['MixView']) => void;
	}
	/** Puts lots of several crops or varieties together in one bag. */
	let { lots, made }: Props = $props();
	const attempt = new Attempt();
	const plan = new Latest<Schemas['MixPlan']>();
	const units = $derived(session.units);
	const offered = $derived(lots.filter((one) => one.gate.mayBeSold && one.stock.free > 0));

	let name = $state('');
	let by = $state<Schemas['MixPlanRequest']['by']>('SEEDS');
	let total = $state(NaN);
	let seeds = $state('');
	let mixedOn = $state(session.today);
	let note = $state('');
	let rows = $state([
		{ number: '', typed: '', grams: NaN, unknown: '' },
		{ number: '', typed: '', grams: NaN, unknown: '' }
	]);
	const LABELS = {
		name: 'What it is called',
		by: 'Said as',
		total: 'Of it all',
		seedsPerSquareMetre: 'Seeds on a square metre',
		mixedOn: 'Put together on',
		note: 'Note',
		parts: 'Lots',
		number: 'Lot',
		amount: 'How much',
		share: 'Share'
	};
	/** A label was held before the camera: its lot is chosen, if it may be mixed at all. */
	function scanned(row: (typeof rows)[number], code: string) {
		const one = offered.find(({ lot }) => lot.number === code.toUpperCase());
		if (one) row.number = one.lot.number;
		row.unknown = one ? '' : `${code} is not a lot with seed that may be mixed.`;
	}
	const chosen = $derived(rows.filter((row) => row.number));

	/** What is asked, or nothing while it is not yet said. */
	function asked(strict: boolean): Schemas['MixPlanRequest'] | undefined {
		const parts = chosen.map((row, i) => ({
			number: row.number,
			amount:
				by === 'GRAMS'
					? row.grams
					: strict
						? numberIn(`parts[${i}].amount`, row.typed)
						: numberTyped(row.typed)
		}));
		const said = parts.length > 1 && parts.every(({ amount }) => amount > 0) && (by === 'GRAMS' || total > 0);
		const thick = strict ? maybeCountIn('seedsPerSquareMetre', seeds) : Number(seeds) || undefined;
		return said || strict
			? { by, total: by === 'GRAMS' || !(total > 0) ? undefined : total, parts, seedsPerSquareMetre: thick }
			: undefined;
	}
	$effect(() => {
		const body = asked(false);
		if (body) void plan.ask(ask(POST('/api/mixes/plan', { body })));
		else plan.forget();
	});
	function make(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const of = asked(true)!;
			made(await ask(POST('/api/mixes', { body: { name, mixedOn, note, of } })));
		});
	}
</script>

<form class="grid gap-4" onsubmit={make}>
	<Draft of="mix" {attempt} />
	<div class="grid gap-4 sm:grid-cols-2">
		<TextField label={LABELS.name} name="name" {attempt} bind:value={name} hint="as on its label" />
		<ChoiceField
			label={LABELS.by}
			name="by"
			{attempt}
			bind:value={by}
			choices={[
				{ value: 'SEEDS', label: 'shares of the seeds' },
				{ value: 'MASS', label: 'shares of the weight' },
				{ value: 'GRAMS', label: 'what is weighed of each' }
			]}
		/>
		{#if by !== 'GRAMS'}<MassField label={LABELS.total} name="total" {attempt} bind:grams={total} />{/if}
		<TextField
			label={LABELS.seedsPerSquareMetre}
			name="seedsPerSquareMetre"
			{attempt}
			bind:value={seeds}
			inputmode="numeric"
			hint="of all together, for the label; may be left"
		/>
	</div>
	<table class="figures">
		<thead
			><tr
				><th scope="col">lot</th><th scope="col" class="w-48">{by === 'GRAMS' ? 'weighed' : 'share'}</th><th
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
						{#if by === 'GRAMS'}
							<MassField
								label="Of lot {i + 1}"
								name="parts[{i}].amount"
								{attempt}
								bind:grams={row.grams}
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
					<td class="num">{plan.answer && place >= 0 ? percent(plan.answer.of.shares[place].seeds) : ''}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<div>
		<Act onclick={() => rows.push({ number: '', typed: '', grams: NaN, unknown: '' })}>One more lot</Act>
	</div>
	<div aria-live="polite">
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
					Large and small seed part again when the bag is shaken: mix it anew before each packet.
				</p>
			{/if}
		{:else if plan.problem}
			<p class="font-semibold text-alarm">{plan.problem.message}</p>
		{/if}
	</div>
	<div class="grid gap-4 sm:grid-cols-2">
		<TextField label={LABELS.mixedOn} name="mixedOn" type="date" {attempt} bind:value={mixedOn} />
		<TextField label={LABELS.note} name="note" {attempt} bind:value={note} />
	</div>
	<p class="text-sm text-soft">
		Only seed that may be sold goes in. It gets a number of its own, and what holds back one of its lots holds
		it back too. Counts follow from seed weight and purity, as tested or taken; they are for mixed seed drawn
		evenly.
	</p>
	<Trouble {attempt} labels={LABELS} />
	<div>
		<Act main type="submit" disabled={attempt.busy} why={chosen.length < 2 ? 'Take a second lot.' : ''}
			>Put together</Act
		>
	</div>
</form>
