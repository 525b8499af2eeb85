<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { written } from '$lib/units/units';
	import { here } from '$lib/rows/here';
	import { untrack } from 'svelte';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Correcting from '$lib/form/Correcting.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { numberIn } from '$lib/form/typed';

	interface Props {
		number: string;
		/** The measurement that is corrected. */
		test?: Schemas['MoistureView'];
		kept: () => void;
	}
	let { number, test, kept }: Props = $props();
	const attempt = new Attempt();
	const was = untrack(() => test);
	let oven = $state((was?.dishes.length ?? 0) > 0);
	let measuredOn = $state(was?.measuredOn ?? session.today);
	let readings = $state(was?.readings.length ? was.readings.map(String) : ['', '', '']);
	let dishes = $state(
		was?.dishes.length
			? was.dishes.map((dish) => ({
					empty: written(dish.empty),
					before: written(dish.before),
					after: written(dish.after)
				}))
			: [
					{ empty: '', before: '', after: '' },
					{ empty: '', before: '', after: '' }
				]
	);
	let note = $state(was?.note ?? '');
	let reason = $state('');
	let version = $state(was?.version);
	const LABELS = {
		measuredOn: 'Measured on',
		readings: 'The meter read',
		dishes: 'The dish',
		note: 'Note',
		reason: 'Why it is corrected'
	};
	const PART = { empty: 'empty, with lid', before: 'with seed', after: 'after the oven' } as const;
	type Part = keyof typeof PART;
	const PARTS = Object.keys(PART) as Part[];
	const figures = (theirs: Record<string, unknown>) => JSON.stringify(oven ? theirs.dishes : theirs.readings);

	function measured() {
		if (!oven) {
			return {
				readings: readings.flatMap((one, i) => (one.trim() === '' ? [] : [numberIn(`readings[${i}]`, one)]))
			};
		}
		return {
			dishes: dishes
				.filter((dish) => PARTS.some((part) => dish[part].trim() !== ''))
				.map((dish, i) => ({
					empty: numberIn(`dishes[${i}].empty`, dish.empty),
					before: numberIn(`dishes[${i}].before`, dish.before),
					after: numberIn(`dishes[${i}].after`, dish.after)
				}))
		};
	}
	function keep() {
		void attempt.run(async () => {
			const body = { measuredOn, note, ...measured(), ...(was ? { version, reason } : {}) };
			if (was) await ask(PUT('/api/moisture/{id}', { params: { path: { id: was.id } }, body }));
			else
				await ask(
					POST('/api/lots/{number}/moisture', {
						params: { path: { number } },
						body,
						...here(`moisture of ${number}`)
					})
				);
			kept();
		});
	}
</script>

<form
	class="grid gap-4"
	onsubmit={(event) => {
		event.preventDefault();
		keep();
	}}
>
	{#if !was}<Draft of="moisture" {attempt} />{/if}
	<div class="flex flex-wrap items-end gap-4">
		<div class="join" role="group" aria-label="How it is measured">
			<button
				type="button"
				class={['btn join-item', !oven && 'btn-active']}
				aria-pressed={!oven}
				onclick={() => (oven = false)}>Meter</button
			>
			<button
				type="button"
				class={['btn join-item', oven && 'btn-active']}
				aria-pressed={oven}
				onclick={() => (oven = true)}>Oven</button
			>
		</div>
		<TextField
			label={LABELS.measuredOn}
			name="measuredOn"
			needed
			type="date"
			{attempt}
			bind:value={measuredOn}
		/>
	</div>
	{#if oven}
		<table class="figures">
			<thead
				><tr
					><th scope="col">grams</th>{#each PARTS as part (part)}<th scope="col" class="text-right!"
							>{PART[part]}</th
						>{/each}</tr
				></thead
			>
			<tbody>
				{#each dishes as dish, i (i)}
					<tr>
						<th scope="row">dish {i + 1}</th>
						{#each PARTS as part (part)}
							<td
								><input
									class={[
										'input w-28 text-right',
										attempt.problem?.field === `dishes[${i}].${part}` && 'input-error'
									]}
									inputmode="decimal"
									aria-label="Dish {i + 1}, {PART[part]}, grams"
									aria-invalid={attempt.problem?.field === `dishes[${i}].${part}`}
									bind:value={dish[part]}
								/></td
							>
						{/each}
					</tr>
				{/each}
			</tbody>
		</table>
		<p class="text-sm text-soft">
			About 5 g in each, coarsely ground where seed is large; 17 hours at 103 °C, or as your laboratory says;
			weigh with the lid on, cooled in a dry place. Hot dishes burn.
		</p>
	{:else}
		<fieldset>
			<legend class="mb-1 text-sm font-semibold">The meter read, percent</legend>
			<div class="grid max-w-md grid-cols-3 gap-3">
				{#each readings.keys() as i (i)}
					<input
						class={['input w-full text-right', attempt.problem?.field === `readings[${i}]` && 'input-error']}
						inputmode="decimal"
						aria-label="Reading {i + 1}, percent"
						aria-invalid={attempt.problem?.field === `readings[${i}]`}
						bind:value={readings[i]}
					/>
				{/each}
			</div>
			<p class="mt-1 text-sm text-soft">
				A meter is as good as its setting for the crop; a point either way is usual.
			</p>
		</fieldset>
	{/if}
	<TextField label={LABELS.note} name="note" {attempt} bind:value={note} />
	<Correcting
		{attempt}
		labels={LABELS}
		asked={!!was}
		kept="the old figures"
		bind:reason
		bind:version
		rows={(theirs) => [
			{ label: LABELS.measuredOn, mine: measuredOn, theirs: String(theirs.measuredOn) },
			{ label: 'Figures', mine: JSON.stringify(oven ? dishes : readings), theirs: figures(theirs) }
		]}
		send={keep}
		takeTheirs={kept}
	>
		<Act main type="submit" disabled={attempt.busy}>{was ? 'Save correction' : 'Save moisture'}</Act>
	</Correcting>
</form>
