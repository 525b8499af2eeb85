<script lang="ts">
	import { ask, GET, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import { many } from '$lib/words/words';

	/** The days that bloom is calculated from: what is known of the weather, a file to read in, and the frosts. */
	let { done }: { done: () => void } = $props();
	let turn = $state(0);
	const found = $derived.by(() => {
		void turn;
		return Promise.all([ask(GET('/api/weather')), ask(GET('/api/farm'))]);
	});
	const attempt = new Attempt();
	const frosts = new Attempt();
	let name = $state('');
	let text = $state('');
	let read = $state.raw<Schemas['WeatherRead']>();
	let lastFrost = $state('');
	let firstFrost = $state('');

	const send = (keep: boolean) =>
		ask(
			POST('/api/weather/file', {
				params: { query: { keep, name } },
				body: text as never,
				bodySerializer: (body: unknown) => body as string,
				headers: { 'Content-Type': 'text/csv' }
			})
		);

	async function chosen(event: Event) {
		const file = (event.currentTarget as HTMLInputElement).files?.[0];
		read = undefined;
		if (!file) return;
		name = file.name.slice(0, 60);
		text = await file.text();
		await attempt.run(async () => {
			read = await send(false);
		});
	}
	function keep() {
		void attempt.run(async () => {
			read = await send(true);
			if (read.kept) {
				turn++;
				done();
			}
		});
	}
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
			<label class="mt-4 grid grid-cols-1 gap-1">
				<span class="text-sm font-semibold">Read days from a CSV file</span>
				<input type="file" accept=".csv,text/csv" onchange={chosen} class="max-w-full" />
				<span class="text-sm text-soft">Columns day, low, high; °C; a row a day.</span>
			</label>
			<div class="mt-2"><Trouble {attempt} labels={{ file: 'File' }} /></div>
			{#if read}
				<p class="mt-2" aria-live="polite">
					{many(read.days, 'day')}{read.faults.length
						? '; while a line is wrong, none is kept:'
						: read.kept
							? ' kept.'
							: '.'}
				</p>
				<ul class="text-sm">
					{#each read.faults as fault (fault)}<li class="text-alarm">{fault}</li>{/each}
					{#each read.gaps.slice(0, 8) as gap (gap)}
						<li class="text-soft">no row for {gap}: the usual warmth stands in</li>
					{/each}
				</ul>
				{#if read.faults.length === 0 && !read.kept}
					<div class="mt-3"><Act main onclick={keep} disabled={attempt.busy}>Keep these days</Act></div>
				{/if}
			{/if}
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
					<div><Act type="submit" disabled={frosts.busy}>Keep the frosts</Act></div>
				</div>
			</form>
		{/if}
	{/snippet}
</Loading>
