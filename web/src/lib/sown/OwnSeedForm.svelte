<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { count, day, pick, shown, text, weight, type Typed } from '$lib/form/kinds';
	import ScanButton from '$lib/scan/ScanButton.svelte';
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
	const NEEDED = { needed: true } as const;
	const units = $derived(session.units);
	let unknown = $state('');
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
	const called = (number?: string) =>
		found.proposed.find((one) => one.number === number) ?? found.proposed[0];
	/** What the plants take, as far as there is so much in bulk. */
	const sensible = (one: Proposed) => shown(Math.min(one.grams, one.bulk) || undefined);
	const sources = (one: Proposed) => [
		...(one.bulk > 0 || one.packets.length === 0
			? [{ value: BULK, label: `bulk, ${mass(one.bulk, units)}` }]
			: []),
		...one.packets.map((run) => ({
			value: run.id,
			label: `packets of ${dayMonth(run.packedOn, session.today)}: ${run.left} left`
		}))
	];
	const fromBulk = ({ packingRunId }: Typed) => packingRunId === BULK;
	const form = new Form({
		number: pick('Lot', () => found.proposed.map((one) => ({ value: one.number, label: words(one) })), {
			...NEEDED,
			then: (now) => choose(now)
		}),
		packingRunId: pick('From', (typed) => sources(called(typed.number)), {
			...NEEDED,
			when: (typed) => called(typed.number).packets.length > 0
		}),
		mass: weight('How much', {
			...NEEDED,
			start: untrack(() => sensible(found.proposed[0])),
			when: fromBulk
		}),
		packets: count('Packets sown', { ...NEEDED, when: (typed) => !fromBulk(typed) }),
		sownOn: day('On', {
			...NEEDED,
			start: untrack(() => likelyDay(found.plannedOn)),
			refusedAs: ['takenOn']
		}),
		note: text('Note', { hint: 'may be left empty' })
	});
	const lot = $derived(called(form.typed.number));
	const choose = (number: string) => {
		form.typed.number = number;
		form.typed.mass = sensible(called(number));
	};

	/** A label was held before the camera: its lot is chosen, if it is seed of this variety. */
	function scanned(code: string) {
		const one = found.proposed.find((lot) => lot.number === code.toUpperCase());
		unknown = one ? '' : `${code} is not a lot with seed of this variety.`;
		if (one) choose(one.number);
	}

	async function send() {
		const { packingRunId, ...sown } = form.body();
		const body = { ...sown, packingRunId: packingRunId === BULK ? undefined : packingRunId };
		await ask(POST('/api/plantings/{id}/sown', { params: { path: { id: found.plantingId } }, body }));
		kept();
	}
</script>

<FormOf {form} {send} draft="own seed" {main} act="Sown" labels={{ plantingId: 'Lot' }}>
	<div class="flex items-end gap-2 sm:col-span-2">
		<div class="min-w-0 flex-1"><Fields {form} of={['number']} /></div>
		<ScanButton what="a lot" read={scanned} />
	</div>
	{#if unknown}<p class="text-sm font-semibold text-alarm sm:col-span-2" role="alert">{unknown}</p>{/if}
	{#if lot.onHold}
		<p class="caution sm:col-span-2">
			{lot.number} is on hold: {lot.onHold}. What it gives will be on hold too.
		</p>
	{/if}
	<Fields {form} of={['packingRunId', 'mass', 'packets', 'sownOn', 'note']} />
	<p class="text-sm text-soft sm:col-span-2">
		For {many(found.plants, 'plant')} it takes about {many(lot.seeds, 'seed')}, {mass(lot.grams, units)}: {lot.germination ===
		undefined
			? 'germination as planned'
			: `${lot.germination} % of it germinates`}, {lot.weighed
			? 'its own seed weight'
			: 'the crop’s usual seed weight'}, and the usual losses; enough in 95 of 100 years.
	</p>
</FormOf>
