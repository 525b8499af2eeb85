<script lang="ts">
	import { page as here } from '$app/state';
	import { ask, GET, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { countIn } from '$lib/form/typed';
	import Corrections from '$lib/lot/Corrections.svelte';
	import RipeningCurve from '$lib/ripening/RipeningCurve.svelte';
	import { outbox } from '$lib/rows/outbox.svelte';
	import { RowsPage } from '$lib/rows/page.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { MEASURES, countTyped, mass, percent, tenth } from '$lib/units/units';
	import { clock, dayMonth } from '$lib/words/dates';
	import { capital, cropWord, many, placed } from '$lib/words/words';
	import { v7 as newId } from 'uuid';

	const id = here.params.planting!;
	const path = `/api/plantings/${id}/ripening-visits`;
	const attempt = new Attempt();
	let ripe = $state('');
	let lookedAt = $state('60');
	let note = $state('');
	const rows = new RowsPage(`/ripening/${id}`, `/api/plantings/${id}/ripening`, () =>
		ask(GET('/api/plantings/{id}/ripening', { params: { path: { id } } }))
	);
	const waiting = $derived(outbox.waiting.filter((one) => one.path === path).length);
	const wrong = $derived(
		ripe.trim() !== '' && !(countTyped(ripe) >= 0 && countTyped(ripe) <= countTyped(lookedAt))
			? `Between 0 and ${lookedAt} can be ripe.`
			: ''
	);
	const warmth = $derived(MEASURES.warmth[session.units]);

	async function visit(of: string) {
		const visit = {
			id: newId(),
			visitedOn: session.today,
			ripe: countIn('ripe', ripe),
			lookedAt: countIn('lookedAt', lookedAt),
			note: note.trim()
		};
		const typed = { ripe, note };
		ripe = '';
		note = '';
		await rows.keep('POST', path, `visit to the ripening ${of}`, visit).catch((failed) => {
			({ ripe, note } = typed);
			throw failed;
		});
	}
	const days = (iso: string[]) => iso.map((day) => dayMonth(day)).join(', ');
	const KNOWN: Record<Schemas['RipeningWatch']['known'], string> = {
		BLOOM: 'From its bloom alone: a visit tells better.',
		ONE_VISIT: 'From its bloom, moved by one visit; a second one tells how fast it goes.',
		VISITS: 'From the visits.'
	};
</script>

<Loading from={rows.found} stays>
	{#snippet children(page)}
		{@const planting = page.planting}
		{@const of = `${planting.variety.name} ${cropWord(planting.variety.cropName)}`}
		{@const watch = page.watch}
		<Page title="when to cut" room={{ name: 'Field', path: '/field' }} says="{of}, {placed(planting.ground)}">
			{#if waiting}<p class="mb-3 text-sm text-soft">
					{many(waiting, 'visit')} on this phone not arrived yet.
				</p>{/if}
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.7fr)_minmax(0,1fr)]">
				<section>
					{#if watch}
						<h2 class="text-2xl">
							{page.choice?.cutsNow
								? `Cut now and hang it: about ${percent(page.choice.cutNow)} of the seed`
								: watch.best.on <= session.today
									? `Cut now: about ${percent(watch.best.share)} of the seed`
									: `Cut once on ${dayMonth(watch.best.on)}: about ${percent(watch.best.share)} of the seed`}
						</h2>
						{#if page.choice?.cutsNow}
							<p class="mt-1">
								Left standing, {dayMonth(watch.best.on)} would be the day for a single cut; the rain that may come
								before costs more than the days bring.
							</p>
						{/if}
						<p class="mt-1">
							Today {percent(watch.ripe)} is ripe: {percent(watch.onPlants)} still on the plants, {percent(
								watch.fallen
							)} fallen.
						</p>
						<div class="mt-4"><RipeningCurve {watch} visits={page.visits} /></div>
						<p class="mt-2 text-sm text-soft">
							{KNOWN[watch.known]} Ripe seed is taken to fall at {percent(page.shatter)} a day in fair weather,
							as such crops do; wind and dry heat make it more. Half is ripe about {dayMonth(
								watch.course.find((day) => day.ripe >= 0.5)?.on ?? watch.best.on
							)}, give or take {many(Math.max(1, Math.round(watch.meanSpread)), 'day')}. First-ripe heads
							often give the best seed.
						</p>
						<h3 class="ruled mt-7">Going over the plants more often</h3>
						<table class="figures">
							<thead>
								<tr>
									<th scope="col">pickings</th>
									<th scope="col">on</th>
									<th scope="col" class="text-right!">collected</th>
									<th scope="col" class="text-right!">more seed</th>
									<th scope="col" class="text-right!">more hours</th>
								</tr>
							</thead>
							<tbody>
								{#each watch.pickings as some, i (i)}
									<tr>
										<th scope="row">{i === 0 ? 'one cut' : i + 1}</th>
										<td class="beside">{days(some.days)}</td>
										<td class="num">{percent(some.share)}</td>
										<td class="num">{i === 0 ? '' : mass(some.gained, session.units)}</td>
										<td class="num">{i === 0 ? '' : tenth(some.hours)}</td>
									</tr>
								{/each}
							</tbody>
						</table>
						<p class="mt-1 text-sm text-soft">
							Seed as the crop usually gives it, {many(planting.plants, 'plant')} at a minute and a half each time;
							both rough.
						</p>
					{:else}
						<p class="text-soft">It does not bloom as planned, so nothing ripens.</p>
					{/if}
					{#if page.visits.length}
						<h3 class="ruled mt-7">Visits</h3>
						<table class="figures">
							<tbody>
								{#each page.visits.toReversed() as one (one.id)}
									<tr>
										<th scope="row">{dayMonth(one.visitedOn)}</th>
										<td>{one.ripe} of {one.lookedAt} ripe</td>
										<td class="beside">{one.note}</td>
										<td class="beside text-right!"
											>{one.recordedBy}
											{#if session.works}<Amend
													what="the visit of {dayMonth(one.visitedOn)}"
													version={one.version}
													entries={[
														{ name: 'visitedOn', label: 'Visited on', value: one.visitedOn, type: 'date' },
														{ name: 'ripe', label: 'Ripe', value: String(one.ripe), type: 'number' },
														{
															name: 'lookedAt',
															label: 'Looked at',
															value: String(one.lookedAt),
															type: 'number'
														},
														{ name: 'note', label: 'Note', value: one.note }
													]}
													save={(typed, made) =>
														ask(
															PUT('/api/ripening-visits/{id}', {
																params: { path: { id: one.id } },
																body: {
																	id: one.id,
																	visitedOn: typed.visitedOn,
																	ripe: countIn('ripe', typed.ripe),
																	lookedAt: countIn('lookedAt', typed.lookedAt),
																	note: typed.note,
																	...made
																}
															})
														)}
													done={rows.again}
												/>{/if}</td
										>
									</tr>
								{/each}
							</tbody>
						</table>
					{/if}
				</section>
				<aside class="grid gap-7 max-lg:order-first">
					<section class="border-l-4 border-marigold bg-paper p-5">
						<h2>Look at it</h2>
						<ul class="mt-2 list-disc pl-5">
							{#each page.cues as cue (cue)}<li>{capital(cue)}</li>{/each}
						</ul>
						{#if session.works}
							<form
								class="mt-4 grid grid-cols-2 items-end gap-3"
								onsubmit={(event) => {
									event.preventDefault();
									void visit(of);
								}}
							>
								<TextField label="Ripe" name="ripe" {attempt} inputmode="numeric" bind:value={ripe} />
								<TextField
									label="Of so many"
									name="lookedAt"
									{attempt}
									inputmode="numeric"
									bind:value={lookedAt}
								/>
								<div class="col-span-2">
									<TextField label="Note" name="note" {attempt} maxlength={300} bind:value={note} />
								</div>
								{#if wrong}<p class="col-span-2 font-semibold text-alarm">{wrong}</p>{/if}
								<button
									type="submit"
									class="btn col-span-2 h-12 btn-primary"
									disabled={ripe.trim() === '' || wrong !== ''}>Write the visit down</button
								>
							</form>
							<p class="mt-2 text-sm text-soft">
								Heads, pods or fruits taken as they come, not the ripest; fallen ones count as ripe.
							</p>
							<div class="mt-3"><Act key="h" href="/harvest/{id}">Harvest it</Act></div>
						{/if}
						{#if page.hazards}<p class="caution mt-4 text-sm">
								<strong>Take care:</strong>
								{page.hazards}.
							</p>{/if}
					</section>
					{#if page.choice}
						<section>
							<h2 class="ruled">Rain before {dayMonth(page.choice.until)}?</h2>
							<p class="mt-2">
								Cut now and hung: <b>{percent(page.choice.cutNow)}</b> of the seed. Left until {dayMonth(
									page.choice.until
								)}: <b>{percent(page.choice.later)}</b>{page.choice.later < page.choice.laterIfDry - 0.005
									? `, or ${percent(page.choice.laterIfDry)} if it stays dry`
									: ''}.
							</p>
							<p class="text-sm text-soft">
								{percent(page.choice.rainChance)} that it rains before; from {percent(page.choice.breakEven)} on
								cutting now is better. Rain is taken to cost {percent(page.choice.lost)} of the seed; hung plants
								to ripen 60 % of what is nearly ripe and to lose 5 %. What is expected on average: with one lot
								you may prefer the safer.
							</p>
						</section>
					{/if}
					{#if page.dry}
						<section>
							<h2 class="ruled">Dry days</h2>
							<table class="figures">
								<thead>
									<tr>
										<th scope="col"><span class="sr-only">day</span></th>
										<th scope="col" class="text-right!">warmest</th>
										<th scope="col" class="text-right!">rain</th>
										<th scope="col">fit to cut</th>
										<th scope="col" class="text-right!">likely</th>
									</tr>
								</thead>
								<tbody>
									{#each page.days as day (day.on)}
										<tr>
											<th scope="row" class="whitespace-nowrap"
												>{day.on === session.today ? 'today' : dayMonth(day.on)}</th
											>
											<td class="num">{Math.round(warmth.shown(day.high))} {warmth.unit}</td>
											<td class="num"
												>{percent(day.chance)}{day.rain ? `, ${Math.round(day.rain)} mm` : ''}</td
											>
											<td class="font-bold"
												>{day.from === undefined
													? 'not fit'
													: `from ${clock(day.from)}, ${day.dryHours} h`}</td
											>
											<td class="num">{day.from === undefined ? '' : percent(day.fitChance)}</td>
										</tr>
									{/each}
								</tbody>
							</table>
							<p class="mt-1 text-sm text-soft">
								By the {page.forecastBy}: simulated, it knows nothing of the weather. Fit: dried since rain,
								air at most 65 % damp, between dew and dusk, if no rain comes; likely: that none comes and
								four dry hours are left. A rule of thumb.
							</p>
						</section>
					{/if}
				</aside>
			</div>
			<Corrections corrections={page.corrections} />
		</Page>
	{/snippet}
</Loading>
