<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { percent, temperature, whole } from '$lib/units/units';
	import { clock, dayAfter, weekday } from '$lib/words/dates';
	import { many } from '$lib/words/words';
	import DayBand from './DayBand.svelte';

	interface Props {
		view: Schemas['TodayView'];
		changed: () => void;
	}
	/** The day as it is foretold or as it usually is, and the five after it. */
	let { view, changed }: Props = $props();
	const today = $derived(session.today);
	const forecast = $derived(view.coming.find((day) => day.on === today));
	const after = $derived(view.coming.filter((day) => day.on !== today));
	/** Days that the station was silent, after which it says nothing of now. */
	const LATE = 3;
	const measured = $derived(
		view.measured && view.measured.day >= dayAfter(today, -LATE) ? view.measured : undefined
	);
	let typing = $state(false);
	let width = $state(0);
	const wide = $derived(width >= 640);
	const rain = (day: Schemas['ComingDay']) =>
		`${percent(day.chance)} rain${day.rain ? `, ${whole(day.rain)} mm` : ''}`;
</script>

<DayBand day={view.day} {forecast} now={view.now} usual={!view.simulated || !forecast} />
<p class="text-sm">
	{#if forecast}
		<strong>Today</strong>
		{rain(forecast)}; {forecast.from === undefined
			? 'no hours dry enough to cut seed'
			: `dry enough to cut seed from ${clock(forecast.from)} for ${many(forecast.dryHours, 'hour')}, if no rain comes`}
		<span class="text-soft"
			>({view.simulated
				? 'simulated: it knows nothing of the weather'
				: 'rain as typed, the rest as usual'})</span
		>.
	{:else}
		<span class="text-soft"
			>Sun, warmth and dew as they usually are. No forecast has been typed: rain is not counted.</span
		>
	{/if}
	{#if measured}
		{weekday(measured.day, 'long')} was {temperature(measured.low, session.units)} to {temperature(
			measured.high,
			session.units
		)} <span class="text-soft">({measured.source})</span>.
	{/if}
</p>
{#if after.length}
	<ol class="days" aria-label="The days after">
		{#each after as day (day.on)}
			<li>
				<strong>{weekday(day.on, 'short')}</strong>
				<span>{temperature(day.high, session.units)}</span>
				<span>{rain(day)}</span>
				<span class={[day.from === undefined && 'text-soft']}
					>{day.from === undefined
						? 'no dry hours'
						: `${whole(day.dryHours)} h dry${wide ? ` from ${clock(day.from)}` : ''}`}</span
				>
			</li>
		{/each}
	</ol>
{/if}
{#if !view.simulated && session.works}
	<details class="mt-3" ontoggle={(event) => (typing ||= event.currentTarget.open)}>
		<summary class="cursor-pointer font-semibold">Type the forecast</summary>
		{#if typing}
			{#await import('$lib/ripening/TypedForecast.svelte') then { default: TypedForecast }}
				<TypedForecast days={view.coming} kept={changed} />
			{/await}
		{/if}
	</details>
{/if}

<svelte:window bind:innerWidth={width} />

<style>
	.days {
		display: grid;
		grid-template-columns: repeat(5, minmax(0, 1fr));
		border-top: 1px solid var(--color-base-content);
		margin-top: 0.5rem;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		align-content: start;
		gap: 0 0.5rem;
		padding: 0.35rem 0.6rem;
		border-left: 1px solid var(--color-base-300);
		font-size: var(--text-sm);
	}
	li:first-child {
		border-left: 0;
		padding-left: 0;
	}
	li span + span {
		flex-basis: 100%;
	}
	@media (max-width: 639px) {
		li {
			display: block;
			padding: 0.3rem;
			font-size: var(--text-xs);
			line-height: 1.25;
		}
		li > * {
			display: block;
		}
	}
</style>
