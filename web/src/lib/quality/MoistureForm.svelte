<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Either from '$lib/form/Either.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { day, text } from '$lib/form/kinds';
	import Readings from '$lib/form/Readings.svelte';
	import { numberIn, numbersIn } from '$lib/form/typed';
	import { here } from '$lib/offline/here';
	import { written } from '$lib/units/units';

	interface Props {
		number: string;
		/** The measurement that is corrected. */
		test?: Schemas['MoistureView'];
		kept: () => void;
	}
	let { number, test, kept }: Props = $props();
	const was = untrack(() => test);
	const PART = { empty: 'empty, with lid', before: 'with seed', after: 'after the oven' } as const;
	type Part = keyof typeof PART;
	type Dish = Record<Part, string>;
	const PARTS = Object.keys(PART) as Part[];
	const dishOf = (part: (part: Part) => string) =>
		Object.fromEntries(PARTS.map((one) => [one, part(one)])) as Dish;

	const form = new Form<Schemas['MoistureRequest']>(
		{
			measuredOn: day('Measured on', { needed: true, start: session.today }),
			note: text('Note')
		},
		was
	);
	let oven = $state((was?.dishes.length ?? 0) > 0);
	let readings = $state(was?.readings.length ? was.readings.map(written) : ['', '', '']);
	let dishes = $state(
		was?.dishes.length
			? was.dishes.map((dish) => dishOf((part) => written(dish[part])))
			: [dishOf(() => ''), dishOf(() => '')]
	);

	function measured() {
		if (!oven) return { readings: numbersIn('readings', readings) };
		const used = dishes.filter((dish) => PARTS.some((part) => dish[part].trim() !== ''));
		const weighed = (dish: Dish, i: number, part: Part) => numberIn(`dishes[${i}].${part}`, dish[part]);
		return {
			dishes: used.map((dish, i) => ({
				empty: weighed(dish, i, 'empty'),
				before: weighed(dish, i, 'before'),
				after: weighed(dish, i, 'after')
			}))
		};
	}
	/** Readings, or the weights of each dish, as they are told where two people corrected them. */
	const figures = (of: { readings?: unknown; dishes?: unknown }) =>
		oven
			? (of.dishes as Record<Part, unknown>[])
					.map((dish) => PARTS.map((part) => dish[part]).join(' / '))
					.join('; ')
			: (of.readings as unknown[]).join('; ');

	async function send() {
		const body = { ...form.body(), ...measured() };
		if (was) await ask(PUT('/api/moisture/{id}', { params: { path: { id: was.id } }, body }));
		else {
			const parts = { params: { path: { number } }, body };
			await ask(POST('/api/lots/{number}/moisture', { ...parts, ...here(`moisture of ${number}`) }));
		}
		kept();
	}
</script>

<FormOf
	{form}
	{send}
	draft="moisture"
	act="Save moisture"
	kept="the old figures"
	taken={kept}
	labels={{ readings: 'The meter read', dishes: 'The dish' }}
	also={(theirs) => [{ label: 'Figures', mine: figures({ readings, dishes }), theirs: figures(theirs) }]}
	class="gap-4"
>
	<div class="flex flex-wrap items-end gap-4">
		<Either
			label="How it is measured"
			bind:value={oven}
			choices={[
				{ value: false, label: 'Meter' },
				{ value: true, label: 'Oven' }
			]}
		/>
		<Fields {form} of={['measuredOn']} />
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
							{@const wrong = form.attempt.problem?.field === `dishes[${i}].${part}`}
							<td
								><input
									class={['input w-28 text-right', wrong && 'input-error']}
									inputmode="decimal"
									aria-label="Dish {i + 1}, {PART[part]}, grams"
									aria-invalid={wrong}
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
		<Readings
			attempt={form.attempt}
			name="readings"
			legend="The meter read, percent"
			each={(i) => `Reading ${i}, percent`}
			bind:values={readings}
			class="max-w-md grid-cols-3"
			hint="A meter is as good as its setting for the crop; a point either way is usual."
		/>
	{/if}
	<Fields {form} of={['note']} />
</FormOf>
