<script lang="ts">
	import { goto } from '$app/navigation';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';

	const attempt = new Attempt();
	let farm = $state('');
	let lat = $state('');
	let lon = $state('');
	let coldestMonth = $state('');
	let warmestMonth = $state('');
	let timeZone = $state(Intl.DateTimeFormat().resolvedOptions().timeZone);
	let currency = $state('EUR');
	let name = $state('');
	let password = $state('');

	const LABELS = {
		farm: 'Name of the farm',
		lat: 'Latitude',
		lon: 'Longitude',
		coldestMonth: 'Coldest month',
		warmestMonth: 'Warmest month',
		timeZone: 'Time zone',
		currency: 'Currency',
		name: 'Your name',
		password: 'Password'
	};

	function begin(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await session.begin({
				farm,
				lat: numberIn('lat', lat),
				lon: numberIn('lon', lon),
				coldestMonth: numberIn('coldestMonth', coldestMonth),
				warmestMonth: numberIn('warmestMonth', warmestMonth),
				timeZone,
				currency: currency.toUpperCase(),
				name,
				password
			});
			await goto('/field');
		});
	}
</script>

<svelte:head><title>Your farm · Theriseed</title></svelte:head>

<main class="mx-auto max-w-2xl p-6 md:pt-14">
	<h1>Your farm</h1>
	<p class="mt-1 text-soft">
		Theriseed needs to know where it lies and how warm it usually is: bloom and isolation are computed from
		that.
	</p>
	<form class="mt-6 grid gap-x-6 gap-y-4 sm:grid-cols-2" onsubmit={begin}>
		<div class="sm:col-span-2">
			<TextField label={LABELS.farm} name="farm" {attempt} bind:value={farm} required />
		</div>
		<TextField
			label={LABELS.lat}
			name="lat"
			{attempt}
			bind:value={lat}
			unit="° north"
			hint="south is below 0"
		/>
		<TextField
			label={LABELS.lon}
			name="lon"
			{attempt}
			bind:value={lon}
			unit="° east"
			hint="west is below 0"
		/>
		<TextField
			label={LABELS.coldestMonth}
			name="coldestMonth"
			{attempt}
			bind:value={coldestMonth}
			unit="°C"
			hint="usual mean, day and night"
		/>
		<TextField
			label={LABELS.warmestMonth}
			name="warmestMonth"
			{attempt}
			bind:value={warmestMonth}
			unit="°C"
			hint="usual mean, day and night"
		/>
		<TextField label={LABELS.timeZone} name="timeZone" {attempt} bind:value={timeZone} />
		<TextField label={LABELS.currency} name="currency" {attempt} bind:value={currency} maxlength={3} />
		<h2 class="ruled mt-3 sm:col-span-2">The first grower</h2>
		<TextField label={LABELS.name} name="name" {attempt} bind:value={name} autocomplete="username" />
		<TextField
			label={LABELS.password}
			name="password"
			type="password"
			{attempt}
			bind:value={password}
			autocomplete="new-password"
			hint="at least 10 characters"
		/>
		<div class="grid gap-4 sm:col-span-2">
			<Trouble {attempt} labels={LABELS} />
			<div><Act main type="submit" disabled={attempt.busy}>Make the farm</Act></div>
		</div>
	</form>
</main>
