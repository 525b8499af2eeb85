<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { here } from '$lib/offline/here';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { count, text } from '$lib/form/kinds';
	import { whole } from '$lib/units/units';
	import { inZone } from '$lib/words/dates';
	import { many } from '$lib/words/words';
	import Countdown from './Countdown.svelte';

	interface Props {
		step: Schemas['StepView'];
		wash: Schemas['WashView'];
		done: () => void;
	}
	/** Seed in an alkaline cleaner: with what, how long, how often the same cleaner was used, where it goes. */
	let { step, wash, done }: Props = $props();
	const params = $derived({ path: { id: step.id } });
	const zone = $derived(session.farm?.timeZone ?? 'UTC');

	const fields = () => ({
		product: text('Cleaner', { hint: 'as its label calls it' }),
		dose: text('How much', { hint: 'as its label says, with the unit' }),
		minutes: count('Minutes in it', {
			needed: true,
			hint: 'minutes, not hours; tried on a few seeds first'
		}),
		batch: text('Batch of cleaner', { hint: 'where one bucket of it serves several washes' }),
		rinses: count('Rinses afterwards', { hint: 'until the water no longer feels slippery' }),
		disposal: text('Where the cleaner went', {
			hint: 'by the rules of the place; empty while it is kept'
		})
	});
</script>

{#if wash.clock}
	<Countdown until={inZone(wash.clock.outAt, zone)} left={wash.clock.left} />
	{#if wash.clock.stands === 'TOO_LONG'}
		<p class="caution mt-2">
			It was in for twice as long as was meant, or longer: rinse it now, and test its germination before
			anything else is done with it.
		</p>
	{/if}
{/if}
{#if wash.version >= 0 && wash.facts}
	{@const facts = wash.facts}
	<p class="mt-2">
		{facts.product}, {facts.dose}, {many(facts.minutes, 'minute')}{facts.batch
			? `; batch ${facts.batch}, used ${wash.usedBefore === 0 ? 'for the first time' : `${many(wash.usedBefore, 'time')} before`}`
			: ''}{facts.rinses === undefined ? '' : `; ${many(facts.rinses, 'rinse')}`}{facts.disposal
			? `; cleaner: ${facts.disposal}`
			: ''}
		{#if session.works}<Amend
				what="the wash"
				was={{ ...facts, version: wash.version }}
				fields={fields()}
				save={(body) => ask(PUT('/api/steps/{id}/wash', { params, body }))}
				{done}
			/>{/if}
	</p>
{:else if session.works}
	<p class="mt-2">
		<b>With what, and for how long?</b>
		<Amend
			what="the wash"
			act="say it"
			fields={fields()}
			save={(body) =>
				ask(
					PUT('/api/steps/{id}/wash', {
						params,
						body: { ...body, version: wash.version },
						...here('what the seed is washed in')
					})
				)}
			{done}
		/>
	</p>
{/if}
{#if wash.usedBefore > 2}
	<p class="mt-2 text-sm">
		Used {whole(wash.usedBefore)} times before: cleaner loses its strength. Try it on a few seeds, or make it anew.
	</p>
{/if}
<p class="caution mt-3">
	Alkaline cleaner burns skin and eyes: gloves, goggles, air. Cleaner goes into water, never water onto
	cleaner; never together with acid or bleach. Out of the reach of children. Its label and the rules of the
	place say what becomes of it.
</p>
