<script lang="ts">
	import { ask, GET, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { figure } from '$lib/form/kinds';
	import { mass } from '$lib/units/units';
	import { inZone, moment } from '$lib/words/dates';
	import { QUANTITY } from '$lib/words/words';

	interface Props {
		step: Schemas['StepView'];
		changed: () => void;
	}
	/** What was read of a step, newest first, each with where it is from. */
	let { step, changed }: Props = $props();

	const SHOWN = 8;
	const UNIT = { MASS: 'g', MASH: '°C', AIR: '°C', HUMIDITY: '%', STIRRED: '' } as const;
	let all = $state(false);
	const found = $derived(ask(GET('/api/steps/{id}/readings', { params: { path: { id: step.id! } } })));
	const at = (instant: string) => moment(inZone(instant, session.farm?.timeZone ?? 'UTC'), session.now);
	const says = (one: Schemas['ReadingView']) =>
		one.quantity === 'MASS'
			? mass(one.value, session.units)
			: one.quantity === 'STIRRED'
				? ''
				: `${one.value} ${UNIT[one.quantity]}`;
</script>

{#await found then readings}
	{#if readings.length}
		<table class="figures mt-3">
			<tbody>
				{#each all ? readings.toReversed() : readings.toReversed().slice(0, SHOWN) as one (one.id)}
					<tr>
						<th scope="row">{QUANTITY[one.quantity]}, {at(one.takenAt)}</th>
						<td class="num">{says(one)}</td>
						<td class="beside">{one.source}, {one.recordedBy}</td>
						<td class="text-right!"
							>{#if session.works && one.quantity !== 'STIRRED'}<Amend
									what="the {QUANTITY[one.quantity]} of {at(one.takenAt)}"
									was={one}
									fields={{
										value: figure(`${QUANTITY[one.quantity]}, ${UNIT[one.quantity]}`, { needed: true })
									}}
									save={(body) =>
										ask(
											PUT('/api/readings/{id}', {
												params: { path: { id: one.id } },
												body: { ...body, quantity: one.quantity }
											})
										)}
									done={changed}
								/>{/if}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
		{#if readings.length > SHOWN}
			<button type="button" class="mt-1 cursor-pointer text-sm underline" onclick={() => (all = !all)}
				>{all ? 'the newest only' : `and ${readings.length - SHOWN} more`}</button
			>
		{/if}
	{/if}
{:catch}
	<p class="text-sm text-soft">It needs a signal.</p>
{/await}
