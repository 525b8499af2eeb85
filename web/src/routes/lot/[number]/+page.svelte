<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, GET, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import DryMatter from '$lib/bench/DryMatter.svelte';
	import Steps from '$lib/bench/Steps.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { numberIn } from '$lib/form/typed';
	import Corrections from '$lib/lot/Corrections.svelte';
	import GerminationForm from '$lib/lot/GerminationForm.svelte';
	import HoldForm from '$lib/lot/HoldForm.svelte';
	import SeedWeightForm from '$lib/lot/SeedWeightForm.svelte';
	import WeevilForm from '$lib/lot/WeevilForm.svelte';
	import YieldBar from '$lib/lot/YieldBar.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofGate, ofPopulation, ofVerdict, ofWalk } from '$lib/mark/mark';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import Thread from '$lib/thread/Thread.svelte';
	import { distance, mass, percent, tenth } from '$lib/units/units';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import { CAUTION, cropWord, GATE, GRADE, many, ORIGIN, WEEVILS } from '$lib/words/words';

	const number = $derived(page.params.number!);
	let turn = $state(0);
	let doing = $state<'germination' | 'weight' | 'weevils' | 'hold' | Schemas['GerminationView']>();
	const found = $derived.by(() => {
		void turn;
		return ask(GET('/api/lots/{number}', { params: { path: { number } } }));
	});
	const units = $derived(session.units);

	function kept() {
		doing = undefined;
		turn++;
	}
	const hoursOf = (minutes: number) =>
		minutes < 60
			? `${minutes} min`
			: `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
	const correctable = (what: typeof doing): what is Schemas['GerminationView'] => typeof what === 'object';
</script>

<Loading from={found}>
	{#snippet children({ known, stock, thread, parents, walks, checks, corrections, hazards })}
		{@const { lot, planting, harvest, bench, tests, gate } = known}
		{@const germination = tests.germinations[0]}
		{@const weight = tests.seedWeights[0]}
		{@const threat = planting.isolation?.threats[0]}
		<Page title="lot" room={{ name: 'Seed room', path: '/seed-room' }}>
			<div class="mb-5 flex flex-wrap items-center gap-x-6 gap-y-3" id="lot">
				<Tag number={lot.number} size="large" link={false} state={lot.hold ? 'crosses' : 'clear'} />
				<div class="min-w-60 flex-1">
					<p class="text-xl font-bold">
						<a class="hover:underline" href="/desk/varieties/{planting.variety.id}">{planting.variety.name}</a
						>
						<span class="text-base font-normal">{cropWord(planting.variety.cropName)}</span>
					</p>
					<p class="text-soft">
						{lot.origin === 'PICKED' ? `from ${planting.plotName.toLowerCase()}` : ORIGIN[lot.origin]}, {lot.season}
						· {GRADE[lot.grade]} grade{harvest ? ` · ${many(harvest.plants, 'mother plant')}` : ''}
					</p>
					{#if parents}
						<p class="text-soft">
							pollinated by hand: <a class="quiet" href="/pollination/{planting.id}"
								>{many(parents.mothers, 'mother')} and {many(parents.fathers, 'father')}</a
							>, worth {tenth(parents.effective)} to diversity
						</p>
					{/if}
				</div>
				<div class="sm:text-right">
					<Mark {...ofGate(gate, GRADE[lot.grade])} />
					{#if gate.mayBeSold && gate.testRunsOut}
						<p class="mt-1 text-sm text-soft">until its test runs out, {fullDay(gate.testRunsOut)}</p>
					{/if}
				</div>
			</div>

			{#if gate.reasons.length > 0 || gate.cautions.length > 0}
				<section class="caution mb-5">
					{#if gate.reasons.length > 0}
						<h2>It may not be sold yet</h2>
						<ul class="list-inside list-disc">
							{#each gate.reasons as reason (reason)}
								<li>
									{GATE[reason]}{reason === 'ON_HOLD'
										? `: ${lot.hold?.reason}`
										: reason === 'BELOW_STANDARD'
											? `: ${germination?.result.reported} %, ${gate.standard} % asked`
											: ''}
								</li>
							{/each}
						</ul>
					{/if}
					{#each gate.cautions as caution (caution)}<p class="text-soft">
							Worth knowing: {CAUTION[caution]}.
						</p>{/each}
				</section>
			{/if}

			{#if harvest && bench}
				<Thread {thread} planting={planting.id!} steps={bench.steps} />
			{:else}
				<p class="mb-4">Nothing is picked into it yet.</p>
				<Act main href="/harvest/{planting.id}?lot={lot.number}">Weigh the harvest</Act>
			{/if}

			{#if bench}
				<div class="my-6 flex flex-wrap gap-3">
					{#if gate.mayBeSold && stock.bulk > 0}
						<Act main key="p" onclick={() => goto(`/stall/${lot.number}`)}>Pack or sell</Act>
					{:else if stock.packets > 0 && gate.mayBeSold}
						<Act main key="p" onclick={() => goto(`/stall/${lot.number}`)}>Sell</Act>
					{:else if !bench.clean && !bench.poured && session.works}
						<Act main key="b" onclick={() => goto(`/bench/${lot.number}`)}>To the bench</Act>
					{/if}
					{#if session.works}
						<Act
							key="g"
							main={gate.reasons.includes('UNTESTED') && bench.clean}
							onclick={() => (doing = doing === 'germination' ? undefined : 'germination')}
							>Count germination</Act
						>
						<Act key="w" onclick={() => (doing = doing === 'weight' ? undefined : 'weight')}
							>Weigh 100 seeds</Act
						>
						{#if planting.family === 'Fabaceae' || known.weevils}
							<Act key="v" onclick={() => (doing = doing === 'weevils' ? undefined : 'weevils')}
								>Look for weevils</Act
							>
						{/if}
						{#if !lot.hold || session.grower}
							<Act key="h" onclick={() => (doing = doing === 'hold' ? undefined : 'hold')}
								>{lot.hold ? 'Release' : 'Hold'}</Act
							>
						{/if}
					{/if}
					<Act key="l" newTab href="/api/lots/{lot.number}/label.pdf">Labels</Act>
					{#if session.works && !bench.poured}<Act href="/lot/{lot.number}/pour">Blend or part</Act>{/if}
					<Act key="o" href="/lot/{lot.number}/recall">Who has it</Act>
					<Act key="i" onclick={() => print()}>Print this page</Act>
				</div>
				{#if doing}
					<section class="mb-7 max-w-2xl border-l-4 border-marigold bg-paper p-5">
						{#if doing === 'germination'}
							<h2 class="ruled mb-4">Germination, 4 × 100</h2>
							<GerminationForm {number} {kept} />
						{:else if doing === 'weight'}
							<h2 class="ruled mb-4">Thousand-seed weight</h2>
							<SeedWeightForm {number} {kept} />
						{:else if doing === 'weevils'}
							<h2 class="ruled mb-4">Look for weevils</h2>
							<WeevilForm {number} {kept} />
						{:else if doing === 'hold'}
							<h2 class="ruled mb-4">{lot.hold ? 'Release' : 'Hold'}</h2>
							<HoldForm {number} held={lot.hold !== undefined} {kept} />
						{:else if correctable(doing)}
							<h2 class="ruled mb-4">Correct the test of {dayMonth(doing.countedOn, session.today)}</h2>
							<GerminationForm {number} test={doing} {kept} />
						{/if}
					</section>
				{/if}

				<div class="grid items-start gap-x-8 gap-y-7 lg:grid-cols-3">
					<section>
						<h2 class="ruled">Yield</h2>
						<table class="figures">
							<tbody>
								<tr
									><th scope="row">{bench.clean ? 'clean seed' : 'at the last weighing'}</th><td class="num"
										>{mass(bench.mass, units)}</td
									></tr
								>
								<tr><th scope="row">work</th><td class="num">{hoursOf(bench.minutes)}</td></tr>
								<tr><th scope="row">left in bulk</th><td class="num">{mass(stock.bulk, units)}</td></tr>
								<tr><th scope="row">packets left</th><td class="num">{stock.packets}</td></tr>
							</tbody>
						</table>
						{#if bench.yield}<div class="mt-3"><YieldBar result={bench.yield} /></div>{/if}
					</section>
					<section>
						<h2 class="ruled">True to type{lot.origin === 'BLEND' ? ', the largest part' : ''}</h2>
						<table class="figures">
							<tbody>
								<tr>
									<th scope="row">{threat ? threat.name : 'others it crosses with'}</th>
									<td class="num">{threat ? distance(threat.metres, units) : 'none'}</td>
									<td
										>{#if planting.isolation}<Mark {...ofVerdict(planting.isolation.verdict)} />{/if}</td
									>
								</tr>
								{#if planting.isolation}
									<tr
										><th scope="row">crossing, estimate</th><td class="num"
											>{percent(planting.isolation.crossing)}</td
										><td class="beside">limit {percent(planting.isolation.allowed)}</td></tr
									>
								{/if}
								<tr>
									<th scope="row">off-types</th>
									<td class="num"
										>{known.walks ? `${known.walks.offTypes} in ${known.walks.lookedAt}` : '–'}</td
									>
									<td
										>{#if known.walks}<Mark {...ofWalk(known.walks.verdict.mark)} />{:else}<a
												class="quiet"
												href="/walk/{planting.id}">never walked</a
											>{/if}</td
									>
								</tr>
								{#if planting.population}
									<tr
										><th scope="row">effective size, planned</th><td class="num"
											>{Math.round(planting.population.effectiveSize)}</td
										><td><Mark {...ofPopulation(planting.population.mark)} /></td></tr
									>
								{/if}
							</tbody>
						</table>
						<p class="mt-2 text-sm text-soft">
							Walked {walks.length === 0
								? 'never'
								: walks.map((walk) => `${dayMonth(walk.walkedOn)} (${walk.stage})`).join(', ')}.
							<a class="quiet" href="/walk/{planting.id}/found">What they found</a>
						</p>
					</section>
					<section id="tests">
						<h2 class="ruled">Tests</h2>
						<table class="figures">
							<tbody>
								{#each tests.germinations as test, i (test.id)}
									<tr>
										<th scope="row">germination, {dayMonth(test.countedOn, session.today)}</th>
										<td class="num">{test.result.reported} %</td>
										<td class="beside">
											{#if test.result.acceptable}
												{Math.round(test.result.lower)}–{Math.round(test.result.upper)}; needs {gate.standard}
											{:else}
												<Mark state="tight" label="disagree" />
												{test.counts.join(', ')}: {test.result.range} apart, {test.result.toleratedRange} let pass
											{/if}
											{#if i === 0 && session.works}
												<button type="button" class="cursor-pointer underline" onclick={() => (doing = test)}
													>correct</button
												>
											{/if}
										</td>
									</tr>
								{:else}
									<tr
										><th scope="row">germination</th><td class="num">–</td><td class="beside"
											>needs {gate.standard} %</td
										></tr
									>
								{/each}
								<tr>
									<th scope="row">1,000 seeds</th>
									<td class="num">{weight ? mass(weight.result.thousandSeedWeight, units) : '–'}</td>
									<td class="beside">
										{#if weight}
											{Math.round(weight.result.seedsPerGram)} a gram{weight.result.accepted
												? ''
												: `; weights spread ${weight.result.cv.toFixed(1)} %, ${weight.result.limit} % let pass`}
										{/if}
									</td>
								</tr>
								{#each tests.weevils as look, i (look.id)}
									<tr>
										<th scope="row">weevils, {dayMonth(look.lookedOn, session.today)}</th>
										<td class="num">{look.bored} in {look.seeds}</td>
										<td class="beside"
											>{i === 0 && known.weevils
												? `up to ${percent(known.weevils.upper)}; ${WEEVILS[known.weevils.next]}${known.weevils.next === 'LOOK_AGAIN' ? `, ${dayMonth(known.weevils.due, session.today)}` : ''}`
												: ''}
											{#if session.works}<Amend
													what="the look of {dayMonth(look.lookedOn)}"
													version={look.version}
													entries={[
														{ name: 'lookedOn', label: 'Looked on', value: look.lookedOn, type: 'date' },
														{ name: 'seeds', label: 'Seeds', value: String(look.seeds), type: 'number' },
														{ name: 'bored', label: 'Bored', value: String(look.bored), type: 'number' }
													]}
													save={(typed, made) =>
														ask(
															PUT('/api/weevil-looks/{id}', {
																params: { path: { id: look.id } },
																body: {
																	lookedOn: typed.lookedOn,
																	seeds: numberIn('seeds', typed.seeds),
																	bored: numberIn('bored', typed.bored),
																	...made
																}
															})
														)}
													done={kept}
												/>{/if}</td
										>
									</tr>
								{/each}
								<tr
									><th scope="row">moisture</th><td class="num"
										>{bench.moisture === undefined ? '–' : `${bench.moisture} %`}</td
									><td class="beside"
										>{bench.moisture === undefined ? 'not measured' : 'when last measured'}</td
									></tr
								>
								{#if gate.chance !== undefined && germination}
									<tr
										><th scope="row">truly at {gate.standard} % or better</th><td class="num"
											>{percent(gate.chance)}</td
										><td class="beside">chance, from this sample alone</td></tr
									>
								{/if}
							</tbody>
						</table>
					</section>
				</div>

				{#if harvest}
					<h2 class="ruled mt-8 flex items-baseline justify-between gap-3">
						Every weight<a class="quiet text-sm font-normal" href="/yields?crop={planting.variety.cropKey}"
							>beside other lots</a
						>
					</h2>
					<Steps
						{harvest}
						{bench}
						{checks}
						correct={session.works
							? (recordId) => goto(`/bench/${lot.number}?correct=${recordId}`)
							: undefined}
						changed={session.works ? kept : undefined}
					/>
				{/if}
				{#if bench.steps.some((step) => step.dry)}
					<h2 class="ruled mt-8">Where the dry matter went</h2>
					<DryMatter {bench} />
				{/if}
				{#if stock.runs.length > 0 || stock.sales.length > 0}
					<h2 class="ruled mt-8 flex items-baseline justify-between gap-3">
						Who has it<a class="quiet text-sm font-normal" href="/lot/{lot.number}/recall">all of its seed</a>
					</h2>
					<table class="figures">
						<tbody>
							{#each stock.sales as sale (sale.id)}
								<tr>
									<th scope="row">{sale.customer}</th>
									<td>{dayMonth(sale.soldOn, session.today)}</td>
									<td class="num"
										>{sale.packets === undefined
											? mass(sale.bulk ?? 0, units)
											: many(sale.packets, 'packet')}</td
									>
								</tr>
							{:else}
								<tr><td class="text-soft">{many(stock.packets, 'packet')} packed, none sold.</td></tr>
							{/each}
						</tbody>
					</table>
				{/if}
				<Corrections {corrections} />
				<p class="caution mt-8 text-sm">
					Take care: {hazards}. Seed law, plant health and labels differ by country: your authority decides,
					this page certifies nothing.
				</p>
			{/if}
		</Page>
	{/snippet}
</Loading>
