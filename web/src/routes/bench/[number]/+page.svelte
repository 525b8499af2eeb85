<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, GET, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { standing } from '$lib/bench/bench';
	import ChainBoard from '$lib/bench/ChainBoard.svelte';
	import Drying from '$lib/bench/Drying.svelte';
	import Fermenting from '$lib/bench/Fermenting.svelte';
	import Freezing from '$lib/bench/Freezing.svelte';
	import PickForm from '$lib/bench/PickForm.svelte';
	import StepForm from '$lib/bench/StepForm.svelte';
	import Steps from '$lib/bench/Steps.svelte';
	import Washing from '$lib/bench/Washing.svelte';
	import Vessel from '$lib/bench/Vessel.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import { ahead } from '$lib/bench/ahead';
	import KeptHere from '$lib/offline/KeptHere.svelte';
	import { here } from '$lib/offline/here';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import { bench as benchOf } from '$lib/offline/questions';
	import { v7 as newId } from 'uuid';
	import Instruments from '$lib/instruments/Instruments.svelte';
	import Gave from '$lib/lot/Gave.svelte';
	import YieldBar from '$lib/lot/YieldBar.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import { mass } from '$lib/units/units';
	import { cropWord, listed, STEP } from '$lib/words/words';

	const number = $derived(page.params.number!);
	let attempt = $state(new Attempt());
	const seen = new Latest<Schemas['StepTried']>();
	const picked = new Latest<Schemas['LotChanges']>();
	/** The step or pick that is to be corrected. */
	let wrong = $state(page.url.searchParams.get('correct') ?? '');
	const rows = $derived(new OfflinePage(`/bench/${number}`, benchOf(number)));
	const tried = (corrects?: string) => (body: Schemas['StepRequest']) =>
		void seen.ask(
			ask(
				POST('/api/lots/{number}/steps/preview', {
					params: { path: { number }, query: corrects ? { corrects } : {} },
					body
				})
			)
		);
	const reweighed = (id: string) => (mass: number) =>
		void picked.ask(ask(GET('/api/picks/{id}/changes', { params: { path: { id }, query: { mass } } })));
	async function again() {
		attempt = new Attempt();
		seen.forget();
		picked.forget();
		wrong = '';
		rows.again();
	}
	const washOf = ({ id }: Schemas['StepView']) =>
		ask(GET('/api/steps/{id}/wash', { params: { path: { id } } }));
	const add = async (body: Schemas['StepRequest']) => {
		await ask(
			POST('/api/lots/{number}/steps', {
				params: { path: { number } },
				body: { ...body, id: newId() },
				...here(`${STEP[body.kind].act} ${number}`, { made: true, inOrder: true })
			})
		);
		await again();
	};
	const change = (id: string) => async (body: Schemas['StepRequest']) => {
		await ask(
			PUT('/api/steps/{id}', {
				params: { path: { id } },
				body,
				...(body.reason === undefined
					? here(`${STEP[body.kind].act} ${number}, weighed out`, { made: true, inOrder: true })
					: {})
			})
		);
		await again();
	};
	const mend = (id: string) => async (body: Schemas['PickRequest']) => {
		await ask(PUT('/api/picks/{id}', { params: { path: { id } }, body }));
		await again();
	};
	/** What a form is for: it is made anew when that changes, and keeps what is typed when only a reading came in. */
	const stage = (bench: Schemas['BenchView'], picked: number) =>
		[wrong, picked, ...bench.steps.map((step) => `${step.id} ${step.version}`), ...bench.left].join();
	const before = (bench: Schemas['BenchView'], step: Schemas['StepView'], picked: number) =>
		bench.steps.find((one) => one.place === step.place - 1)?.massOut ?? picked;
</script>

<Loading from={rows.found} stays>
	{#snippet children({ known, stock, gave, checks, photos, kinds, last, shares, hazards, beside })}
		{@const bench = known.bench && ahead(known.bench, outbox.keptOf(`/bench/${number}`))}
		<Page
			title={known.variety.name}
			room={{ name: 'Bench', path: '/bench' }}
			says={cropWord(known.variety.cropName)}
		>
			<div class="mb-5 flex flex-wrap items-start gap-x-8 gap-y-3">
				<Tag number={known.lot.number} size="large" />
				{#if bench}
					<div class="min-w-0 grow">
						<ChainBoard
							number={known.lot.number}
							{bench}
							cropKey={known.variety.cropKey}
							dry={bench.clean && known.dryness === 'DRY_ENOUGH'}
							look={() => ask(GET('/api/lots/{number}/chain', { params: { path: { number } } }))}
							changed={rows.again}
						/>
					</div>
				{/if}
			</div>
			<KeptHere arrived={rows.again} />
			{#if !bench || !known.harvest}
				<p class="mb-4">Nothing is picked into it yet.</p>
				<Act main href="/harvest/{known.planting?.id}?lot={known.lot.number}">Weigh the harvest</Act>
			{:else}
				{@const gathered = known.harvest.mass}
				{@const same = {
					attempt,
					chain: bench.chain,
					kinds,
					floating: bench.floating,
					ways: bench.ways,
					taken: again
				}}
				{@const offered = {
					last,
					shares,
					after: bench.steps.findLast((step) => step.massOut !== undefined)?.kind,
					toKeep: bench.toKeep
				}}
				{@const how =
					bench !== known.bench || bench.clean || bench.transferred
						? undefined
						: standing({ known, stock }, session.now, session.farm?.timeZone ?? 'UTC')}
				{@const dries = bench.clean && known.dryness !== 'DRY_ENOUGH' && stock.runs.length === 0}
				{#snippet standsThere(step: Schemas['StepView'])}
					{#if bench !== known.bench}
						<p class="text-soft">
							Begun on this phone; how far it is, is told once it has arrived at the farm.
						</p>
					{:else if step.ferment}
						<Fermenting {step} changed={rows.again} />
					{:else if step.drying}
						<Drying {step} changed={rows.again} />
					{:else if step.freezing}
						<Freezing freezing={step.freezing} />
					{:else if step.kind === 'CHEMICAL_WASH'}
						{@render washing(step)}
					{/if}
				{/snippet}
				{#snippet washing(step: Schemas['StepView'])}
					<Loading from={washOf(step)} stays>
						{#snippet children(wash)}
							<Washing {step} {wash} done={rows.again} />
						{/snippet}
					</Loading>
				{/snippet}
				{#snippet weighedOut(step: Schemas['StepView'])}
					<StepForm
						{...same}
						seen={seen.answer}
						kind={step.kind}
						massBefore={before(bench, step, gathered)}
						{step}
						{...offered}
						tried={tried(step.id)}
						finish={change(step.id)}
					/>
				{/snippet}
				<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
					<section class="border-l-4 border-marigold bg-paper p-5">
						{#key stage(bench, known.harvest.mass)}
							{@const correcting =
								bench.steps.find((step) => step.id === wrong) ??
								(wrong ? undefined : bench.steps.find((step) => step.wrong))}
							{@const pick = known.harvest.picks.find((one) => one.id === wrong)}
							{#if session.works && pick && known.planting}
								<h2 class="ruled mb-4">Correct: what was picked</h2>
								<PickForm
									{attempt}
									plantingId={known.planting.id!}
									standing={known.planting.plants}
									{pick}
									reweighed={reweighed(pick.id)}
									changes={picked.answer}
									save={mend(pick.id)}
								/>
								<button type="button" class="mt-3 cursor-pointer underline" onclick={again}>leave it</button>
							{:else if session.works && correcting}
								<h2 class="ruled mb-4">Correct: {STEP[correcting.kind].done}</h2>
								<StepForm
									{...same}
									seen={seen.answer}
									kind={correcting.kind}
									massBefore={before(bench, correcting, known.harvest.mass)}
									step={correcting}
									correcting
									tried={tried(correcting.id)}
									finish={change(correcting.id)}
								/>
								{#if correcting.kind === 'CHEMICAL_WASH'}<div class="mt-6">
										{@render washing(correcting)}
									</div>{/if}
								<button type="button" class="mt-3 cursor-pointer underline" onclick={again}>leave it</button>
							{:else if !session.works}
								<p>You may look at this lot, not work on it.</p>
							{:else if bench.underWay}
								<h2 class="ruled mb-3 text-2xl">
									{how?.over ? how.next : `${STEP[bench.underWay.kind].act}: under way`}
								</h2>
								{#if how}
									<div class="mb-4 flex items-end gap-4">
										<Vessel shelf={how.shelf} clock={how.clock} alarm={how.alarm} />
										<p>
											<span class="text-sm text-soft">{how.small}</span><br /><strong
												class={['text-3xl', how.alarm && 'text-alarm']}>{how.large}</strong
											><br />{how.doing}, {mass(bench.underWay.massIn, session.units)} went in
										</p>
									</div>
								{/if}
								{#if how?.over}
									{@render weighedOut(bench.underWay)}
									<h3 class="ruled mt-6 mb-3">As long as it stands</h3>
									{@render standsThere(bench.underWay)}
								{:else}
									{@render standsThere(bench.underWay)}
									<h3 class="ruled mt-6 mb-3">When it is done</h3>
									{@render weighedOut(bench.underWay)}
								{/if}
							{:else if bench.transferred}
								<h2 class="ruled mb-3">Transferred to other lots</h2>
								<p>
									All of it went into other lots. They stand at the end of <a
										class="quiet"
										href="/lot/{known.lot.number}">its history</a
									>.
								</p>
								{#if gave}<div class="mt-3"><Gave {gave} /></div>{/if}
							{:else if bench.next && (!bench.clean || dries)}
								<h2 class="ruled mb-4 text-2xl">Next: {STEP[bench.next].act.toLowerCase()}</h2>
								{#if bench.clean}
									<p class="mb-4">
										{known.moisture
											? `It is clean, and about ${Math.round(known.moisture.percent)} % moist: too damp to be sealed.`
											: 'It is clean. Its moisture is not known: measure it, or dry it for the store.'}
									</p>
								{/if}
								<StepForm
									{...same}
									seen={seen.answer}
									kind={bench.next}
									massBefore={bench.clean ? stock.bulk : bench.mass}
									{last}
									{shares}
									after={bench.steps.findLast((step) => step.massOut !== undefined)?.kind}
									toKeep={bench.toKeep}
									tried={tried()}
									begin={add}
									finish={add}
								/>
								{#if bench.clean}
									<p class="mt-5">
										<a class="quiet" href="/lot/{known.lot.number}#tests">To its tests</a>
									</p>
								{/if}
							{:else if bench.clean}
								<h2 class="ruled mb-3">Clean</h2>
								<p class="mb-4">
									Every step of its chain is done{known.dryness === 'DRY_ENOUGH'
										? ', and it is dry enough to be sealed'
										: ''}. Next it is weighed for seed count and tested.
								</p>
								<Act main key="t" onclick={() => goto(`/lot/${known.lot.number}#tests`)}>To its tests</Act>
							{/if}
						{/key}
					</section>
					<div class="min-w-0">
						{#if bench.yield}
							<h2 class="ruled mb-3">Yield</h2>
							<YieldBar result={bench.yield} />
						{:else if bench.expected}
							<h2 class="ruled mb-3">To expect</h2>
							<p>
								<strong class="text-xl"
									>{mass(bench.expected.low, session.units)} to {mass(
										bench.expected.high,
										session.units
									)}</strong
								>
								of clean seed from {mass(bench.cameOf?.mass ?? known.harvest.mass, session.units)} picked{known
									.harvest.transferred.length
									? ', its share of that'
									: ''}.
							</p>
							<p class="text-sm text-soft">
								What is usual for {cropWord(known.variety.cropName)}; a range of low certainty.
							</p>
						{/if}
						{#if beside.length}
							<p class="mt-4">
								{listed(beside.map((one) => one.number))}
								{beside.length === 1 ? 'stands' : 'stand'} at the same step.
								<a
									class="quiet font-semibold"
									href="/lot/{known.lot.number}/blend?with={beside.map((one) => one.number).join()}"
									>Blend them</a
								> to go on as one.
							</p>
						{/if}
						{#if session.works && !bench.underWay && !bench.transferred}
							<p class="mt-4">
								<a class="quiet" href="/lot/{known.lot.number}/blend"
									>Blend it with another lot, or split it</a
								>
							</p>
						{/if}
						{#if session.works && !bench.clean && !bench.transferred}
							<div class="mt-6"><Instruments /></div>
						{/if}
						{#if hazards && !bench.clean && !bench.transferred}
							<p class="caution max-w-prose"><b>This crop:</b> {hazards}</p>
						{/if}
						<h2 class="ruled mt-6">What was done</h2>
						<Steps
							harvest={known.harvest}
							{bench}
							{checks}
							{photos}
							correct={session.works ? (recordId) => (wrong = recordId) : undefined}
							changed={session.works ? rows.again : undefined}
						/>
					</div>
				</div>
			{/if}
		</Page>
	{/snippet}
</Loading>
