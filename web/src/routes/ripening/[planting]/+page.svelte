<script lang="ts">
	import { page as here } from '$app/state';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { count, day, text } from '$lib/form/kinds';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { countIn } from '$lib/form/typed';
	import Corrections from '$lib/lot/Corrections.svelte';
	import RipeningCurve from '$lib/ripening/RipeningCurve.svelte';
	import TypedForecast from '$lib/ripening/TypedForecast.svelte';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import { ripening } from '$lib/offline/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Pictures from '$lib/photo/Pictures.svelte';
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
	const rows = new OfflinePage(`/ripening/${id}`, ripening(id));
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
	/** Marks the cell that is the answer. */
	const BEST = 'border-b-4 border-marigold!';
	type Ripens = Schemas['RipeningPage'];
	/** When and how to cut, in one line. */
	function answer({ watch, cut }: Ripens): string {
		const best = cut ?? watch!.best;
		const day = best.on <= session.today ? 'now' : `on ${dayMonth(best.on)}`;
		const share = `about ${percent(best.share)} of the seed`;
		if (!cut) return `Pick once ${day}: ${share}`;
		return cut.hang ? `Cut ${day} and hang it under cover: ${share}` : `Cut dry ${day}: ${share}`;
	}
	/** What makes it so, and what would change it. */
	function beside({ cut, waiting, days }: Ripens): string[] {
		if (!cut) return [];
		const lines = [];
		const day = days.find((one) => one.day.on === cut.on)?.day;
		if (cut.withDew) lines.push('With the dew on, onto a sheet: least falls then.');
		if (!cut.hang && day?.from !== undefined) {
			lines.push(
				`From ${clock(day.from)} on, if no rain comes (${percent(day.fitChance)}). If it does, hang it: ${percent(cut.hung)}.`
			);
		}
		if (!day) lines.push('No forecast reaches so far: rain is not counted there.');
		else if (waiting && cut.on <= session.today) {
			lines.push(
				`Left until ${dayMonth(waiting.until)} it would give more if it stayed dry. ${percent(waiting.rain)} that it rains before; from ${percent(waiting.breakEven)} on today is better.`
			);
		} else if (waiting) {
			lines.push(
				`${percent(waiting.rain)} that it rains before ${dayMonth(waiting.until)}; ` +
					(waiting.breakEven < 1
						? `from ${percent(waiting.breakEven)} on hanging it today would be better.`
						: 'even so it is the better day.')
			);
		}
		return lines;
	}
	const now = (part: { from: string; until: string }) =>
		part.from <= session.today && session.today < part.until;
	const FIRST: Record<NonNullable<Ripens['first']>['parts'][number]['place'], string> = {
		KING_UMBEL: 'King umbel, on the main stem',
		SIDE_UMBELS: 'Umbels of the side stems',
		LATE_UMBELS: 'Late umbels',
		MAIN_HEAD: 'Head of the main stem',
		SIDE_HEADS: 'Heads of the side stems',
		LATE_HEADS: 'Late heads',
		MAIN_EAR: 'First ears, on the main stems',
		SIDE_EARS: 'Ears after them',
		LATE_EARS: 'Ears of late shoots',
		LOWEST: 'Lowest on the stems',
		MIDDLE: 'Middle',
		TOP: 'Top, and late side stems',
		FIRST_FRUIT: 'First fruit, nearest the root',
		NEXT_FRUIT: 'The fruit after it',
		LATE_FRUIT: 'Late fruit'
	};
</script>

<Loading from={rows.found} stays>
	{#snippet children(page)}
		{@const planting = page.planting}
		{@const of = `${planting.variety.name} ${cropWord(planting.variety.cropName)}`}
		{@const watch = page.watch}
		<Page
			{of}
			title="when to cut"
			room={{ name: 'Field', path: '/field' }}
			says="{of}, {placed(planting.ground)}"
		>
			{#if waiting}<p class="mb-3 text-sm text-soft">
					{many(waiting, 'visit')} on this phone not arrived yet.
				</p>{/if}
			<div
				class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.7fr)_minmax(0,1fr)] lg:grid-rows-[auto_1fr]"
			>
				<section class="lg:row-span-2">
					{#if watch}
						<h2 class="text-2xl">{answer(page)}</h2>
						{#each beside(page) as line (line)}<p class="mt-1">{line}</p>{/each}
						<p class="mt-1">
							Today {percent(watch.ripe)} is ripe: {percent(watch.onPlants)} still on the plants, {percent(
								watch.fallen
							)} fallen.
						</p>
						<div class="mt-4">
							<RipeningCurve {watch} visits={page.visits} best={page.cut ?? watch.best} />
						</div>
						<p class="mt-2 text-sm text-soft">
							{KNOWN[watch.known]} Ripe seed is taken to fall at {percent(page.shatter)} a day in fair weather,
							as such crops do; wind and dry heat make it more. Half is ripe about {dayMonth(
								watch.course.find((day) => day.ripe >= 0.5)?.on ?? watch.best.on
							)}, give or take {many(Math.max(1, Math.round(watch.meanSpread)), 'day')}. First-ripe heads
							often give the best seed.
						</p>
						{#if !page.simulated && page.cut && session.works}
							<details class="mt-3" open={page.days.length === 0}>
								<summary class="cursor-pointer font-semibold">Type the forecast</summary>
								<TypedForecast days={page.days.map(({ day }) => day)} kept={rows.again} />
							</details>
						{/if}
						{#if page.days.some(({ hung }) => hung >= 0.01)}
							<h3 class="ruled mt-7">A single cut in the coming days</h3>
							<table class="figures">
								<thead>
									<tr>
										<th scope="col"><span class="sr-only">day</span></th>
										<th scope="col" class="text-right! max-sm:hidden">warmest</th>
										<th scope="col" class="text-right!">rain</th>
										<th scope="col" class="max-sm:hidden">dry hours</th>
										<th scope="col" class="text-right!">cut dry</th>
										<th scope="col" class="text-right!">hung</th>
									</tr>
								</thead>
								<tbody>
									{#each page.days as { day, dry, hung } (day.on)}
										{@const best = page.cut?.on === day.on}
										<tr>
											<th scope="row" class="whitespace-nowrap"
												>{day.on === session.today ? 'today' : dayMonth(day.on)}</th
											>
											<td class="num max-sm:hidden">{Math.round(warmth.shown(day.high))} {warmth.unit}</td>
											<td class="num"
												>{percent(day.chance)}{day.rain ? `, ${Math.round(day.rain)} mm` : ''}</td
											>
											<td class="max-sm:hidden"
												>{day.from === undefined
													? 'none'
													: `from ${clock(day.from)}, ${day.dryHours} h: ${percent(day.fitChance)}`}</td
											>
											<td class={['num', best && !page.cut?.hang && BEST]}>{percent(dry)}</td>
											<td class={['num', best && page.cut?.hang && BEST]}>{percent(hung)}</td>
										</tr>
									{/each}
								</tbody>
							</table>
							<p class="mt-1 text-sm text-soft">
								Shares of the seed. {page.simulated
									? 'By a simulated forecast: it knows nothing of the weather.'
									: 'Rain as it was typed; warmth, and dew at the coldest, as usual on such a day.'} Dry hours:
								dried since rain, air at most 65 % damp, between dew and dusk; with the chance that no rain comes
								and four of them are left. Hung under cover a day need not be dry: 60 % of what is nearly ripe is
								taken to ripen yet, 5 % to be lost. A storm is taken to cost {percent(page.lost)}
								of the seed that stands, a shower little. Rules of thumb, and what is expected on average: with
								one lot you may prefer the safer.
							</p>
						{/if}
						<h3 class="ruled mt-7">Going over the plants more often, if no rain comes</h3>
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
								{#each watch.pickings.slice(1) as some, i (i)}
									<tr>
										<th scope="row">{i + 2}</th>
										<td class="beside">{days(some.days)}</td>
										<td class="num">{percent(some.share)}</td>
										<td class="num">{mass(some.gained, session.units)}</td>
										<td class="num">{tenth(some.hours)}</td>
									</tr>
								{/each}
							</tbody>
						</table>
						<p class="mt-1 text-sm text-soft">
							More than one dry cut. Seed as the crop usually gives it, {many(planting.plants, 'plant')} at a minute
							and a half each time; both rough.
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
													was={one}
													fields={{
														visitedOn: day('Visited on', { needed: true }),
														ripe: count('Ripe', { needed: true }),
														lookedAt: count('Looked at', { needed: true }),
														note: text('Note')
													}}
													save={(body) =>
														ask(
															PUT('/api/ripening-visits/{id}', {
																params: { path: { id: one.id } },
																body: { ...body, id: one.id }
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
								{#if wrong}<p class="col-span-2 font-semibold text-alarm">{wrong}</p>
								{:else if !ripe.trim()}<p class="col-span-2 text-sm text-soft">
										Count how many are ripe.
									</p>{/if}
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
						<div class="mt-4">
							<Pictures of={id} what={of} pictures={page.photos} changed={rows.again} small />
						</div>
						{#if page.hazards}<p class="caution mt-4 text-sm">
								<strong>Take care:</strong>
								{page.hazards}.
							</p>{/if}
					</section>
				</aside>
				{#if page.first}
					<section class="lg:col-start-2">
						<h2 class="ruled">What ripens first</h2>
						<table class="figures">
							<tbody>
								{#each page.first.parts as part (part.place)}
									<tr>
										<th scope="row">{FIRST[part.place]}</th>
										<td class="text-right! whitespace-nowrap"
											>{dayMonth(part.from)} to {dayMonth(part.until)}{#if now(part)}<b>, now</b>{/if}</td
										>
									</tr>
								{/each}
							</tbody>
						</table>
						<p class="mt-1 text-sm text-soft">
							Days on which its seed turns ripe, by the curve; how much is in each part is a rule of thumb,
							less in the first where plants stand wide. Seed of the last is lighter: taken only where it is
							needed. Take of every plant you keep, the late ones too: seed of the first plants alone makes a
							variety earlier.
						</p>
					</section>
				{/if}
			</div>
			<Corrections corrections={page.corrections} />
		</Page>
	{/snippet}
</Loading>
