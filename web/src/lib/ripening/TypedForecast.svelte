<script lang="ts">
	import Act from '$lib/form/Act.svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { maybeNumberIn, numberIn } from '$lib/form/typed';
	import { dayAfter, dayMonth } from '$lib/words/dates';

	interface Props {
		/** The days that are typed already. */
		days: Schemas['ComingDay'][];
		kept: () => void;
	}
	/** Chances of rain as somebody read them elsewhere, for the coming days. */
	let { days, kept }: Props = $props();

	const attempt = new Attempt();
	const coming = Array.from({ length: 6 }, (_, i) => dayAfter(session.today, i));
	let rows = $state(
		coming.map((on) => {
			const known = days.find((day) => day.on === on);
			return {
				on,
				chance: known ? String(Math.round(known.chance * 100)) : '',
				rain: known?.rain ? String(known.rain) : ''
			};
		})
	);
	const typed = $derived(rows.filter((row) => row.chance.trim() !== ''));
	const named = (on: string) => (on === session.today ? 'today' : dayMonth(on));
	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(
				PUT('/api/forecast', {
					body: {
						days: typed.map(({ on, chance, rain }, i) => ({
							on,
							chance: numberIn(`days[${i}].chance`, chance),
							rain: maybeNumberIn(`days[${i}].rain`, rain)
						}))
					}
				})
			);
			kept();
		});
	}
</script>

<form class="mt-2" onsubmit={keep}>
	<div class="grid max-w-md grid-cols-2 gap-x-3 gap-y-2">
		{#each rows as row, i (row.on)}
			<TextField
				label="Rain {named(row.on)}"
				name="days[{i}].chance"
				{attempt}
				inputmode="decimal"
				unit="%"
				hint={i === 0 ? 'chance that any falls' : ''}
				bind:value={row.chance}
			/>
			<TextField
				label="How much {named(row.on)}"
				name="days[{i}].rain"
				{attempt}
				inputmode="decimal"
				unit="mm"
				hint={i === 0 ? 'if it falls; empty: a shower' : ''}
				bind:value={row.rain}
			/>
		{/each}
	</div>
	<Trouble {attempt} labels={{ days: 'Forecast' }} />
	<div class="mt-2 flex flex-wrap gap-3">
		<Act type="submit" disabled={attempt.busy} why={typed.length ? '' : 'Type the chance of a day.'}
			>Save forecast</Act
		>
	</div>
</form>
