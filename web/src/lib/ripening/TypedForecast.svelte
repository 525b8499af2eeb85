<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { figure, type Kind, type Typed } from '$lib/form/kinds';
	import { dayAfter, dayMonth } from '$lib/words/dates';

	interface Props {
		/** The days that are typed already. */
		days: Schemas['ComingDay'][];
		kept: () => void;
	}
	/** Chances of rain as somebody read them elsewhere, for the coming days. */
	let { days, kept }: Props = $props();

	const coming = Array.from({ length: 6 }, (_, i) => dayAfter(session.today, i));
	const named = (on: string) => (on === session.today ? 'today' : dayMonth(on));
	/** As the server calls a day's figure: it counts the days that are sent. */
	const called = (on: string, what: string) => (typed: Typed) => [
		`days[${coming.filter((one) => typed[`chance ${one}`]?.trim()).indexOf(on)}].${what}`
	];
	/** Of each day the chance and the amount. */
	const fields: Record<string, Kind<number | undefined>> = {};
	// svelte-ignore state_referenced_locally
	for (const [i, on] of coming.entries()) {
		const known = days.find((day) => day.on === on);
		fields[`chance ${on}`] = figure(`Rain ${named(on)}`, {
			unit: '%',
			hint: i === 0 ? 'chance that any falls' : undefined,
			start: known && Math.round(known.chance * 100),
			refusedAs: called(on, 'chance')
		});
		fields[`rain ${on}`] = figure(`How much ${named(on)}`, {
			unit: 'mm',
			hint: i === 0 ? 'if it falls; empty: a shower' : undefined,
			start: known?.rain || undefined,
			refusedAs: called(on, 'rain')
		});
	}
	const form = new Form<Record<string, number | undefined>>(fields);
	const typed = $derived(coming.some((on) => form.typed[`chance ${on}`]?.trim()));

	async function keep() {
		const said = form.body();
		const days = coming.flatMap((on) => {
			const chance = said[`chance ${on}`];
			return chance === undefined ? [] : [{ on, chance, rain: said[`rain ${on}`] }];
		});
		await ask(PUT('/api/forecast', { body: { days } }));
		kept();
	}
</script>

<FormOf
	{form}
	send={keep}
	main={false}
	act="Save forecast"
	why={typed ? '' : 'Type the chance of a day.'}
	labels={{ days: 'Forecast' }}
	class="mt-2 max-w-md grid-cols-2 gap-x-3 gap-y-2"
/>
