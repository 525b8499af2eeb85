<script lang="ts">
	import { ask, GET, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn } from '$lib/form/typed';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import StallTabs from '$lib/stall/StallTabs.svelte';
	import { money, packet } from '$lib/stall/words';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import { many } from '$lib/words/words';

	let turn = $state(0);
	let packing = $state(false);
	const found = $derived.by(() => {
		void turn;
		return Promise.all([
			ask(GET('/api/stall-days', { params: { query: {} } })),
			ask(GET('/api/customers')),
			ask(GET('/api/stocked'))
		]);
	});
	const attempt = new Attempt();
	const counting = new Attempt();
	let customerId = $state('');
	let heldOn = $state(session.today);
	let note = $state('');
	let along = $state<Record<string, string>>({});
	let back = $state<Record<string, string>>({});

	interface Offer {
		lot: Schemas['Stocked'];
		run: Schemas['PackingRunView'];
	}
	const offers = (lots: Schemas['Stocked'][]): Offer[] =>
		lots
			.filter((lot) => lot.gate.mayBeSold)
			.flatMap((lot) => lot.stock.runs.filter((run) => run.free > 0).map((run) => ({ lot, run })));
	const written = (all: Offer[]) => all.filter(({ run }) => (along[run.id] ?? '').trim() !== '');

	function take(all: Offer[], market: string) {
		void attempt.run(async () => {
			const lines = written(all).map(({ lot, run }, i) => ({
				number: lot.lot.number,
				packingRunId: run.id,
				taken: countIn(`lines[${i}].taken`, along[run.id])
			}));
			await ask(POST('/api/stall-days', { body: { customerId: market, heldOn, note, lines } }));
			along = {};
			note = '';
			packing = false;
			turn++;
		});
	}
	function count(day: Schemas['StallDayView']) {
		void counting.run(async () => {
			const returned = Object.fromEntries(
				day.lines.map((line) => [
					line.packingRunId,
					countIn('returned', back[day.id + line.packingRunId] ?? '')
				])
			);
			await ask(POST('/api/stall-days/{id}/count', { params: { path: { id: day.id } }, body: { returned } }));
			turn++;
		});
	}
</script>

<Loading from={found} stays>
	{#snippet children([days, customers, { lots }])}
		{@const all = offers(lots)}
		{@const markets = customers.filter((one) => one.kind === 'MARKET')}
		{@const market = customerId || (markets[0] ?? customers[0])?.id}
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
				{#if packing && market}
					<form
						class="mb-8 grid max-w-3xl gap-4 border-l-4 border-marigold bg-paper p-5"
						onsubmit={(event) => {
							event.preventDefault();
							take(all, market);
						}}
					>
						<div class="grid gap-4 sm:grid-cols-3">
							<ChoiceField
								label="Market"
								name="customerId"
								{attempt}
								bind:value={() => market, (other) => (customerId = other)}
								choices={[...markets, ...customers.filter((one) => one.kind !== 'MARKET')].map((one) => ({
									value: one.id,
									label: one.name
								}))}
							/>
							<TextField label="On" name="heldOn" type="date" {attempt} bind:value={heldOn} />
							<TextField label="Note" name="note" {attempt} bind:value={note} />
						</div>
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
						<Trouble {attempt} labels={{ lines: 'Take along' }} />
						<div>
							<Act main type="submit" disabled={attempt.busy || written(all).length === 0}>Pack them</Act>
						</div>
					</form>
				{/if}
			{/if}

			{#each waiting as day (day.id)}
				<section class="mb-8">
					<h2 class="ruled flex flex-wrap items-baseline justify-between gap-3">
						{day.market}, {fullDay(day.heldOn)}
						<a
							class="quiet text-sm font-normal"
							target="_blank"
							rel="noopener"
							href="/api/stall-days/{day.id}/sheet.pdf">sheet to take along</a
						>
					</h2>
					<form
						onsubmit={(event) => {
							event.preventDefault();
							count(day);
						}}
					>
						<table class="figures">
							<thead
								><tr
									><th scope="col">packets</th><th scope="col" class="text-right!">price</th><th
										scope="col"
										class="text-right!">taken</th
									><th scope="col" class="text-right!">came back</th></tr
								></thead
							>
							<tbody>
								{#each day.lines as line (line.packingRunId)}
									<tr>
										<th scope="row"
											>{line.variety}{line.seeds ? `, ${line.seeds} seeds` : ''}
											<span class="beside font-mono">{line.number}</span></th
										>
										<td class="num">{money(line.price)}</td>
										<td class="num">{line.taken}</td>
										<td class="text-right!"
											>{#if session.grower}<input
													class="input w-24 text-right"
													inputmode="numeric"
													aria-label="Came back of {line.number}"
													bind:value={back[day.id + line.packingRunId]}
												/>{/if}</td
										>
									</tr>
								{/each}
							</tbody>
						</table>
						{#if session.grower}
							<div class="mt-3 grid max-w-xl gap-3">
								<Trouble attempt={counting} labels={{ returned: 'Came back', heldOn: 'The day' }} />
								<div>
									<Act main type="submit" disabled={counting.busy || day.heldOn > session.today}
										>Count the day</Act
									>
								</div>
							</div>
						{/if}
					</form>
				</section>
			{/each}

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
										>{line.taken - (line.returned ?? 0)} of {line.taken} sold, {line.variety}
										<a class="quiet font-mono text-sm" href="/lot/{line.number}">{line.number}</a></span
									>{/each}</td
							>
							<td class="num">{money(day.brought)}</td>
							<td class="text-right!">
								{#if session.grower}<Amend
										what="the count at {day.market}"
										act="count anew"
										version={0}
										entries={[]}
										save={(_, made) =>
											ask(
												POST('/api/stall-days/{id}/count-anew', {
													params: { path: { id: day.id } },
													body: { reason: made.reason }
												})
											)}
										done={() => turn++}
									/>{/if}
							</td>
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
