<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, count, day, text, weight } from '$lib/form/kinds';
	import { Latest } from '$lib/form/latest.svelte';
	import { countTyped, mass, numberTyped, written } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import Changes from './Changes.svelte';
	import { DAMPNESS, many, PICKED_FROM } from '$lib/words/words';

	type Request = Schemas['PickRequest'];
	interface Props {
		attempt: Attempt;
		plantingId: string;
		/** Plants standing. */
		standing: number;
		/** Whether only tagged fruit may come to it. */
		tagged?: boolean;
		/** Containers that were labelled. */
		containers?: number;
		/** What was recorded, when it is corrected. */
		pick?: Schemas['PickView'];
		/** What is missing before anything may be filled in; empty when nothing is. */
		waits?: string;
		/** Called with the mass while a pick is corrected. */
		reweighed?: (grams: number) => void;
		/** What that mass would change. */
		changes?: Schemas['LotChanges'];
		save: (request: Request) => Promise<void>;
		taken?: () => void;
	}
	/** What was picked into a lot in one go. */
	let {
		attempt,
		plantingId,
		standing,
		tagged = false,
		containers = 1,
		pick,
		waits = '',
		reweighed = () => {},
		changes,
		save,
		taken = () => {}
	}: Props = $props();

	const was = untrack(() => pick);
	const read = (pick: Record<string, unknown>) => ({
		...pick,
		version: pick.version as number | undefined,
		ripened: pick.indoors ? 'indoors' : 'plant'
	});
	const form = new Form(
		{
			mass: weight('Mass', {
				needed: true,
				heavy: true,
				scale: true,
				scaleKey: 'r',
				hint: 'fruit, pods, heads or tops, as picked'
			}),
			plants: count('Plants picked', { needed: true, hint: () => `of ${standing} standing` }),
			pickedFrom: choice('Picked from', PICKED_FROM, {
				start: untrack(() => (tagged ? 'TAGGED' : 'PLANTING'))
			}),
			which: text('Which', {
				maxlength: 120,
				when: ({ pickedFrom }) => pickedFrom !== 'PLANTING',
				hint: ({ pickedFrom }) =>
					pickedFrom === 'STRETCH' ? 'bed 3, 0 to 12 m' : 'its number, or those of the tags'
			}),
			pickedOn: day('Picked on', { needed: true, start: session.today }),
			dampness: choice('How damp', DAMPNESS, { start: 'DRY' }),
			pieces: count('Fruits or heads'),
			ripened: choice('Ripened', { plant: 'on the plant', indoors: 'finished indoors' }),
			pickedBy: text('Picked by', { maxlength: 60, start: session.account?.name }),
			note: text('Note')
		},
		was && read(was),
		untrack(() => attempt)
	);
	const grams = $derived(numberTyped(form.typed.mass));
	const plants = $derived(countTyped(form.typed.plants));

	$effect(() => {
		if (was && grams > 0 && grams !== was.mass) reweighed(grams);
	});

	const tried = new Latest<Schemas['PickTried']>();
	$effect(() => {
		const { pickedOn } = form.typed;
		const known = plants > 0 && grams > 0 ? { plants, mass: grams } : {};
		if (!pickedOn) return tried.forget();
		void tried.ask(
			ask(
				GET('/api/plantings/{id}/picks/tried', {
					params: { path: { id: plantingId }, query: { pickedOn, ...known } }
				})
			)
		);
	});
	async function send() {
		const { ripened, ...picked } = form.body();
		await save({
			...picked,
			containers: was?.containers ?? containers,
			indoors: ripened === 'indoors'
		});
	}
	const said = (value: unknown) => (typeof value === 'number' ? mass(value, session.units) : '–');
</script>

<FormOf
	{form}
	{send}
	draft="pick"
	act="Into the lot"
	main={waits === ''}
	why={waits}
	kept="the old weight"
	{read}
	{taken}
	labels={{ containers: 'Containers' }}
>
	<Fields {form} of={['mass', 'plants']} />
	<div class="grid gap-2 empty:hidden sm:col-span-2" aria-live="polite">
		{#if tried.answer}
			{@const { usualLow, usualHigh, meant: instead, earlyBy, ripeFrom } = tried.answer}
			{#if usualLow !== undefined && usualHigh !== undefined}
				<p class="caution">
					{many(plants, 'plant')} usually give {said(usualLow)} to {said(usualHigh)}, at harvest; this is {said(
						grams
					)}.
					{#if instead !== undefined}
						Was it
						<button
							type="button"
							class="cursor-pointer font-semibold underline"
							onclick={() => (form.typed.mass = written(instead))}>{said(instead)}</button
						>?
					{:else}
						Were so many picked, and is the unit right?
					{/if}
				</p>
			{/if}
			{#if earlyBy > 0 && ripeFrom}
				<p class="caution">
					By its bloom the first seed is ripe about {dayMonth(ripeFrom, session.today)}, {many(
						earlyBy,
						'day'
					)} after this day. Seed of unripe fruit hardly germinates. Is the day right? If so it is remembered of
					the lot.
				</p>
			{/if}
		{/if}
	</div>
	<Fields {form} of={['pickedFrom', 'which', 'pickedOn']} />
	<details class="col-span-full" open={!!was}>
		<summary class="cursor-pointer font-semibold"
			>Dampness, number of fruits, who picked, ripened where</summary
		>
		<div class="mt-3 grid gap-4 sm:grid-cols-2">
			<Fields {form} of={['dampness', 'pieces', 'ripened', 'pickedBy']} />
		</div>
	</details>
	<Fields {form} of={['note']} />
	{#if changes && grams !== was?.mass}<div class="col-span-full"><Changes {changes} /></div>{/if}
</FormOf>
