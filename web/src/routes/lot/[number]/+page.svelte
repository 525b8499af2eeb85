<script lang="ts">
	import Term from '$lib/glossary/Term.svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import DryMatter from '$lib/bench/DryMatter.svelte';
	import Steps from '$lib/bench/Steps.svelte';
	import { bought, generation } from '$lib/family/words';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import Corrections from '$lib/lot/Corrections.svelte';
	import Gave from '$lib/lot/Gave.svelte';
	import GateList from '$lib/lot/GateList.svelte';
	import ContainerLabels from '$lib/lot/ContainerLabels.svelte';
	import HoldForm from '$lib/lot/HoldForm.svelte';
	import MixUps from '$lib/lot/MixUps.svelte';
	import { arrivalFields, cameFrom } from '$lib/lot/arrival';
	import { nextAct } from '$lib/lot/next';
	import { known as sureness, told } from '$lib/lot/moisture';
	import YieldBar from '$lib/lot/YieldBar.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import Hours from '$lib/money/Hours.svelte';
	import { ofGate, ofPopulation, ofVerdict, ofWalk } from '$lib/mark/mark';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import { lot as lotOf } from '$lib/offline/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Pictures from '$lib/photo/Pictures.svelte';
	import Page from '$lib/shell/Page.svelte';
	import StrikeOut from '$lib/mistake/StrikeOut.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import History from '$lib/history/History.svelte';
	import { distance, mass, percent, tenth } from '$lib/units/units';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import { cropWord, GRADE, many, ORIGIN, placed, weevilsSay } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const number = $derived(page.params.number!);
	let holding = $state(false);
	let labelling = $state(false);
	const rows = $derived(new OfflinePage(`/lot/${number}`, lotOf(number)));
	const units = $derived(session.units);

	function kept() {
		holding = false;
		rows.again();
		refresh();
	}
	const hoursOf = (minutes: number) =>
		minutes < 60
			? `${minutes} min`
			: `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
</script>

{#snippet paper(key: string, of: string, named: string)}
	<a class="quiet" data-key={key} target="_blank" rel="noopener" href="/api/lots/{number}/{of}.pdf">{named}</a
	>
{/snippet}

<Loading from={rows.found}>
	{#snippet children({
		known,
		stock,
		sales,
		history,
		gave,
		generation: grown,
		sown,
		parents,
		walks,
		checks,
		overrulings,
		corrections,
		hazards,
		photos
	})}
		{@const { lot, variety, planting, harvest, bench, tests, gate } = known}
		{@const weight = tests.seedWeights[0]}
		{@const threat = planting?.isolation?.threats[0]}
		<Page title="lot" room={{ name: 'Seed room', path: '/seed-room' }}>
			<div class="mb-5 flex flex-wrap items-center gap-x-6 gap-y-3" id="lot">
				<Tag number={lot.number} size="large" link={false} state={lot.hold ? 'crosses' : 'clear'} />
				<div class="min-w-60 flex-1">
					<p class="text-xl font-bold">
						<a class="quiet" href="/desk/varieties/{variety.id}">{variety.name}</a>
						<span class="text-base font-normal">{cropWord(variety.cropName)}</span>
					</p>
					<p class="text-soft">
						{harvest?.arrival
							? cameFrom(harvest.arrival)
							: lot.origin === 'PICKED' && planting
								? `from ${placed(planting.plotName)}`
								: ORIGIN[lot.origin]}, {lot.season}
						· {GRADE[lot.grade]} grade{harvest?.plants ? ` · ${many(harvest.plants, 'mother plant')}` : ''}
					</p>
					{#if !harvest && session.grower}
						<StrikeOut kind="LOT" recordId={lot.id} named={lot.number} />
					{/if}
					{#if lot.oldNumber}<p class="text-soft">was called <b class="font-mono">{lot.oldNumber}</b></p>{/if}
					{#if harvest?.arrival}
						{@const came = harvest.arrival}
						<p class="text-soft">
							{mass(came.mass, units)} came {fullDay(came.cameOn)}{came.theirGermination === undefined
								? ''
								: `; by their label ${came.theirGermination} % germinate${came.theirTestOn ? `, ${fullDay(came.theirTestOn)}` : ''}`}{came.treatment
								? `; treated: ${came.treatment}`
								: ''}{came.note ? `; ${came.note}` : ''}
							{#if session.works}<Amend
									what="how {lot.number} came"
									was={{ ...came, oldNumber: lot.oldNumber }}
									fields={arrivalFields()}
									save={(body) =>
										ask(PUT('/api/lots/arrivals/{id}', { params: { path: { id: came.id } }, body }))}
									done={kept}
								/>{/if}
						</p>
					{/if}
					<p class="text-soft">
						{generation(grown)}{#if sown}; sown with
							{#each sown.own as seed, i (seed.withdrawal.id)}{i ? ', ' : ''}<a
									class="quiet font-mono"
									href="/lot/{seed.number}">{seed.number}</a
								>{/each}{sown.own.length && sown.elsewhere.length ? ' and ' : ''}{sown.elsewhere.length
								? `seed from elsewhere: ${sown.elsewhere.map((seed) => bought(seed, units)).join('; ')}`
								: ''}{#if !sown.own.length && !sown.elsewhere.length}
								<a class="quiet" href="/sown/{planting?.id}">seed that is not recorded</a>{/if}{/if}
					</p>
					{#if parents}
						<p class="text-soft">
							pollinated by hand: <a class="quiet" href="/pollination/{planting?.id}"
								>{many(parents.mothers, 'mother')} and {many(parents.fathers, 'father')}</a
							>, effective population size (Nₑ) {tenth(parents.effective)}
						</p>
					{/if}
				</div>
			</div>

			<div class="mb-4 flex flex-wrap items-baseline gap-x-4 gap-y-1">
				<Mark {...ofGate(gate, GRADE[lot.grade])} large />
				{#if gate.mayBeSold && gate.testRunsOut}
					<p>until its test runs out, {fullDay(gate.testRunsOut)}</p>
				{/if}
			</div>
			<GateList {lot} {gate} {overrulings} {kept} />

			{#if bench}
				{@const next = nextAct(gate, bench, stock)}
				<div class="mb-2 flex flex-wrap gap-3">
					{#if session.works}
						{#if next === 'pack' || next === 'sell'}
							<Act main key="p" onclick={() => goto(`/stall/${lot.number}`)}
								>{next === 'pack' ? 'Pack or sell' : 'Sell'}</Act
							>
						{:else if next === 'bench'}
							<Act main key="b" onclick={() => goto(`/bench/${lot.number}`)}>To the bench</Act>
						{/if}
						<Act key="g" main={next === 'tests'} href="/lot/{lot.number}/tests">Tests</Act>
						{#if bench.clean}<Act key="s" href="/lot/{lot.number}/store">In store</Act>{/if}
						{#if !lot.hold || session.grower}
							<Act key="h" onclick={() => (holding = !holding)}>{lot.hold ? 'Release' : 'Hold'}</Act>
						{/if}
					{/if}
					<Act key="l" onclick={() => (labelling = !labelling)}>Labels</Act>
				</div>
				<nav class="mb-6 flex flex-wrap gap-x-5 gap-y-1" aria-label="More of this lot">
					{#if session.works && !bench.transferred}<a class="quiet" href="/lot/{lot.number}/blend"
							>Blend or split</a
						>{/if}
					{#if session.works}<a class="quiet" data-key="o" href="/lot/{lot.number}/family"
							>Family and recall</a
						>{/if}
					{#if session.grower}<a class="quiet" href="/lot/{lot.number}/money">Money</a>{/if}
					{@render paper('c', 'for-customers', 'For a customer')}
					{@render paper('r', 'report', 'Whole report')}
					<button type="button" class="quiet cursor-pointer" data-key="i" onclick={() => print()}
						>Print this page</button
					>
				</nav>
				{#if labelling}
					<section class="mb-7 border-l-4 border-marigold bg-paper p-5">
						<h2 class="ruled mb-4">Labels of its containers</h2>
						<ContainerLabels number={lot.number} />
					</section>
				{/if}
				{#if holding}
					<section class="mb-7 max-w-2xl border-l-4 border-marigold bg-paper p-5">
						<h2 class="ruled mb-4">{lot.hold ? 'Release' : 'Hold'}</h2>
						<HoldForm {number} held={lot.hold !== undefined} {kept} />
					</section>
				{/if}
				<Loading from={data.mixUps} stays>
					{#snippet children(all)}
						<MixUps number={lot.number} {all} asking={holding} {kept} />
					{/snippet}
				</Loading>
			{/if}

			{#if harvest && bench}
				<History {history} planting={planting?.id} steps={bench.steps} came={harvest.arrival !== undefined} />
			{:else}
				<p class="mb-4">Nothing is picked into it yet.</p>
				<Act main href="/harvest/{planting?.id}?lot={lot.number}">Weigh the harvest</Act>
			{/if}

			{#if bench}
				<div class="mt-6 grid items-start gap-x-8 gap-y-7 lg:grid-cols-3">
					<section>
						<h2 class="ruled">Yield</h2>
						<table class="figures">
							<tbody>
								<tr
									><th scope="row"
										>{bench.clean
											? 'clean seed'
											: bench.transferred
												? 'when all of it was transferred'
												: 'at the last weighing'}{#if session.works && bench.clean && stock.bulk > 0}<br /><a
												class="text-sm font-normal text-soft underline"
												href="/lot/{lot.number}/blend#again">clean again</a
											>{/if}</th
									><td class="num">{mass(bench.mass, units)}</td></tr
								>
								<tr
									><th scope="row"
										>work at the bench{#if session.works}<br /><Hours
												bearers={[{ label: lot.number, lotId: lot.id }]}
											/>{/if}</th
									><td class="num">{hoursOf(bench.minutes)}</td></tr
								>
								<tr><th scope="row">left in bulk</th><td class="num">{mass(stock.bulk, units)}</td></tr>
								{#if stock.reserved > 0}<tr
										><th scope="row">of it <Term of="stockSeed">stock seed</Term></th><td class="num"
											>{mass(stock.reserved, units)}</td
										></tr
									>{/if}
								<tr><th scope="row">packets left</th><td class="num">{stock.packets}</td></tr>
							</tbody>
						</table>
						{#if gave}
							<div class="mt-3"><Gave {gave} /></div>
						{:else if bench.yield}
							<div class="mt-3"><YieldBar result={bench.yield} /></div>
						{/if}
					</section>
					{#if planting}
						<section>
							<h2 class="ruled">
								<Term of="trueToType">True to type</Term>{lot.origin === 'BLEND' ? ', the largest part' : ''}
							</h2>
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
											><th scope="row"><Term of="crossing">cross-pollination</Term>, estimate</th><td
												class="num">{percent(planting.isolation.crossing)}</td
											><td class="beside">limit {percent(planting.isolation.allowed)}</td></tr
										>
									{/if}
									<tr>
										<th scope="row"><Term of="offType">off-types</Term></th>
										<td class="num"
											>{known.walks ? `${known.walks.verdict.found} in ${known.walks.verdict.seen}` : '–'}</td
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
											><th scope="row"><Term of="effectiveSize">effective population size</Term>, planned</th
											><td class="num">{Math.round(planting.population.effectiveSize)}</td><td
												><Mark {...ofPopulation(planting.population.mark)} /></td
											></tr
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
					{:else}
						<section>
							<h2 class="ruled">True to type</h2>
							<p class="my-2 text-soft">
								Nobody here saw it grow: what is known of it is what was told. Sow a sample and walk it.
							</p>
						</section>
					{/if}
					<section id="tests">
						<h2 class="ruled flex items-baseline justify-between gap-3">
							Tests<a class="quiet text-sm font-normal" href="/lot/{lot.number}/tests">all of them</a>
						</h2>
						<table class="figures">
							<tbody>
								{#each tests.running as test (test.id)}
									<tr
										><th scope="row">set {dayMonth(test.setOn, session.today)}</th><td class="num">…</td><td
											class="beside">last count {dayMonth(test.finalDue, session.today)}</td
										></tr
									>
								{/each}
								{#each tests.germinations.slice(0, 3) as test (test.id)}
									<tr>
										<th scope="row">germination, {dayMonth(test.countedOn!, session.today)}</th>
										<td class="num">{test.result!.reported} %</td>
										<td class="beside">
											{#if test.result!.acceptable}
												{Math.round(test.result!.lower)}–{Math.round(test.result!.upper)}; needs {gate.standard}
											{:else}
												<Mark state="tight" label="disagree" />
												{test.counts.join(', ')}: {test.result!.range} apart, {test.result!.toleratedRange} allowed
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
									<th scope="row"><Term of="tsw">thousand-seed weight</Term></th>
									<td class="num">{weight ? mass(weight.result.thousandSeedWeight, units) : '–'}</td>
									<td class="beside">
										{#if weight}
											{Math.round(weight.result.seedsPerGram)} a gram{weight.result.accepted
												? ''
												: `; weights spread ${tenth(weight.result.cv)} %, ${weight.result.limit} % is allowed`}
										{/if}
									</td>
								</tr>
								<tr
									><th scope="row"><Term of="moisture">moisture</Term></th><td class="num"
										>{known.moisture === undefined ? '–' : `${tenth(known.moisture.percent)} %`}</td
									><td class="beside"
										>{known.moisture === undefined ? 'not known' : sureness(known.moisture)}</td
									></tr
								>
								{#if tests.purities.length}
									<tr
										><th scope="row"><Term of="purity">physical purity</Term></th><td class="num"
											>{known.purity} %</td
										><td class="beside">{dayMonth(tests.purities[0].testedOn, session.today)}</td></tr
									>
								{/if}
								{#if known.weevils && tests.weevils.length}
									<tr
										><th scope="row">weevils, {dayMonth(tests.weevils[0].lookedOn, session.today)}</th><td
											class="num">{tests.weevils[0].bored} in {tests.weevils[0].seeds}</td
										><td class="beside">{weevilsSay(known.weevils, units)}</td></tr
									>
								{/if}
							</tbody>
						</table>
						{#if known.moistures.length > 1}
							<details class="mt-2">
								<summary class="cursor-pointer text-sm">Its moisture since it was picked</summary>
								<table class="figures mt-1">
									<tbody>
										{#each known.moistures as entry, i (i)}
											<tr
												><th scope="row">{dayMonth(entry.on, session.today)}, {told(entry)}</th><td
													class="num">{entry.moisture ? `${tenth(entry.moisture.percent)} %` : '–'}</td
												><td class="beside">{entry.moisture ? sureness(entry.moisture) : 'not known'}</td></tr
											>
										{/each}
									</tbody>
								</table>
							</details>
						{/if}
					</section>
				</div>

				<h2 class="ruled mt-8">Pictures</h2>
				<div class="mt-3">
					<Pictures of={lot.id} what="lot {lot.number}" pictures={photos[lot.id]} changed={rows.again} />
				</div>
				{#if harvest}
					<h2 class="ruled mt-8 flex items-baseline justify-between gap-3">
						Every weight<a class="quiet text-sm font-normal" href="/yields?crop={variety.cropKey}"
							>beside other lots</a
						>
					</h2>
					<Steps
						{harvest}
						{bench}
						{checks}
						{photos}
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
				{#if session.works && (stock.runs.length > 0 || sales.length > 0)}
					<h2 class="ruled mt-8 flex items-baseline justify-between gap-3">
						Who got it last<a class="quiet text-sm font-normal" href="/lot/{lot.number}/family"
							>everyone who has some</a
						>
					</h2>
					<table class="figures">
						<tbody>
							{#each sales as sale (sale.id)}
								<tr>
									<th scope="row">{sale.customer}</th>
									<td>{dayMonth(sale.soldOn, session.today)}</td>
									<td class="num"
										>{sale.packets === undefined
											? mass(Math.abs(sale.bulk ?? 0), units)
											: many(Math.abs(sale.packets), 'packet')}{sale.returnOf ? ' came back' : ''}</td
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
