<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import PickForm from '$lib/bench/PickForm.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Instruments from '$lib/instruments/Instruments.svelte';
	import { here } from '$lib/offline/here';
	import { known } from '$lib/offline/known';
	import { takeAside } from '$lib/offline/numbersAside';
	import { harvest } from '$lib/offline/questions';
	import { signal } from '$lib/offline/signal.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import { dayMonth } from '$lib/words/dates';
	import { mass, reach } from '$lib/units/units';
	import { capital, DECISION, many, placed } from '$lib/words/words';

	const id = page.params.planting!;
	const attempt = new Attempt();
	const LOOKS = 'You may look, not work.';
	const question = harvest(id);
	const found = known(question.kept, question.ask()).then((all) => {
		const begun = all.open.find((one) => one.lot.number === lot);
		labelled = begun?.harvest !== undefined;
		first = 1 + (begun?.harvest?.containers ?? 0);
		return all;
	});
	let lot = $state(page.url.searchParams.get('lot') ?? '');
	let labelled = $state(false);
	let containers = $state('1');
	/** Number of the first container that is filled now. */
	let first = $state(1);
	/** Whether the lot chosen is for fruit that nobody tagged. */
	let untagged = $state(false);
	const filled = $derived(
		Number(containers) >= 1 && Number.isInteger(Number(containers)) ? Number(containers) : 1
	);

	/** Another pick into a lot that has its number and its label already. */
	async function join(open: Schemas['OpenLot']) {
		lot = open.lot.number;
		untagged = open.lot.untagged;
		labelled = open.harvest !== undefined;
		first = 1 + (open.harvest?.containers ?? 0);
		await goto(`?lot=${lot}`, { replaceState: true, noScroll: true, keepFocus: true });
	}
	function number(apart: { ringId?: string; untagged?: boolean } = {}) {
		void attempt.run(async () => {
			untagged = apart.untagged ?? false;
			lot = await numbered(apart);
			await goto(`?lot=${lot}`, { replaceState: true, noScroll: true, keepFocus: true });
		});
	}
	/** A number that lies on this phone is given with a signal or without; else the farm's server gives the next. */
	async function numbered(apart: { ringId?: string; untagged?: boolean }): Promise<string> {
		const aside = await takeAside(id);
		if (!aside) return (await ask(POST('/api/lots', { body: { plantingId: id, ...apart } }))).number;
		await ask(
			POST('/api/lots', {
				body: { plantingId: id, ...apart, number: aside },
				...here(`number ${aside}`, { inOrder: true })
			})
		);
		return aside;
	}
	function printed() {
		labelled = true;
		void ask(POST('/api/lots/{number}/label-printed', { params: { path: { number: lot } } }));
	}
	async function fill(body: Schemas['PickRequest']) {
		const kept = await ask<Schemas['PickView'] | undefined>(
			POST('/api/lots/{number}/picks', {
				params: { path: { number: lot } },
				body,
				...here(`${mass(body.mass, session.units)} picked into ${lot}`, { inOrder: true })
			})
		);
		await goto(kept ? `/bench/${lot}` : '/waiting');
	}
</script>

<Loading from={found}>
	{#snippet children({ planting, crop, walks, open })}
		{@const undecided = walks.late.some((late) => !late.decided)}
		{@const byHand = planting.control === 'HAND_POLLINATED' || planting.control === 'BAGGED'}
		{@const round = walks.rings.filter((ring) => ring.radius > 0 && ring.decision !== 'LET_PASS')}
		<Page
			of={planting.variety.name}
			title="harvest"
			room={{ name: 'Field', path: '/field' }}
			says="{planting.variety.name}, {placed(planting.plotName)}"
		>
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
				<ol class="grid gap-7">
					<li>
						<h2 class="ruled">1 · Number it</h2>
						{#if lot}
							<div class="mt-4"><Tag number={lot} size="large" link={false} /></div>
							<p class="mt-2 text-soft">
								Its number, for ever. More may be picked into it until the bench begins on it.
							</p>
						{:else}
							<p class="my-3">
								What stays apart is a lot with its own number. {many(planting.plants, 'plant')} stand here.
							</p>
							{#each open.filter((one) => one.begun) as one (one.lot.id)}
								<p class="my-3 border-l-4 border-line pl-3">
									<a class="quiet font-semibold" href="/bench/{one.lot.number}">{one.lot.number}</a>, picked {dayMonth(
										one.harvest!.lastOn,
										session.today
									)}, is at the bench. What is picked now gets a number of its own and dries by itself; when
									both stand at the same step they are blended.
								</p>
							{/each}
							{#each open.filter((one) => !one.begun) as one (one.lot.id)}
								<div class="my-3 flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line pb-3">
									<Tag number={one.lot.number} link={false} />
									<span class="text-soft"
										>{one.harvest
											? `${mass(one.harvest.mass, session.units)} in ${many(one.harvest.containers, 'container')}, last picked ${dayMonth(one.harvest.lastOn, session.today)}`
											: 'numbered, nothing in it yet'}{one.lot.untagged
											? '; fruit without a tag'
											: one.lot.ringId
												? '; from the ring'
												: ''}</span
									>
									<Act why={session.works ? '' : LOOKS} onclick={() => void join(one)}>Pick into this one</Act
									>
								</div>
							{/each}
							{#if undecided}
								<p class="caution my-3">
									An off-type shed pollen here and nothing is decided about the seed:
									<a class="underline" href="/walk/{id}/found">decide first</a>.
								</p>
							{/if}
							{#each round as ring (ring.id)}
								<div class="my-3 border-l-4 border-beet pl-3">
									<p>
										<strong>Within {reach(ring.radius, session.units)} of an off-type:</strong>
										{DECISION[ring.decision]}. {ring.reason}.
									</p>
									{#if ring.decision === 'KEPT_APART'}
										<Act
											disabled={attempt.busy}
											why={session.works ? '' : LOOKS}
											onclick={() => number({ ringId: ring.id })}>Number the ring’s seed by itself</Act
										>
									{/if}
								</div>
							{/each}
							{#if byHand}
								<div class="my-3 border-l-4 border-marigold pl-3">
									<p>
										<strong>Only fruit with its tag goes into the true lot.</strong> Fruit without a tag may be
										anybody’s: it gets a number of its own and is held.
									</p>
									<Act
										disabled={attempt.busy}
										why={session.works ? '' : LOOKS}
										onclick={() => number({ untagged: true })}>Number untagged fruit by itself</Act
									>
								</div>
							{/if}
							<Act
								main
								key="n"
								disabled={attempt.busy}
								why={session.works ? '' : LOOKS}
								onclick={() => number()}>{round.length ? 'Number the rest' : 'Number this picking'}</Act
							>
						{/if}
					</li>
					<li class={[!lot && 'text-soft']}>
						<h2 class="ruled">2 · Label before you fill</h2>
						<p class="my-3">
							A mixed-up bowl is the commonest way to lose a variety. Print the labels now, one for every
							container, and stick them on before anything goes in.
						</p>
						{#if lot}
							<div class="flex flex-wrap items-center gap-4">
								<TextField
									label="Containers"
									name="containers"
									{attempt}
									inputmode="numeric"
									bind:value={containers}
								/>
								{#if signal.lost}
									<p class="text-soft">Without a signal no labels are printed: write the number by hand.</p>
								{:else}<Act
										key="p"
										main={!labelled}
										newTab
										href="/api/lots/{lot}/label.pdf?containers={filled}&first={first}"
										onclick={printed}>Print the labels</Act
									>{/if}
								<label class="flex gap-2"
									><input
										type="checkbox"
										class="checkbox"
										checked={labelled}
										onchange={(event) => (labelled = event.currentTarget.checked)}
									/> they are on, or written by hand</label
								>
							</div>
						{/if}
					</li>
					<li class={[!(lot && labelled) && 'text-soft']}>
						<h2 class="ruled">3 · Weigh what was picked</h2>
						<div class="mt-4">
							<Instruments />
							{#key lot}
								<PickForm
									{attempt}
									plantingId={id}
									standing={planting.plants}
									tagged={byHand && !untagged}
									containers={filled}
									waits={!lot
										? 'It needs its number first.'
										: labelled
											? ''
											: 'First its label: print it, or say that it is on.'}
									save={fill}
								/>
							{/key}
						</div>
					</li>
				</ol>
				<aside class="border-l-4 border-marigold bg-paper p-5 max-lg:order-first">
					<h2>Is it ripe?</h2>
					<ul class="mt-2 grid gap-1.5">
						{#each crop.ripenessCues.split('; ') as cue (cue)}<li>{capital(cue)}</li>{/each}
					</ul>
					{#if planting.bloom}
						<p class="mt-3 text-sm text-soft">
							From its planned bloom the first seed is ripe about {dayMonth(
								planting.bloom.ripeFrom,
								session.today
							)}, give or take {Math.round(planting.bloom.firstSpreadDays)} days. Ripe on the plant beats ripened
							indoors; the plant decides, not the date.
						</p>
					{/if}
					<p class="mt-3">
						<a class="quiet font-semibold" href="/ripening/{id}">When to cut, and how often</a>
					</p>
					{#if crop.hazards}<p class="caution mt-4 text-sm">
							<strong>Take care:</strong>
							{crop.hazards}.
						</p>{/if}
				</aside>
			</div>
		</Page>
	{/snippet}
</Loading>
