<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { mass, tenth } from '$lib/units/units';
	import { BLEND, BLEND_PLAN, GRADE, STEP } from '$lib/words/words';

	interface Props {
		/** The lot itself, then what may be blended with it. */
		lots: Schemas['Ingredient'][];
		/** Numbers of those that are taken to begin with, besides the lot itself. */
		along?: string[];
		poured: (lot: Schemas['LotView']) => void;
	}
	/** Pours lots of one variety together. */
	let { lots, along = [], poured }: Props = $props();

	const attempt = new Attempt();
	const plan = new Latest<Schemas['BlendPlan']>();
	let pouredOn = $state(session.today);
	// svelte-ignore state_referenced_locally
	let rows = $state(
		lots.map((lot, i) => ({ lot, taken: i === 0 || along.includes(lot.number), grams: lot.available }))
	);
	const taken = $derived(rows.filter((row) => row.taken));
	const body = $derived({
		parts: taken.map((row) => ({ number: row.lot.number, mass: row.grams })),
		pouredOn
	});
	const LABELS = { pouredOn: 'Blended on', parts: 'Lots', mass: 'Mass' };
	const units = $derived(session.units);

	$effect(() => {
		if (taken.length > 1 && taken.every((row) => row.grams > 0)) {
			void plan.ask(ask(POST('/api/blends/preview', { body })));
		} else {
			plan.forget();
		}
	});
	function pour(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => poured(await ask(POST('/api/blends', { body }))));
	}
</script>

<form class="grid gap-4" onsubmit={pour}>
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
								{attempt}
								bind:grams={row.grams}
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
					perfectly{blend.purityTaken ? ` and are ${blend.purityTaken} % pure where nobody tested it` : ''}.
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
	<div class="max-w-60">
		<TextField label={LABELS.pouredOn} name="pouredOn" type="date" {attempt} bind:value={pouredOn} />
	</div>
	<p class="text-sm text-soft">
		A blend averages; it does not mend a bad lot, and it hides a diseased one. It gets a number of its own and
		remembers every lot in it. Print its label before you blend.
	</p>
	<Trouble {attempt} labels={LABELS} />
	<div>
		<Act main type="submit" disabled={attempt.busy} why={taken.length < 2 ? 'Take a second lot.' : ''}
			>Blend</Act
		>
	</div>
</form>
