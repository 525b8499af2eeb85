<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { monthsFrom } from '$lib/bloom/bloom';
	import { monthName } from '$lib/words/dates';
	import { many } from '$lib/words/words';
	import { seasonBegins } from './year';
	import { WORK, yearOf } from './yearOfWork';

	interface Props {
		entries: Schemas['Entry'][];
		season: number;
		today: string;
		/** Months that the list shows, and that can be gone to. */
		listed: string[];
	}
	/** The year at a glance: how many tasks each week asks for, by kind of work. */
	let { entries, season, today, listed }: Props = $props();

	const months = $derived(
		monthsFrom(new Date(`${seasonBegins(season)}T12:00:00Z`), 12).map((month) =>
			month.toISOString().slice(0, 7)
		)
	);
	const rows = $derived(WORK.map(({ name, kinds }) => ({ name, months: yearOf(entries, kinds, months) })));
	const most = $derived(Math.max(1, ...rows.flatMap((row) => row.months.flatMap((month) => month.weeks))));
	const HEIGHT = 26;
	const now = $derived(today.slice(0, 7));
</script>

<table class="year">
	<caption class="sr-only">Tasks by kind of work and month</caption>
	<thead>
		<tr>
			<td></td>
			{#each months as month (month)}
				<th scope="col" class={[month === now && 'now']}>
					<span class="max-sm:hidden"
						>{#if listed.includes(month)}<a href="#m{month}">{monthName(`${month}-01`, 'short')}</a
							>{:else}{monthName(`${month}-01`, 'short')}{/if}</span
					>
					<abbr class="sm:hidden" title={monthName(`${month}-01`, 'long')}
						>{monthName(`${month}-01`, 'short').slice(0, 1)}</abbr
					>
				</th>
			{/each}
		</tr>
	</thead>
	<tbody>
		{#each rows as row (row.name)}
			<tr>
				<th scope="row">{row.name}</th>
				{#each row.months as { month, tasks, weeks } (month)}
					<td class={[month === now && 'now']}>
						<span class="sr-only">{tasks ? many(tasks, 'task') : 'none'}</span>
						<svg viewBox="0 0 40 {HEIGHT}" preserveAspectRatio="none" height={HEIGHT} aria-hidden="true">
							{#each weeks as count, week (week)}
								<rect
									x={week * 10 + 0.5}
									y={HEIGHT - (count / most) * HEIGHT}
									width="9"
									height={(count / most) * HEIGHT}
									class={[month < now && 'past']}
								/>
							{/each}
						</svg>
					</td>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>
<p class="mt-1 mb-5 text-sm text-soft">
	Each bar is a week; the highest stands for {many(most, 'task')}. Days that hang on a bloom not yet seen may
	move.
</p>

<style>
	.year {
		width: 100%;
		table-layout: fixed;
		border-collapse: collapse;
		font-size: var(--text-sm);
	}
	tr > :first-child {
		width: 5.2rem;
	}
	th {
		font-weight: 600;
		text-align: left;
	}
	thead th {
		padding: 0.2rem 0 0.2rem 0.2rem;
		color: var(--soft);
	}
	thead a {
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	td,
	thead th {
		border-left: 1px solid var(--color-base-300);
	}
	tr > :first-child {
		border-left: 0;
	}
	tbody tr {
		border-bottom: 1px solid var(--color-base-300);
	}
	.now {
		background: var(--pale);
		color: inherit;
	}
	abbr {
		text-decoration: none;
	}
	svg {
		display: block;
		width: 100%;
		padding-top: 4px;
	}
	rect {
		fill: var(--color-base-content);
	}
	.past {
		fill: var(--chaff);
	}
</style>
