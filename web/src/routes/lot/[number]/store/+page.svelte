<script lang="ts">
	import { page } from '$app/state';
	import { ask, GET, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend, { type Entry } from '$lib/form/Amend.svelte';
	import { countIn, numberIn } from '$lib/form/typed';
	import Curve from '$lib/seedroom/Curve.svelte';
	import { BETTER, CONTAINER, TAKEN } from '$lib/seedroom/words';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import { mass, temperature, tenth } from '$lib/units/units';
	import { dayMonth, fullDay, inZone, moment, monthYear } from '$lib/words/dates';
	import { many, placed } from '$lib/words/words';

	const number = $derived(page.params.number!);
	let turn = $state(0);
	const found = $derived.by(() => {
		void turn;
		return ask(GET('/api/lots/{number}/stored', { params: { path: { number } } }));
	});
	const done = () => turn++;
	const units = $derived(session.units);
	const local = (at: string) => inZone(at, session.farm?.timeZone ?? 'UTC');
	const day = (at: string) => dayMonth(at, session.today);
	const YES = [
		{ value: 'true', label: 'sealed, air-tight' },
		{ value: 'false', label: 'open, or breathes' }
	];
	const places = (shelves: Schemas['ShelfView'][]) =>
		shelves.map((shelf) => ({ value: shelf.id, label: shelf.name }));
	const MOISTURE: Record<Schemas['KeepingView']['moistureBy'], string> = {
		MEASURED: 'as measured, sealed in',
		WEIGHT: 'by its weights, sealed in',
		AIR: 'as it had settled with the air, sealed in',
		SETTLES: 'where open seed settles in that air',
		TAKEN: 'assumed, for nobody knows it: up to 5 points more at worst'
	};

	const DAMP: Entry = {
		name: 'dampBecause',
		label: 'Why all the same',
		value: '',
		onlyIfRefused: true,
		hint: 'stays with the container'
	};
	const NOT_SAID = '';
	const takingEntries = (
		stock: Schemas['StockView'],
		sowable: Schemas['Sowable'][],
		taking?: Schemas['TakingView']
	): Entry[] => [
		{
			name: 'why',
			label: 'What for',
			value: taking?.why ?? 'SOWN',
			choices: (['SOWN', 'TESTED', 'SPOILT'] as const).map((value) => ({ value, label: TAKEN[value] }))
		},
		...(taking
			? []
			: [
					{
						name: 'from',
						label: 'From',
						value: stock.bulk > 0 ? 'bulk' : (stock.runs.find((run) => run.left > 0)?.id ?? 'bulk'),
						choices: [
							{ value: 'bulk', label: `bulk, grams` },
							...stock.runs
								.filter((run) => run.left > 0)
								.map((run) => ({ value: run.id, label: `packets of ${dayMonth(run.packedOn)}` }))
						]
					}
				]),
		{
			name: 'much',
			label: 'How much, g or packets',
			value: taking ? String(taking.mass ?? taking.packets) : '',
			type: 'number',
			fields: ['mass', 'packets']
		},
		{ name: 'takenOn', label: 'On', value: taking?.takenOn ?? session.today, type: 'date' },
		{
			name: 'plantingId',
			label: 'Sown in',
			value: taking?.plantingId ?? NOT_SAID,
			choices: [
				{ value: NOT_SAID, label: 'not said, or not sown' },
				...sowable.map(({ plantingId, season, ground }) => ({
					value: plantingId,
					label: `${season}, ${placed(ground)}`
				}))
			]
		},
		{ name: 'note', label: 'Note', value: taking?.note ?? '', hint: 'what happened, where it is written off' }
	];
	function takingBody(typed: Record<string, string>, run: string | undefined) {
		const much = run ? countIn('packets', typed.much) : numberIn('mass', typed.much);
		return {
			why: typed.why as Schemas['TakingView']['why'],
			takenOn: typed.takenOn,
			note: typed.note,
			plantingId: (typed.why === 'SOWN' && typed.plantingId) || undefined,
			...(run ? { packingRunId: run, packets: much } : { mass: much })
		};
	}
</script>

<Loading from={found} stays>
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
						<div class="max-w-md"><Curve {keeping} today={session.today} width={360} height={110} /></div>
						<p class="text-sm text-soft">
							From {fullDay(keeping.from)} to {fullDay(keeping.curve[keeping.curve.length - 1].on)}; the
							dotted line is what the grade needs.
						</p>
						<table class="figures mt-2">
							<tbody>
								<tr
									><th scope="row">place</th><td
										>{keeping.place ?? 'nobody said where it stands: cool and dry is taken'}</td
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
									entries={[
										{ name: 'shelfId', label: 'Where', value: shelves[0].id, choices: places(shelves) },
										{
											name: 'kind',
											label: 'In',
											value: 'JAR',
											choices: Object.entries(CONTAINER).map(([value, label]) => ({ value, label }))
										},
										{ name: 'sealed', label: 'Closed', value: 'true', choices: YES },
										{ name: 'count', label: 'How many alike', value: '1', type: 'number' },
										{ name: 'on', label: 'On', value: session.today, type: 'date' },
										DAMP
									]}
									save={(typed) =>
										ask(
											POST('/api/lots/{number}/containers', {
												params: { path: { number } },
												body: {
													shelfId: typed.shelfId,
													kind: typed.kind as Schemas['ContainerView']['kind'],
													sealed: typed.sealed === 'true',
													dampBecause: typed.dampBecause,
													count: countIn('count', typed.count),
													on: typed.on
												}
											})
										)}
									{done}
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
													entries={[
														{
															name: 'shelfId',
															label: 'Where to',
															value: shelves.find((shelf) => shelf.id !== container.shelfId)?.id ?? '',
															choices: places(shelves.filter((shelf) => shelf.id !== container.shelfId)),
															hint: 'only dry seed goes into a freezer'
														},
														{ name: 'on', label: 'On', value: session.today, type: 'date' },
														DAMP
													]}
													save={(typed) =>
														ask(
															POST('/api/containers/{id}/move', {
																params: { path: { id: container.id } },
																body: {
																	shelfId: typed.shelfId,
																	dampBecause: typed.dampBecause,
																	on: typed.on
																}
															})
														)}
													{done}
												/>
												<Amend
													what="{CONTAINER[container.kind]} {container.number}"
													act="empty"
													entries={[{ name: 'on', label: 'Emptied on', value: session.today, type: 'date' }]}
													save={(typed) =>
														ask(
															POST('/api/containers/{id}/empty', {
																params: { path: { id: container.id } },
																body: { version: container.version, on: typed.on }
															})
														)}
													{done}
												/>
											{/if}
										</td>
									</tr>
								{:else}
									<tr><td class="text-soft">Nobody put it away yet.</td></tr>
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
								act="keep some for own sowing"
								asAct
								entries={[
									{
										name: 'grams',
										label: 'Keep, g',
										value: String(lot.reserved || (ownSeed ? ownSeed.keep : '')),
										type: 'number'
									}
								]}
								save={(typed) =>
									ask(
										PUT('/api/lots/{number}/reserve', {
											params: { path: { number } },
											body: { version: lot.version, grams: numberIn('grams', typed.grams) }
										})
									)}
								{done}
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
									entries={takingEntries(stock, sowable)}
									save={(typed) =>
										ask(
											POST('/api/lots/{number}/takings', {
												params: { path: { number } },
												body: takingBody(typed, typed.from === 'bulk' ? undefined : typed.from)
											})
										)}
									{done}
								/>
							</div>
						{/if}
						<table class="figures">
							<tbody>
								{#each stock.takings as taking (taking.id)}
									<tr>
										<th scope="row">{day(taking.takenOn)}</th>
										<td
											>{#if taking.plantingId}<a class="quiet" href="/sown/{taking.plantingId}"
													>{TAKEN[taking.why]}</a
												>{:else}{TAKEN[taking.why]}{/if}{#if taking.mixId}: <a
													class="quiet font-mono"
													href="/stall/mixes/{taking.note}">{taking.note}</a
												>{:else if taking.note}: {taking.note}{/if}
											<span class="beside">{taking.recordedBy}</span></td
										>
										<td class="num"
											>{taking.packets === undefined
												? `${-(taking.mass ?? 0)} g`
												: `${-taking.packets} packets`}</td
										>
										<td class="text-right!"
											>{#if session.works && taking.why !== 'COUNTED' && taking.why !== 'MIXED'}<Amend
													what="what was taken {day(taking.takenOn)}"
													version={taking.version}
													entries={takingEntries(stock, sowable, taking)}
													save={(typed, made) =>
														ask(
															PUT('/api/takings/{id}', {
																params: { path: { id: taking.id } },
																body: { ...takingBody(typed, taking.packingRunId), ...made }
															})
														)}
													{done}
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
