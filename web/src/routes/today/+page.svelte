<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { refresh } from '$lib/api/records';
	import { session } from '$lib/api/session.svelte';
	import { sayTask, waiting } from '$lib/day/tasks';
	import { along } from '$lib/offline/carry';
	import { signal } from '$lib/offline/signal.svelte';
	import { beginning } from '$lib/day/beginning.svelte';
	import { dryHours } from '$lib/day/dryHours';
	import DoneToday from '$lib/day/DoneToday.svelte';
	import FirstLot from '$lib/day/FirstLot.svelte';
	import TaskLine from '$lib/day/TaskLine.svelte';
	import Weather from '$lib/day/Weather.svelte';
	import { wrong } from '$lib/form/refusal';
	import WrongLots from '$lib/lot/WrongLots.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { whole } from '$lib/units/units';
	import { clock, fullDay, longDay } from '$lib/words/dates';
	import { cropWord, many, placed } from '$lib/words/words';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const SHOWN = 6;
	const TAGS = 8;
	let all = $state(false);

	/** When it is dry enough to cut seed; where nobody says, from when the dew is usually off. */
	function whileDry({ coming, day, now }: Schemas['TodayView']): string {
		const forecast = coming.find((one) => one.on === now.slice(0, 10));
		return forecast ? dryHours(forecast) || 'no dry hours today' : `from ${clock(day.dewOff)}`;
	}
	const columns = (view: Schemas['TodayView']) => [
		{ title: 'While it is wet', until: `until ${clock(view.day.dewOff)}`, when: 'WHILE_WET' },
		{ title: 'While it is dry', until: whileDry(view), when: 'WHILE_DRY' },
		{ title: 'By evening', until: `sunset ${clock(view.day.sunset)}`, when: 'BY_EVENING' }
	];
</script>

<Loading from={data.found} stays>
	{#snippet children(view)}
		<Page title={longDay(view.now)} says={waiting(view.tasks)}>
			<Weather {view} changed={refresh} />
			{#if view.backups}
				<p class="caution mt-5 max-w-3xl font-semibold">
					{#if view.backups.elsewhere}
						{view.backups.lastGood
							? `The last backup reached the other disk ${fullDay(view.backups.lastGood)}.`
							: 'No backup has reached the other disk yet.'}
					{:else}
						{view.backups.lastGood
							? `The last good backup of the farm was made ${fullDay(view.backups.lastGood)}.`
							: 'No backup of the farm was ever made.'}
					{/if}
					{#if session.grower}
						<a class="quiet" href="/farm/backups">Backups</a> tells why, and makes one now.
					{:else}
						Tell a grower.
					{/if}
				</p>
			{/if}
			<WrongLots wrong={view.wrongLots} />
			{#each view.wrongPlantings ?? [] as { id, variety, why } (id)}
				<p class="caution my-4 max-w-3xl">
					What waits in the rows of <a class="quiet font-semibold" href="/desk?planting={id}">{variety}</a>
					cannot be told, because something kept of it is wrong: {wrong(why)}
				</p>
			{/each}
			{#if view.notForEating.length}
				<details class="mt-5 border-l-4 border-beet bg-paper px-4 py-2" open={!session.works}>
					<summary class="cursor-pointer"
						><strong>Not for eating:</strong> what has a tag in {view.notForEating
							.map((one) => `${one.variety} ${cropWord(one.crop)}`)
							.join(', ')}</summary
					>
					<p class="text-sm text-soft">
						Marked for seed. Whoever picks for the kitchen leaves every tag alone.
					</p>
					<ul class="mt-1">
						{#each view.notForEating as one (one.plantingId)}
							<li>
								<a class="quiet font-semibold" href="/selection/{one.plantingId}"
									>{one.variety} {cropWord(one.crop)}</a
								>, {placed(one.ground)}: {one.tags.length > TAGS
									? `${many(one.tags.length, 'tag')}, ${one.tags.slice(0, TAGS).join(', ')} and so on`
									: `tag ${one.tags.join(', ')}`}
							</li>
						{/each}
					</ul>
				</details>
			{/if}
			<FirstLot />
			{#if view.tasks.length === 0 && !beginning.on}
				<section class="mt-8 max-w-prose">
					<h2>The farm is quiet</h2>
					<p class="mt-1 text-soft">What is due appears here by itself, from plantings, walks and lots.</p>
					<a href="/desk/plantings/new" class="btn mt-4 btn-primary">Plan a planting</a>
				</section>
			{:else if view.tasks.length}
				<div class="mt-6 grid gap-x-7 gap-y-8 lg:grid-cols-3">
					{#each columns(view) as column (column.when)}
						{@const tasks = view.tasks.filter((task) => task.when === column.when)}
						<section>
							<h2 class="ruled flex items-baseline justify-between gap-3">
								{column.title}<span class="text-sm font-normal text-soft">{column.until}</span>
							</h2>
							<ul>
								{#each all ? tasks : tasks.slice(0, SHOWN) as task, i (task.toDo.kind + task.plantingId + task.lot + i)}
									<TaskLine {task} />
								{:else}
									<li class="py-3 text-soft">Nothing.</li>
								{/each}
							</ul>
							{#if !all && tasks.length > SHOWN}
								<button
									type="button"
									class="mt-2 cursor-pointer font-semibold underline"
									onclick={() => (all = true)}
								>
									and {tasks.length - SHOWN} more
								</button>
							{/if}
						</section>
					{/each}
				</div>
			{/if}
			{#if view.tasks.length}
				{@const taken = view.tasks.filter((task) => along(sayTask(task).path)).length}
				<p class={['mt-6 text-sm text-soft', !signal.lost && 'hidden pointer-coarse:block']}>
					{taken === view.tasks.length
						? 'All of it can be done on this phone without a signal.'
						: `${whole(taken)} of ${many(view.tasks.length, 'task')} can be done on this phone without a signal; the others are marked.`}
				</p>
			{/if}
			{#if session.works}<DoneToday />{/if}
		</Page>
	{/snippet}
</Loading>
