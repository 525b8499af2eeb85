<script lang="ts">
	import { seasonName } from '$lib/season/year';
	import { page } from '$app/state';
	import { type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Feeds from '$lib/season/Feeds.svelte';
	import WeatherKnown from '$lib/season/WeatherKnown.svelte';
	import YearOfWork from '$lib/season/YearOfWork.svelte';
	import DeskTabs from '$lib/season/DeskTabs.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { dayMonth, monthYear } from '$lib/words/dates';
	import { many, placed } from '$lib/words/words';
	import sentences from '$lib/words/en.tasks.json';
	import { say, teach } from '$lib/words/say';
	import { refresh, seasonOf } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	teach(sentences);

	type Entry = Schemas['Entry'];
	const season = $derived(seasonOf(page.url.searchParams.get('season')));
	let past = $state(false);

	function byMonth(entries: Entry[]) {
		const months: { month: string; entries: Entry[] }[] = [];
		for (const entry of entries) {
			const month = entry.from.slice(0, 7);
			if (months.at(-1)?.month !== month) months.push({ month, entries: [] });
			months.at(-1)!.entries.push(entry);
		}
		return months;
	}
	const days = (entry: Entry) =>
		entry.from === entry.to ? dayMonth(entry.from) : `${dayMonth(entry.from)} – ${dayMonth(entry.to)}`;
</script>

<Loading from={data.found} stays>
	{#snippet children([entries, view, weather, farm, feeds, folder])}
		{@const shown = past ? entries : entries.filter((entry) => entry.to >= session.today)}
		{@const hidden = entries.length - shown.length}
		<Page title="Desk" says={many(shown.length, 'task to come', 'tasks to come')}>
			<DeskTabs {season} planned={view.seasons} />
			<div
				class="grid grid-cols-1 items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.75fr)_minmax(19rem,1fr)]"
			>
				<div>
					{#if entries.length === 0}
						<p>Nothing is planned for {season}; work follows from plantings.</p>
					{/if}
					{#if entries.length}
						<YearOfWork
							{entries}
							{season}
							today={session.today}
							listed={byMonth(shown).map(({ month }) => month)}
						/>
					{/if}
					{#if hidden > 0}
						<button type="button" class="mb-4 cursor-pointer underline" onclick={() => (past = true)}
							>show {many(hidden, 'past task', 'past tasks')}</button
						>
					{/if}
					{#each byMonth(shown) as { month, entries: acts } (month)}
						<section class="mb-6" id="m{month}">
							<h2 class="ruled">{monthYear(`${month}-01`)}</h2>
							<table class="figures">
								<tbody>
									{#each acts as entry, i (i)}
										<tr class={[entry.to < session.today && 'text-soft']}>
											<th scope="row" class="whitespace-nowrap sm:w-36">{days(entry)}</th>
											<td>
												<a
													class="quiet font-semibold"
													href="/desk?season={season}&planting={entry.plantingId}"
													>{say(`work.${entry.kind}`, entry)}</a
												>
												<span class="beside block">{entry.about || placed(entry.ground)}</span>
											</td>
										</tr>
									{/each}
								</tbody>
							</table>
						</section>
					{/each}
				</div>
				<section class="border-l-4 border-marigold bg-paper p-5">
					<h2 class="ruled mb-3">Take it with you</h2>
					<p>
						<a class="underline" href="/api/calendar/file?season={season}" download="season-{season}.ics"
							>Save {seasonName(season)} as an iCalendar file</a
						>
						<span class="block text-sm text-soft"
							>Days that hang on bloom move when the forecast does: a saved file does not, a feed does.</span
						>
					</p>
					{#if session.grower}<Feeds {feeds} changed={refresh} />{/if}
					<WeatherKnown known={weather.known} {farm} {folder} done={refresh} />
				</section>
			</div>
		</Page>
	{/snippet}
</Loading>
