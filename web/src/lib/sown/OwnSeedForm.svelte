<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import ScanButton from '$lib/scan/ScanButton.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn, massIn } from '$lib/form/typed';
	import { mass } from '$lib/units/units';
	import { likelyDay } from './likely';
	import { dayMonth } from '$lib/words/dates';
	import { many } from '$lib/words/words';

	interface Props {
		found: Schemas['SownView'];
		/** Whether this is the next thing here. */
		main: boolean;
		kept: () => void;
	}
	/** Books what was sown of one of the farm's lots; the one to take first is chosen, with the grams the planting needs. */
	let { found, main, kept }: Props = $props();
	type Proposed = Schemas['Proposed'];

	const BULK = 'bulk';
	const attempt = new Attempt();
	const LABELS = {
		number: 'Lot',
		from: 'From',
		mass: 'How much',
		packets: 'Packets sown',
		takenOn: 'On',
		plantingId: 'Lot',
		note: 'Note'
	};
	/** What the plants take, as far as there is so much in bulk. */
	const sensible = (one: Proposed) => Math.min(one.grams, one.bulk) || NaN;
	const firstFrom = (one: Proposed) => (one.bulk > 0 ? BULK : (one.packets[0]?.id ?? BULK));
	let number = $state(untrack(() => found.proposed[0].number));
	let unknown = $state('');
	const lot = $derived(found.proposed.find((one) => one.number === number) ?? found.proposed[0]);
	let from = $state(untrack(() => firstFrom(found.proposed[0])));
	let grams = $state(untrack(() => sensible(found.proposed[0])));
	let packets = $state('');
	let sownOn = $state(untrack(() => likelyDay(found.plannedOn)));
	let note = $state('');
	const units = $derived(session.units);

	const words = (one: Proposed) =>
		[
			one.number,
			one.bulk > 0
				? mass(one.bulk, units)
				: many(
						one.packets.reduce((sum, run) => sum + run.left, 0),
						'packet'
					),
			one.reserved > 0 ? 'stock seed' : '',
			one.germination === undefined ? 'not tested' : `germinates ${one.germination} %`,
			one.onHold ? 'ON HOLD' : ''
		]
			.filter(Boolean)
			.join(' · ');
	function choose(other: string) {
		number = other;
		from = firstFrom(lot);
		grams = sensible(lot);
	}

	/** A label was held before the camera: its lot is chosen, if it is seed of this variety. */
	function scanned(code: string) {
		const one = found.proposed.find((lot) => lot.number === code.toUpperCase());
		unknown = one ? '' : `${code} is not a lot with seed of this variety.`;
		if (one) choose(one.number);
	}

	function sow(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const what =
				from === BULK
					? { mass: massIn('mass', grams) }
					: { packingRunId: from, packets: countIn('packets', packets) };
			await ask(
				POST('/api/plantings/{id}/sown', {
					params: { path: { id: found.plantingId } },
					body: { number, sownOn, note, ...what }
				})
			);
			kept();
		});
	}
</script>

<form class="grid gap-x-5 gap-y-4 sm:grid-cols-2" onsubmit={sow}>
	<Draft of="own seed" {attempt} />
	<div class="flex items-end gap-2 sm:col-span-2">
		<div class="min-w-0 flex-1">
			<ChoiceField
				label={LABELS.number}
				name="number"
				{attempt}
				bind:value={() => number, choose}
				choices={found.proposed.map((one) => ({ value: one.number, label: words(one) }))}
			/>
		</div>
		<ScanButton what="a lot" read={scanned} />
	</div>
	{#if unknown}<p class="text-sm font-semibold text-alarm sm:col-span-2" role="alert">{unknown}</p>{/if}
	{#if lot.onHold}
		<p class="caution sm:col-span-2">
			{lot.number} is on hold: {lot.onHold}. What it gives will be on hold too.
		</p>
	{/if}
	{#if lot.packets.length > 0}
		<ChoiceField
			label={LABELS.from}
			name="from"
			{attempt}
			bind:value={from}
			choices={[
				...(lot.bulk > 0 ? [{ value: BULK, label: `bulk, ${mass(lot.bulk, units)}` }] : []),
				...lot.packets.map((run) => ({
					value: run.id,
					label: `packets of ${dayMonth(run.packedOn, session.today)}: ${run.left} left`
				}))
			]}
		/>
	{/if}
	{#if from === BULK}
		{#key number}<MassField label={LABELS.mass} name="mass" {attempt} bind:grams />{/key}
	{:else}
		<TextField label={LABELS.packets} name="packets" {attempt} bind:value={packets} inputmode="numeric" />
	{/if}
	<TextField label={LABELS.takenOn} name="takenOn" type="date" {attempt} bind:value={sownOn} />
	<TextField label={LABELS.note} name="note" {attempt} bind:value={note} hint="may be left empty" />
	<p class="text-sm text-soft sm:col-span-2">
		For {many(found.plants, 'plant')} it takes about {many(lot.seeds, 'seed')}, {mass(lot.grams, units)}: {lot.germination ===
		undefined
			? 'germination as planned'
			: `${lot.germination} % of it germinates`}, {lot.weighed
			? 'its own seed weight'
			: 'the crop’s usual seed weight'}, and the usual losses; enough in 95 of 100 years.
	</p>
	<div class="grid gap-4 sm:col-span-2">
		<Trouble {attempt} labels={LABELS} />
		<div><Act {main} type="submit" disabled={attempt.busy}>Sown</Act></div>
	</div>
</form>
