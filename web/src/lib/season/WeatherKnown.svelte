<script lang="ts">
	import { ask, GET, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import WeatherFolder from './WeatherFolder.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import { dayMonth, fullDay } from '$lib/words/dates';

	/** The days that bloom is calculated from: what is known of the weather, a file to read in, and the frosts. */
	let { done }: { done: () => void } = $props();
	let turn = $state(0);
	const found = $derived.by(() => {
		void turn;
		return Promise.all([ask(GET('/api/weather')), ask(GET('/api/farm'))]);
	});
	const frosts = new Attempt();
	let lastFrost = $state('');
	let firstFrost = $state('');

	function keepFrosts(version: number) {
		void frosts.run(async () => {
			await ask(
				PUT('/api/farm/frosts', {
					body: { version, lastFrost: `--${lastFrost.trim()}`, firstFrost: `--${firstFrost.trim()}` }
				})
			);
			turn++;
			done();
		});
	}
	/** A day of any year, and so of one that has them all. */
	const frost = (monthDay?: string) => (monthDay ? dayMonth(monthDay.replace('--', '2000-')) : '');
</script>

<h2 class="ruled mt-7 mb-3">The days it rests on</h2>
<Loading from={found}>
	{#snippet children([weather, farm])}
		<p>
			{#if weather.known}
				Weather is known until {fullDay(weather.known.day)} ({weather.known.source}); from then on the farm’s
				usual warmth stands in.
			{:else}
				No day’s weather is known: every date rests on the farm’s usual warmth.
			{/if}
			{farm.lastFrost
				? `Frost usually ends ${frost(farm.lastFrost)} and comes again ${frost(farm.firstFrost)}.`
				: 'Nobody has said when frost ends and comes again.'}
		</p>
		{#if session.grower}
			<p class="mt-2">
				<a class="quiet" href="/farm/import?list=weather"
					>Read days from a file: of a diary, or of a station</a
				>
			</p>
			<WeatherFolder />
			<form
				class="mt-5 grid grid-cols-2 gap-4"
				onsubmit={(event) => {
					event.preventDefault();
					keepFrosts(farm.version);
				}}
			>
				<TextField
					label="Last frost"
					name="lastFrost"
					attempt={frosts}
					bind:value={lastFrost}
					hint={session.south ? 'such as 10-20' : 'such as 04-20'}
				/>
				<TextField
					label="First frost"
					name="firstFrost"
					attempt={frosts}
					bind:value={firstFrost}
					hint={session.south ? 'such as 04-28' : 'such as 10-28'}
				/>
				<div class="col-span-2 grid gap-2">
					<Trouble attempt={frosts} labels={{ lastFrost: 'Last frost', firstFrost: 'First frost' }} />
					<div><Act type="submit" disabled={frosts.busy}>Save frosts</Act></div>
				</div>
			</form>
		{/if}
	{/snippet}
</Loading>
