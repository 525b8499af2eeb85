<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { amount } from '$lib/form/kinds';
	import { countIn } from '$lib/form/typed';
	import { money, packet } from './words';

	interface Props {
		day: Schemas['StallDayView'];
		main: boolean;
		done: () => void;
	}
	/** What came back, what was given, and the cash box; a tally fills in what it knows. */
	let { day, main, done }: Props = $props();

	const tallied = untrack(() => day.lines.some((line) => line.handed > 0));
	let back = $state<Record<string, string>>(
		untrack(() =>
			Object.fromEntries(
				day.lines.map((line) => [line.packingRunId, tallied ? String(line.taken - line.handed) : ''])
			)
		)
	);
	let given = $state<Record<string, string>>(
		untrack(() => Object.fromEntries(day.lines.map((line) => [line.packingRunId, String(line.gifts)])))
	);
	const form = new Form({
		floatCash: amount('Change before the first sale', { start: untrack(() => day.floatCash) }),
		cashCounted: amount('Cash after the last', { hint: 'empty: not counted' }),
		paidOtherwise: amount('By card or transfer')
	});

	async function send() {
		const each = (typed: Record<string, string>, name: string) =>
			Object.fromEntries(
				day.lines.map(({ packingRunId: run }) => [
					run,
					countIn(name, typed[run] || (name === 'given' ? '0' : ''))
				])
			);
		const body = { returned: each(back, 'returned'), given: each(given, 'given'), ...form.body() };
		await ask(POST('/api/stall-days/{id}/count', { params: { path: { id: day.id } }, body }));
		done();
	}
</script>

<FormOf
	{form}
	{send}
	{main}
	act="Count the day"
	labels={{ returned: 'Came back', given: 'Given', heldOn: 'The day' }}
	class="max-w-3xl gap-4 sm:grid-cols-3"
>
	<div class="col-span-full grid gap-4">
		<table class="figures">
			<thead
				><tr
					><th scope="col">packets</th><th scope="col" class="text-right! max-sm:hidden">price</th><th
						scope="col"
						class="text-right!">taken</th
					><th scope="col" class="text-right!">came back</th><th scope="col" class="text-right!">given</th
					></tr
				></thead
			>
			<tbody>
				{#each day.lines as line (line.packingRunId)}
					<tr>
						<th scope="row"
							>{line.variety}, {packet(line)}
							<span class="beside font-mono whitespace-nowrap">{line.number}</span></th
						>
						<td class="num max-sm:hidden">{money(line.price)}</td>
						<td class="num">{line.taken}</td>
						<td class="text-right!"
							><input
								class="input w-16 text-right"
								inputmode="numeric"
								aria-label="Came back of {line.number}"
								bind:value={back[line.packingRunId]}
							/></td
						>
						<td class="text-right!"
							><input
								class="input w-16 text-right"
								inputmode="numeric"
								aria-label="Given of {line.number}"
								bind:value={given[line.packingRunId]}
							/></td
						>
					</tr>
				{/each}
			</tbody>
		</table>
		{#if tallied}
			<p class="text-sm text-soft">
				Filled in from the tally, {money(day.tallied)} in all: count what lies there all the same.
			</p>
		{/if}
	</div>
	<Fields {form} />
</FormOf>
