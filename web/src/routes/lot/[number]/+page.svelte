<script lang="ts">
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
	import GateList from '$lib/lot/GateList.svelte';
	import ContainerLabels from '$lib/lot/ContainerLabels.svelte';
	import HoldForm from '$lib/lot/HoldForm.svelte';
	import Tests from '$lib/lot/Tests.svelte';
	import TrueToType from '$lib/lot/TrueToType.svelte';
	import Yield from '$lib/lot/Yield.svelte';
	import MixUps from '$lib/lot/MixUps.svelte';
	import { arrivalFields, cameFrom } from '$lib/lot/arrival';
	import { nextAct } from '$lib/lot/next';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofGate } from '$lib/mark/mark';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import { lot as lotOf } from '$lib/offline/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Pictures from '$lib/photo/Pictures.svelte';
	import Page from '$lib/shell/Page.svelte';
	import StrikeOut from '$lib/mistake/StrikeOut.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import History from '$lib/history/History.svelte';
	import { mass, tenth } from '$lib/units/units';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import { cropWord, GRADE, many, ORIGIN, placed } from '$lib/words/words';
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
</script>

{#snippet paper(key: string, of: string, named: string)}
	<a class="quiet" data-key={key} target="_blank" rel="noopener" href="/api/lots/{number}/{of}.pdf">{named}</a
	>
{/snippet}

<Loading from={rows.found}>
	{#snippet children(of)}
		{@const {
			known,
			stock,
			sales,
			history,
			generation: grown,
			sown,
			parents,
			checks,
			overrulings,
			corrections,
			hazards,
			photos
		} = of}
		{@const { lot, variety, planting, harvest, bench, gate } = known}
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
					<Yield {of} {bench} />
					<TrueToType {of} />
					<Tests {of} />
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
