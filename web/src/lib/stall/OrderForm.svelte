<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { maybeNumberIn, countIn, numberIn } from '$lib/form/typed';
	import { cropWord } from '$lib/words/words';
	import { SALE } from './words';

	interface Props {
		customers: Schemas['CustomerView'][];
		/** Lots in stock: what may be asked for. */
		lots: Schemas['Stocked'][];
		kept: (order: Schemas['OrderView']) => void;
	}
	let { customers, lots, kept }: Props = $props();
	const attempt = new Attempt();
	const BULK = 'bulk';

	interface Line {
		what: string;
		much: string;
		price: string;
	}
	let customerId = $state(untrack(() => customers[0]?.id ?? ''));
	let kind = $state<Schemas['OrderView']['kind']>('SALE');
	let wantedOn = $state(session.today);
	let note = $state('');
	let rows = $state<Line[]>([{ what: '', much: '', price: '' }]);
	const LABELS = {
		customerId: 'Customer',
		kind: 'As',
		wantedOn: 'Wanted on',
		note: 'Note',
		lines: 'What'
	};

	/** Every packet there is of each variety, and its bulk. */
	const choices = $derived.by(() => {
		const all: Record<string, string> = {};
		for (const { variety, stock } of lots) {
			const named = `${variety.name}, ${cropWord(variety.cropName)}`;
			for (const run of stock.runs)
				if (run.seeds) all[`${variety.id}/${run.seeds}`] = `${named}: packets of ${run.seeds}`;
			all[`${variety.id}/${BULK}`] = `${named}: bulk, g`;
		}
		return Object.entries(all)
			.map(([value, label]) => ({ value, label }))
			.sort((a, b) => a.label.localeCompare(b.label));
	});
	const bad = (i: number, ...parts: string[]) =>
		parts.some((part) => attempt.problem?.field === `lines[${i}].${part}`);

	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const lines = rows
				.filter((row) => row.what !== '')
				.map((row, i) => {
					const [varietyId, of] = row.what.split('/');
					const price = maybeNumberIn(`lines[${i}].price`, row.price);
					return of === BULK
						? { varietyId, bulk: numberIn(`lines[${i}].bulk`, row.much), price }
						: { varietyId, seeds: Number(of), packets: countIn(`lines[${i}].packets`, row.much), price };
				});
			const body = { customerId, kind, orderedOn: session.today, wantedOn, note, lines };
			kept(await ask(POST('/api/orders', { body })));
		});
	}
</script>

<form class="grid gap-4" onsubmit={keep}>
	<Draft of="order" {attempt} />
	<div class="grid gap-4 sm:grid-cols-3">
		<ChoiceField
			label={LABELS.customerId}
			name="customerId"
			{attempt}
			bind:value={customerId}
			choices={customers.map((one) => ({ value: one.id, label: one.name }))}
		/>
		<ChoiceField
			label={LABELS.kind}
			name="kind"
			{attempt}
			bind:value={kind}
			choices={Object.entries(SALE).map(([value, label]) => ({ value: value as typeof kind, label }))}
		/>
		<TextField label={LABELS.wantedOn} name="wantedOn" type="date" {attempt} bind:value={wantedOn} />
	</div>
	<table class="figures">
		<thead
			><tr
				><th scope="col">what</th><th scope="col" class="text-right!">packets, or g</th><th
					scope="col"
					class="text-right!">price each, or for 100 g</th
				></tr
			></thead
		>
		<tbody>
			{#each rows as row, i (i)}
				<tr>
					<td
						><select
							class={['select w-full', bad(i, 'seeds') && 'select-error']}
							aria-label="What, line {i + 1}"
							bind:value={row.what}
						>
							<option value="">nothing</option>
							{#each choices as choice (choice.value)}<option value={choice.value}>{choice.label}</option
								>{/each}
						</select></td
					>
					<td class="text-right!"
						><input
							class={['input w-24 text-right', bad(i, 'packets', 'bulk') && 'input-error']}
							inputmode="decimal"
							aria-label="How much, line {i + 1}"
							bind:value={row.much}
						/></td
					>
					<td class="text-right!"
						><input
							class={['input w-28 text-right', bad(i, 'price') && 'input-error']}
							inputmode="decimal"
							placeholder={kind === 'SALE' ? 'by terms' : 'none'}
							aria-label="Price, line {i + 1}"
							bind:value={row.price}
						/></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
	<div class="flex flex-wrap gap-3">
		<Act onclick={() => rows.push({ what: '', much: '', price: '' })}>Another line</Act>
	</div>
	<TextField label={LABELS.note} name="note" {attempt} bind:value={note} />
	<Trouble {attempt} labels={LABELS} />
	<div><Act main type="submit" disabled={attempt.busy}>Take the order</Act></div>
</form>
