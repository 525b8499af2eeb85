<script lang="ts">
	import { goto } from '$app/navigation';
	import { session } from '$lib/api/session.svelte';
	import ClimateFields from '$lib/farm/ClimateFields.svelte';
	import PlaceFields from '$lib/farm/PlaceFields.svelte';
	import { currencyOf, localeOf, zoneOf } from '$lib/farm/place';
	import SampleFarm from '$lib/farm/SampleFarm.svelte';
	import ZoneAndCurrency from '$lib/farm/ZoneAndCurrency.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';
	import { LOCALES, UNITS } from '$lib/people/words';
	import type { Units } from '$lib/units/units';
	import { COUNTRIES } from '$lib/words/say';

	const attempt = new Attempt();
	let farm = $state('');
	let lat = $state('');
	let lon = $state('');
	let coldestMonth = $state('');
	let warmestMonth = $state('');
	let timeZone = $state(Intl.DateTimeFormat().resolvedOptions().timeZone);
	let currency = $state('EUR');
	let locale = $state(localeOf(navigator.languages, Object.keys(COUNTRIES)));
	// svelte-ignore state_referenced_locally
	let units = $state<Units>(locale === 'en-US' ? 'US' : 'METRIC');
	let name = $state('');
	let password = $state('');
	let sampleMade = $state(false);

	const LABELS = {
		farm: 'Name of the farm',
		lat: 'Latitude',
		lon: 'Longitude',
		coldestMonth: 'Coldest month',
		warmestMonth: 'Warmest month',
		timeZone: 'Time zone',
		currency: 'Currency',
		units: 'Units',
		locale: 'Numbers and dates',
		name: 'Your name',
		password: 'Password'
	};

	function begin(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			timeZone = zoneOf(timeZone);
			currency = currencyOf(currency);
			await session.begin({
				farm,
				lat: numberIn('lat', lat),
				lon: numberIn('lon', lon),
				coldestMonth: numberIn('coldestMonth', coldestMonth),
				warmestMonth: numberIn('warmestMonth', warmestMonth),
				timeZone,
				currency,
				units,
				locale,
				name,
				password
			});
			await goto('/field');
		});
	}
</script>

<main class="mx-auto max-w-2xl p-6 md:pt-14">
	<h1>Your farm</h1>
	<p class="mt-1 text-soft">
		Theriseed needs to know where it lies and how warm it usually is: bloom and isolation are computed from
		that. All of it can be corrected later.
	</p>
	<div class="mt-5"><SampleFarm bind:making={sampleMade} /></div>
	<form class={['mt-8 grid gap-4', sampleMade && 'hidden']} onsubmit={begin} novalidate>
		<TextField label={LABELS.farm} name="farm" {attempt} bind:value={farm} required needed maxlength={80} />
		<PlaceFields {attempt} bind:lat bind:lon labels={LABELS} />
		<div class="grid gap-4 sm:grid-cols-2">
			<ZoneAndCurrency {attempt} bind:timeZone bind:currency labels={LABELS} />
			<ChoiceField label={LABELS.units} name="units" {attempt} bind:value={units} choices={[...UNITS]} />
			<ChoiceField label={LABELS.locale} name="locale" {attempt} bind:value={locale} choices={LOCALES} />
		</div>
		{#key units}
			<ClimateFields {attempt} bind:coldestMonth bind:warmestMonth labels={LABELS} {units} />
		{/key}
		<h2 class="ruled mt-3">The first grower</h2>
		<div class="grid gap-4 sm:grid-cols-2">
			<TextField
				label={LABELS.name}
				name="name"
				{attempt}
				bind:value={name}
				autocomplete="username"
				required
				needed
				maxlength={60}
				hint="as it will stand beside what you record"
			/>
			<TextField
				label={LABELS.password}
				name="password"
				type="password"
				{attempt}
				bind:value={password}
				autocomplete="new-password"
				required
				needed
				hint="at least 10 characters; several words are good"
			/>
		</div>
		<Trouble {attempt} labels={LABELS} />
		<div><Act main type="submit" disabled={attempt.busy}>Make the farm</Act></div>
	</form>
</main>
