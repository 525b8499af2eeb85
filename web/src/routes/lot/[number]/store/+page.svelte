<script lang="ts">
	import { page } from '$app/state';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { choice, count, day as dayField, pick, text, weight, type Typed } from '$lib/form/kinds';
	import Curve from '$lib/seedroom/Curve.svelte';
	import { BETTER, CONTAINER, TAKEN } from '$lib/seedroom/words';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import { mass, temperature, tenth } from '$lib/units/units';
	import { dayMonth, fullDay, inZone, moment, monthYear } from '$lib/words/dates';
	import { many, placed } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type Withdrawal = Schemas['WithdrawalView'];
	const number = $derived(page.params.number!);
	const units = $derived(session.units);
	const local = (at: string) => inZone(at, session.farm?.timeZone ?? 'UTC');
	const day = (at: string) => dayMonth(at, session.today);
	const places = (shelves: Schemas['ShelfView'][]) =>
		shelves.map((shelf) => ({ value: shelf.id, label: shelf.name }));
	const MOISTURE: Record<Schemas['KeepingView']['moistureBy'], string> = {
		MEASURED: 'as measured, sealed in',
		WEIGHT: 'by its weights, sealed in',
		AIR: 'as it had settled with the air, sealed in',
		SETTLES: 'where open seed settles in that air',
		TAKEN: 'assumed, for it was not measured: up to 5 points more at worst'
	};

	const on = (label: string) => dayField(label, { needed: true, start: session.today });
	const where = (label: string, shelves: Schemas['ShelfView'][], hint?: string) =>
		pick(label, places(shelves), { needed: true, hint });
	const DAMP = text('Why all the same', { ifRefused: true, hint: 'stays with the container' });
	/** What left; what a stock-taking found more came. */
	const tookSays = ({ packets, mass: grams = 0 }: Withdrawal) => {
		const left = packets ?? grams;
		const amount = Math.abs(left);
		const says = packets === undefined ? mass(amount, units) : many(amount, 'packet');
		return left > 0 ? `-${says}` : says;
	};
	const BULK = 'bulk';
	/** Seed that is taken out of the lot; of what was taken it is known whether bulk or packets. */
	const withdrawalFields = (
		stock: Schemas['StockView'],
		sowable: Schemas['Sowable'][],
		withdrawal?: Withdrawal
	) => {
		const runs = stock.runs.filter((run) => run.left > 0);
		const bulk = (typed: Typed) => (withdrawal ? withdrawal.packingRunId === undefined : typed.from === BULK);
		return {
			why: choice('What for', { SOWN: TAKEN.SOWN, TESTED: TAKEN.TESTED, SPOILT: TAKEN.SPOILT }),
			from: pick(
				'From',
				[
					{ value: BULK, label: 'bulk' },
					...runs.map((run) => ({ value: run.id, label: `packets of ${dayMonth(run.packedOn)}` }))
				],
				{ when: () => !withdrawal, start: stock.bulk > 0 ? BULK : runs[0]?.id }
			),
			mass: weight('How much', { needed: true, when: bulk }),
			packets: count('Packets', { needed: true, when: (typed) => !bulk(typed) }),
			takenOn: on('On'),
			plantingId: pick(
				'Sown in',
				[
					{ value: '', label: 'not said' },
					...sowable.map(({ plantingId, season, ground }) => ({
						value: plantingId,
						label: `${season}, ${placed(ground)}`
					}))
				],
				{ when: ({ why }) => why === 'SOWN' }
			),
			note: text('Note', { hint: 'what happened, where it is written off' })
		};
	};
	/** What was taken, out of the bulk or out of a run of packets. */
	const taken = <T extends { from?: string }>({ from, ...body }: T, run = from) => ({
		...body,
		packingRunId: run === BULK ? undefined : run
	});
</script>

<Loading from={data.found} stays>
	{#snippet children({ lot, stock, keeping, containers, shelves, ownSeed, sowable })}
		{@const standing = containers.filter((one) => !one.emptiedOn)}
		<Page title="in store" room={{ name: 'Seed room', path: '/seed-room' }}>
			<div class="mb-5 flex flex-wrap items-center gap-x-6 gap-y-3">
				<Tag number={lot.number} size="large" state={lot.hold ? 'crosses' : 'clear'} />
				<p class="flex-1 text-lg">
					<b>{mass(stock.bulk, units)}</b> in bulk{stock.reserved > 0
						? `, ${mass(stock.reserved, units)} of it kept for own sowing`
						: ''}; <b>{many(stock.packets, 'packet')}</b>
				</p>
			</div>

			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-2">
				<section>
					<h2 class="ruled">How it keeps</h2>
					{#if keeping}
						<p class="my-2 text-lg">
							<b>{Math.round(keeping.now.middle)} %</b> should germinate today, between {Math.round(
								keeping.now.lower
							)}
							and {Math.round(keeping.now.upper)} %.
							{#if keeping.below.middle}
								Below {keeping.standard} % from <b>{monthYear(keeping.below.middle)}</b>{:else}
								Above {keeping.standard} % for <b>more than ten years</b>{/if}; at worst {keeping.below
								.earliest
								? `from ${monthYear(keeping.below.earliest)}`
								: 'more than ten years too'}.
						</p>
						<div class="max-w-md"><Curve {keeping} today={session.today} large /></div>
						<p class="text-sm text-soft">
							From {fullDay(keeping.from)} to {fullDay(keeping.curve[keeping.curve.length - 1].on)}; the
							dotted line is what the grade needs.
						</p>
						<table class="figures mt-2">
							<tbody>
								<tr
									><th scope="row">place</th><td
										>{keeping.place ?? 'its place is not recorded: cool and dry is taken'}</td
									></tr
								>
								<tr
									><th scope="row">air there</th><td
										>{temperature(keeping.celsius, units)}, {Math.round(keeping.humidity)} %</td
									></tr
								>
								<tr
									><th scope="row">moisture of the seed</th><td
										>{tenth(keeping.moisture)} %
										<span class="beside">{MOISTURE[keeping.moistureBy]}</span></td
									></tr
								>
								<tr
									><th scope="row">test again</th><td
										>{keeping.retestOn <= session.today ? 'now' : `by ${fullDay(keeping.retestOn)}`}</td
									></tr
								>
								{#each keeping.gains as gain (gain.how)}
									<tr
										><th scope="row">{BETTER[gain.how]}</th><td
											>{tenth(gain.times)} times as long
											<span class="beside"
												>at {temperature(gain.celsius, units)} and {tenth(gain.moisture)} %</span
											></td
										></tr
									>
								{/each}
							</tbody>
						</table>
						<p class="mt-2 text-sm text-soft">
							{keeping.basis === 'FITTED'
								? 'By constants fitted for the species (Ellis and Roberts).'
								: 'No constants are known for this crop: by the rule of thumb that a point drier or 5 °C colder doubles its life (Harrington), from the years the crop table gives.'}
							{keeping.basis === 'RULE_OF_THUMB'
								? 'Below 0 °C and below 5 % moisture the rule’s end is taken.'
								: ''}
							For sound, well-ripened seed without mould or insects; off twofold easily. Never promise it on a label.
							{containers.length > 1 ? 'By its worst container.' : ''}
						</p>
					{:else}
						<p class="my-2 text-soft">
							Nothing to go by yet: <a class="quiet" href="/lot/{lot.number}/tests">test its germination</a> first.
						</p>
					{/if}
				</section>

				<div class="grid gap-8">
					<section>
						<h2 class="ruled">Where it stands</h2>
						{#if session.works && shelves.length > 0}
							<div class="my-3">
								<Amend
									what="seed of {lot.number}"
									act="put it away"
									asAct
									fields={{
										shelfId: where('Where', shelves),
										kind: choice('In', CONTAINER, { start: 'JAR' }),
										sealed: choice('Closed', { yes: 'sealed, air-tight', no: 'open, or breathes' }),
										count: count('How many alike', { needed: true, start: 1 }),
										on: on('On'),
										dampBecause: DAMP
									}}
									save={(body) =>
										ask(
											POST('/api/lots/{number}/containers', {
												params: { path: { number } },
												body: { ...body, sealed: body.sealed === 'yes' }
											})
										)}
									done={refresh}
								/>
							</div>
						{:else if shelves.length === 0}
							<p class="my-2">
								<a class="quiet" href="/seed-room/shelves">Say first which places there are.</a>
							</p>
						{/if}
						<table class="figures">
							<tbody>
								{#each standing as container (container.id)}
									<tr>
										<th scope="row">{CONTAINER[container.kind]} {container.number}</th>
										<td
											>{container.shelf}, since {day(local(container.since))}
											<span class="beside block"
												>{container.sealed ? 'sealed' : 'open'}{container.dampBecause
													? `, though not known to be dry: ${container.dampBecause}`
													: ''}</span
											>
											{#if container.closedUntil}
												<b class="block"
													>Leave it closed until {moment(local(container.closedUntil), session.now)}: cold
													seed draws damp.</b
												>
											{/if}
										</td>
										<td class="text-right!">
											{#if session.works}
												<Amend
													what="{CONTAINER[container.kind]} {container.number}"
													act="move"
													fields={{
														shelfId: where(
															'Where to',
															shelves.filter((shelf) => shelf.id !== container.shelfId),
															'only dry seed goes into a freezer'
														),
														on: on('On'),
														dampBecause: DAMP
													}}
													save={(body) =>
														ask(
															POST('/api/containers/{id}/move', {
																params: { path: { id: container.id } },
																body
															})
														)}
													done={refresh}
												/>
												<Amend
													what="{CONTAINER[container.kind]} {container.number}"
													act="empty"
													fields={{ on: on('Emptied on') }}
													save={(body) =>
														ask(
															POST('/api/containers/{id}/empty', {
																params: { path: { id: container.id } },
																body: { ...body, version: container.version }
															})
														)}
													done={refresh}
												/>
											{/if}
										</td>
									</tr>
								{:else}
									<tr><td class="text-soft">It has not been put away yet.</td></tr>
								{/each}
							</tbody>
						</table>
					</section>

					<section>
						<h2 class="ruled">Own seed</h2>
						<p class="my-2">
							{stock.reserved > 0
								? `${mass(stock.reserved, units)} is kept for own sowing; ${mass(stock.free, units)} may be packed or sold.`
								: 'None is kept for own sowing.'}
							{#if ownSeed}
								One sowing for {many(ownSeed.plants, 'plant')} takes {ownSeed.seeds} seeds, {mass(
									ownSeed.grams,
									units
								)}; keep {mass(ownSeed.keep, units)}, in case one fails.
							{/if}
						</p>
						{#if session.grower}
							<Amend
								what="own seed of {lot.number}"
								act="reserve some for own sowing"
								asAct
								fields={{
									grams: weight('Reserve', { needed: true, start: lot.reserved || ownSeed?.keep })
								}}
								save={(body) =>
									ask(
										PUT('/api/lots/{number}/reserve', {
											params: { path: { number } },
											body: { ...body, version: lot.version }
										})
									)}
								done={refresh}
							/>
						{/if}
					</section>

					<section>
						<h2 class="ruled">Taken, other than sold</h2>
						{#if session.works && (stock.bulk > 0 || stock.packets > 0)}
							<div class="my-3">
								<Amend
									what="seed of {lot.number}"
									act="take some, or write it off"
									asAct
									fields={withdrawalFields(stock, sowable)}
									save={(body) =>
										ask(
											POST('/api/lots/{number}/withdrawals', {
												params: { path: { number } },
												body: taken(body)
											})
										)}
									done={refresh}
								/>
							</div>
						{/if}
						<table class="figures">
							<tbody>
								{#each stock.withdrawals as withdrawal (withdrawal.id)}
									<tr>
										<th scope="row">{day(withdrawal.takenOn)}</th>
										<td
											>{#if withdrawal.plantingId}<a class="quiet" href="/sown/{withdrawal.plantingId}"
													>{TAKEN[withdrawal.why]}</a
												>{:else}{TAKEN[withdrawal.why]}{/if}{#if withdrawal.mixId}: <a
													class="quiet font-mono"
													href="/stall/mixes/{withdrawal.note}">{withdrawal.note}</a
												>{:else if withdrawal.note}: {withdrawal.note}{/if}
											<span class="beside">{withdrawal.recordedBy}</span></td
										>
										<td class="num">{tookSays(withdrawal)}</td>
										<td class="text-right!"
											>{#if session.works && withdrawal.why !== 'COUNTED' && withdrawal.why !== 'MIXED'}<Amend
													what="what was taken {day(withdrawal.takenOn)}"
													was={withdrawal}
													fields={withdrawalFields(stock, sowable, withdrawal)}
													save={(body) =>
														ask(
															PUT('/api/withdrawals/{id}', {
																params: { path: { id: withdrawal.id } },
																body: taken(body, withdrawal.packingRunId)
															})
														)}
													done={refresh}
												/>{/if}</td
										>
									</tr>
								{:else}
									<tr><td class="text-soft">Nothing.</td></tr>
								{/each}
							</tbody>
						</table>
					</section>
				</div>
			</div>
		</Page>
	{/snippet}
</Loading>
