<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { amount, day, pick, text } from '$lib/form/kinds';
	import { countIn } from '$lib/form/typed';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import StallTabs from '$lib/stall/StallTabs.svelte';
	import { difference, money, packet } from '$lib/stall/words';
	import { dayMonth } from '$lib/words/dates';
	import { many } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	let packing = $state(false);
	let along = $state<Record<string, string>>({});

	const asked = (markets: Schemas['CustomerView'][]) =>
		new Form({
			customerId: pick(
				'Market',
				markets.map(({ id, name }) => ({ value: id, label: name })),
				{ needed: true }
			),
			heldOn: day('On', { needed: true, start: session.today }),
			floatCash: amount('Change in the cash box'),
			note: text('Note')
		});

	interface Offer {
		lot: Schemas['Stocked'];
		run: Schemas['PackingRunView'];
	}
	const offers = (lots: Schemas['Stocked'][]): Offer[] =>
		lots
			.filter((lot) => lot.gate.mayBeSold)
			.flatMap((lot) => lot.stock.runs.filter((run) => run.free > 0).map((run) => ({ lot, run })));
	const written = (all: Offer[]) => all.filter(({ run }) => (along[run.id] ?? '').trim() !== '');

	async function take(all: Offer[], body: ReturnType<ReturnType<typeof asked>['body']>) {
		const lines = written(all).map(({ lot, run }, i) => ({
			number: lot.lot.number,
			packingRunId: run.id,
			taken: countIn(`lines[${i}].taken`, along[run.id])
		}));
		await ask(POST('/api/stall-days', { body: { ...body, lines } }));
		along = {};
		packing = false;
		refresh();
	}
</script>

<Loading from={data.found} stays>
	{#snippet children([days, customers, { lots }])}
		{@const all = offers(lots)}
		{@const markets = customers.filter((one) => one.kind === 'MARKET')}
		{@const waiting = days.items.filter((day) => !day.counted)}
		<Page
			title="Stall"
			says={waiting.length
				? `${many(waiting.length, 'day')} to count`
				: many(days.total, 'day') + ' at the stall'}
		>
			<StallTabs />
			{#if session.grower}
				{#if customers.length === 0}
					<p class="mb-4"><a class="quiet" href="/stall/customers">Add the market as a customer first.</a></p>
				{:else if all.length === 0}
					<p class="mb-4 text-soft">There are no packets that may be sold and are promised to nobody.</p>
				{:else}
					<div class="mb-4">
						<Act main={waiting.length === 0} key="n" onclick={() => (packing = !packing)}
							>Pack for a stall day</Act
						>
					</div>
				{/if}
				{#if packing && customers.length}
					{@const form = asked([...markets, ...customers.filter((one) => one.kind !== 'MARKET')])}
					<FormOf
						{form}
						send={() => take(all, form.body())}
						draft="day"
						act="Pack them"
						why={written(all).length ? '' : 'Say how many packets go along.'}
						labels={{ lines: 'Take along' }}
						class="mb-8 max-w-3xl gap-4 border-l-4 border-marigold bg-paper p-5"
					>
						<div class="grid gap-4 sm:grid-cols-3"><Fields {form} /></div>
						<table class="figures">
							<thead
								><tr
									><th scope="col">packets</th><th scope="col" class="text-right!">price</th><th
										scope="col"
										class="text-right!">there are</th
									><th scope="col" class="text-right!">take along</th></tr
								></thead
							>
							<tbody>
								{#each all as { lot, run } (run.id)}
									<tr>
										<th scope="row"
											>{lot.variety.name}, {packet(run)}
											<span class="beside font-mono">{lot.lot.number}</span></th
										>
										<td class="num">{money(run.price)}</td>
										<td class="num">{run.free}</td>
										<td class="text-right!"
											><input
												class="input w-24 text-right"
												inputmode="numeric"
												aria-label="Take along of {lot.lot.number}"
												bind:value={along[run.id]}
											/></td
										>
									</tr>
								{/each}
							</tbody>
						</table>
					</FormOf>
				{/if}
			{/if}

			{#if waiting.length}
				<h2 class="ruled">Not counted</h2>
				<table class="figures mb-8">
					<tbody>
						{#each waiting as day (day.id)}
							{@const along = day.lines.reduce((sum, line) => sum + line.taken, 0)}
							<tr>
								<th scope="row"
									>{day.market}<br /><span class="beside">{dayMonth(day.heldOn, session.today)}</span></th
								>
								<td
									>{many(along, 'packet')} taken along{#if day.tallied > 0}<br /><span class="beside"
											>{money(day.tallied)} by the tally</span
										>{/if}</td
								>
								<td class="text-right!"
									><Act href="/stall/days/{day.id}" main={day === waiting[0]}
										>{day.heldOn === session.today
											? 'Sell'
											: day.heldOn < session.today
												? 'Count'
												: 'Look'}</Act
									></td
								>
							</tr>
						{/each}
					</tbody>
				</table>
			{/if}

			<h2 class="ruled">Days before</h2>
			<table class="figures">
				<tbody>
					{#each days.items.filter((day) => day.counted) as day (day.id)}
						<tr>
							<th scope="row"
								>{day.market}<br /><span class="beside">{dayMonth(day.heldOn, session.today)}</span></th
							>
							<td
								>{#each day.lines as line (line.packingRunId)}<span class="block"
										>{line.taken - (line.returned ?? 0) - (line.given ?? 0)} of {line.taken} sold{line.given
											? `, ${line.given} given`
											: ''}, {line.variety}
										<a class="quiet font-mono text-sm" href="/lot/{line.number}">{line.number}</a></span
									>{/each}</td
							>
							<td class="num"
								>{money(day.brought)}{#if day.difference}<br /><span class="beside"
										>{difference(day)?.label}</span
									>{/if}</td
							>
							<td class="text-right!"><a class="quiet" href="/stall/days/{day.id}">the day</a></td>
						</tr>
					{:else}
						<tr
							><td class="text-soft">What does not come back from a market was sold; it is counted here.</td
							></tr
						>
					{/each}
				</tbody>
			</table>
		</Page>
	{/snippet}
</Loading>
