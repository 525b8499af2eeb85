<script lang="ts">
	import { ask, GET, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';
	import { digits, temperature, written } from '$lib/units/units';
	import { fullDay } from '$lib/words/dates';
	import { LOCALES } from '$lib/people/words';
	import { many } from '$lib/words/words';
	import Change from './Change.svelte';
	import ClimateFields from './ClimateFields.svelte';
	import PlaceFields from './PlaceFields.svelte';
	import { currencyOf, zoneOf } from './place';
	import ZoneAndCurrency from './ZoneAndCurrency.svelte';

	interface Props {
		farm: Schemas['FarmView'];
		/** It is kept. */
		changed: () => void;
	}
	let { farm, changed }: Props = $props();
	const attempt = new Attempt();
	const own = new Attempt();
	const rounded = (celsius: number) => written(Number(celsius.toFixed(1)));

	// svelte-ignore state_referenced_locally
	let it = $state({
		farm: farm.name,
		lat: written(farm.spot.lat),
		lon: written(farm.spot.lon),
		carryGround: false,
		timeZone: farm.timeZone,
		currency: farm.currency,
		climateFrom: farm.climateFrom,
		coldestMonth: rounded(farm.climate.mean - farm.climate.amplitude),
		warmestMonth: rounded(farm.climate.mean + farm.climate.amplitude),
		lastFrost: farm.lastFrost?.slice(2) ?? '',
		firstFrost: farm.firstFrost?.slice(2) ?? '',
		weekBegins: farm.weekBegins,
		locale: farm.locale,
		reason: ''
	});
	let change = $state.raw<Schemas['FarmChange']>();
	let ownClimate = $state.raw<Schemas['OwnClimate']>();

	const LABELS = {
		farm: 'Name of the farm',
		lat: 'Latitude',
		lon: 'Longitude',
		carryGround: 'The map',
		timeZone: 'Time zone',
		currency: 'Currency',
		climateFrom: 'The usual year',
		coldestMonth: 'Coldest month',
		warmestMonth: 'Warmest month',
		lastFrost: 'Last frost',
		firstFrost: 'First frost',
		weekBegins: 'A week begins on',
		locale: 'Numbers and dates of newcomers',
		reason: 'Why it is corrected'
	};
	const DAYS = [
		['MONDAY', 'Monday'],
		['SATURDAY', 'Saturday'],
		['SUNDAY', 'Sunday']
	] as const;

	/** A difference of warmth, which no freezing point is added to. */
	const apart = (celsius: number) =>
		session.units === 'US' ? `${digits(1.8 * celsius, 1)} °F` : `${digits(celsius, 1)} °C`;
	const frost = (typed: string) => (typed.trim() ? `--${typed.trim()}` : undefined);
	function body(): Schemas['SettingsRequest'] {
		it.timeZone = zoneOf(it.timeZone);
		it.currency = currencyOf(it.currency);
		const typed = it.climateFrom === 'TYPED';
		return {
			...it,
			version: farm.version,
			lat: numberIn('lat', it.lat),
			lon: numberIn('lon', it.lon),
			coldestMonth: typed ? numberIn('coldestMonth', it.coldestMonth) : undefined,
			warmestMonth: typed ? numberIn('warmestMonth', it.warmestMonth) : undefined,
			lastFrost: frost(it.lastFrost),
			firstFrost: frost(it.firstFrost)
		};
	}
	function look(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			change = await ask(POST('/api/farm/preview', { body: body() }));
		});
	}
	function keep() {
		void attempt.run(async () => {
			await ask(PUT('/api/farm', { body: body() }));
			await session.load();
			changed();
		});
	}
	function fromOwnDays() {
		void own.run(async () => {
			ownClimate = await ask(GET('/api/farm/own-climate'));
			it.climateFrom = 'OWN_DAYS';
		});
	}
</script>

<form class="grid gap-5" onsubmit={look} oninput={() => (change = undefined)}>
	<h2 class="ruled">What it is and where it lies</h2>
	<TextField label={LABELS.farm} name="farm" {attempt} bind:value={it.farm} required needed maxlength={80} />
	<PlaceFields {attempt} bind:lat={it.lat} bind:lon={it.lon} labels={LABELS} />
	<label class="flex items-center gap-2">
		<input type="checkbox" class="checkbox" name="carryGround" bind:checked={it.carryGround} />
		<span>where it lies was wrong, not the map: plots, beds, barriers and neighbours go along</span>
	</label>
	<div class="grid gap-4 sm:grid-cols-2">
		<ZoneAndCurrency {attempt} bind:timeZone={it.timeZone} bind:currency={it.currency} labels={LABELS} />
		<ChoiceField
			label={LABELS.weekBegins}
			name="weekBegins"
			{attempt}
			bind:value={it.weekBegins}
			choices={DAYS.map(([value, label]) => ({ value, label }))}
		/>
		<ChoiceField
			label={LABELS.locale}
			name="locale"
			{attempt}
			bind:value={it.locale}
			choices={LOCALES}
			hint="everybody changes their own"
		/>
	</div>
	<h2 class="ruled">How warm it usually is</h2>
	{#if it.climateFrom === 'OWN_DAYS'}
		<p>
			{#if ownClimate}
				Worked out from {many(ownClimate.days, 'day')} of your own, {fullDay(ownClimate.first)} to {fullDay(
					ownClimate.last
				)}: {temperature(ownClimate.normals.mean, session.units)} on average, coldest {temperature(
					ownClimate.normals.mean - ownClimate.normals.amplitude,
					session.units
				)}, warmest {temperature(ownClimate.normals.mean + ownClimate.normals.amplitude, session.units)}.
				Single days usually lie {apart(ownClimate.apart)} off it; fewer than some ten years are those years’ weather
				more than a climate.
			{:else}
				Worked out from your own days of weather when it was kept. Keeping this again works it out anew.
			{/if}
		</p>
		<div><Act onclick={() => (it.climateFrom = 'TYPED')}>Type it instead</Act></div>
	{:else}
		<ClimateFields
			{attempt}
			bind:coldestMonth={it.coldestMonth}
			bind:warmestMonth={it.warmestMonth}
			labels={LABELS}
		/>
		<div class="flex flex-wrap items-center gap-3">
			<Act disabled={own.busy} onclick={fromOwnDays}>Work it out from your own days of weather</Act>
		</div>
	{/if}
	<Trouble attempt={own} labels={{ weather: 'The days of weather' }} />
	<div class="grid gap-4 sm:grid-cols-2">
		<TextField
			label={LABELS.lastFrost}
			name="lastFrost"
			{attempt}
			bind:value={it.lastFrost}
			hint="usual month and day, such as {session.south ? '10-20' : '04-20'}; both or neither"
		/>
		<TextField
			label={LABELS.firstFrost}
			name="firstFrost"
			{attempt}
			bind:value={it.firstFrost}
			hint="such as {session.south ? '04-28' : '10-28'}"
		/>
	</div>
	{#if !change}
		<Trouble {attempt} labels={LABELS} />
		<div><Act main type="submit" disabled={attempt.busy}>See what it changes</Act></div>
	{/if}
</form>
{#if change}
	<div class="mt-5 grid gap-4">
		<Change {change} />
		<TextField
			label={LABELS.reason}
			name="reason"
			{attempt}
			bind:value={it.reason}
			required
			needed
			maxlength={300}
			hint="what it was is kept beside it"
		/>
		<Trouble {attempt} labels={LABELS} />
		<div class="flex flex-wrap gap-3">
			<Act main disabled={attempt.busy} onclick={keep}>Save</Act>
			<Act onclick={() => (change = undefined)}>Go on correcting</Act>
		</div>
	</div>
{/if}
