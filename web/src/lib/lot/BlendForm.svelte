<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { day } from '$lib/form/kinds';
	import { Latest } from '$lib/form/latest.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import { mass, numberTyped, tenth, written } from '$lib/units/units';
	import { BLEND, BLEND_PLAN, GRADE, STEP } from '$lib/words/words';

	interface Props {
		/** The lot itself, then what may be blended with it. */
		lots: Schemas['Ingredient'][];
		/** Numbers of those that are taken to begin with, besides the lot itself. */
		along?: string[];
		transferred: (lot: Schemas['LotView']) => void;
	}
	/** Blends lots of one variety. */
	let { lots, along = [], transferred }: Props = $props();

	const plan = new Latest<Schemas['BlendPlan']>();
	const form = new Form({ transferredOn: day('Blended on', { needed: true, start: session.today }) });
	// svelte-ignore state_referenced_locally
	let rows = $state(
		lots.map((lot, i) => ({
			lot,
			taken: i === 0 || along.includes(lot.number),
			typed: written(lot.available)
		}))
	);
	const taken = $derived(rows.filter((row) => row.taken));
	const body = $derived({
		parts: taken.map((row) => ({ number: row.lot.number, mass: numberTyped(row.typed) })),
		transferredOn: form.typed.transferredOn
	});
	const units = $derived(session.units);

	$effect(() => {
		if (taken.length > 1 && taken.every((row) => numberTyped(row.typed) > 0)) {
			void plan.ask(ask(POST('/api/blends/preview', { body })));
		} else {
			plan.forget();
		}
	});
	const send = async () => transferred(await ask(POST('/api/blends', { body })));
</script>

<FormOf
	{form}
	{send}
	act="Blend"
	why={taken.length < 2 ? 'Take a second lot.' : ''}
	labels={{ parts: 'Lots', mass: 'Mass' }}
	class="gap-4"
>
	<table class="figures">
		<thead>
			<tr>
				<th scope="col"><span class="sr-only">in the blend</span></th>
				<th scope="col" class="text-right!">in stock</th>
				<th scope="col" class="text-right! max-sm:hidden">germination</th>
				<th scope="col" class="text-right! max-sm:hidden">1,000 seeds</th>
				<th scope="col" class="text-right! max-sm:hidden">moisture</th>
				<th scope="col" class="w-56">take</th>
			</tr>
		</thead>
		<tbody>
			{#each rows as row, i (row.lot.number)}
				<tr>
					<th scope="row">
						<label class="flex min-h-11 cursor-pointer items-center gap-3">
							<input type="checkbox" class="checkbox" bind:checked={row.taken} disabled={i === 0} />
							<span
								><strong class="font-mono text-lg">{row.lot.number}</strong>
								<span class="beside"
									>{row.lot.season}, {GRADE[row.lot.grade]} grade{row.lot.kept > 0
										? `; ${mass(row.lot.kept, units)} more kept for own sowing`
										: ''}</span
								></span
							>
						</label>
					</th>
					<td class="num">{mass(row.lot.available, units)}</td>
					<td class="num max-sm:hidden"
						>{row.lot.germination === undefined ? '–' : `${row.lot.germination} %`}</td
					>
					<td class="num max-sm:hidden"
						>{row.lot.thousandSeedWeight === undefined ? '–' : mass(row.lot.thousandSeedWeight, units)}</td
					>
					<td class="num max-sm:hidden"
						>{row.lot.moisture === undefined ? '–' : `${tenth(row.lot.moisture.percent)} %`}</td
					>
					<td
						>{#if row.taken}<MassField
								label="From {row.lot.number}"
								name="mass{i}"
								heavy={row.lot.available >= 1000}
								attempt={form.attempt}
								bind:value={row.typed}
								scale
							/>{/if}</td
					>
				</tr>
			{/each}
		</tbody>
	</table>
	<div aria-live="polite" class="grid gap-2">
		{#if plan.answer}
			{@const blend = plan.answer}
			<p>
				<strong class="text-xl">{mass(blend.mass, units)}</strong> together, {GRADE[blend.grade]} grade, {blend.season}{blend
					.left.length > 0
					? `, still to ${STEP[blend.left[0]].act.toLowerCase()}`
					: ''}.
				{#if blend.expected}
					About <strong>{blend.expected.germination.toFixed(0)} %</strong> would germinate if they mix
					perfectly{blend.purityTaken ? ` and are ${blend.purityTaken} % pure where it was not tested` : ''}.
					It needs a test of its own before it is sold.
				{/if}
			</p>
			<ul class="list-inside list-disc font-semibold">
				{#each [...(blend.expected?.cautions ?? []).map((one) => BLEND[one]), ...blend.cautions.map((one) => BLEND_PLAN[one])] as caution (caution)}
					<li>{caution}</li>
				{/each}
			</ul>
		{:else if plan.problem}
			<p class="font-semibold text-alarm">{plan.problem.message}</p>
		{/if}
	</div>
	<div class="max-w-60"><Fields {form} /></div>
	<p class="text-sm text-soft">
		A blend averages; it does not mend a bad lot, and it hides a diseased one. It gets a number of its own and
		remembers every lot in it. Print its label before you blend.
	</p>
</FormOf>
