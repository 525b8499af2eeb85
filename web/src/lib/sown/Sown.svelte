<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { bought } from '$lib/family/words';
	import Amend from '$lib/form/Amend.svelte';
	import { count, day, text, weight } from '$lib/form/kinds';
	import { mass } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { many } from '$lib/words/words';
	import { elsewhereFields } from './fields';

	interface Props {
		plantingId: string;
		sown: Schemas['SownWith'];
		done: () => void;
	}
	/** What a planting was sown with, each record open to correction. */
	let { plantingId, sown, done }: Props = $props();
	const units = $derived(session.units);

	/** In packets, where packets of it were sown. */
	const ownFields = ({ packets, mass }: Schemas['TakingView']) => {
		const more = { refusedAs: ['mass', 'packets'], hint: '0 where it was not sown here after all' };
		return {
			much:
				packets === undefined
					? weight('Sown', { ...more, needed: true, start: mass })
					: count('Packets sown', { ...more, needed: true, start: packets }),
			takenOn: day('On', { needed: true }),
			note: text('Note')
		};
	};
</script>

<ul class="grid gap-2">
	{#each sown.own as { number, taking, grams } (taking.id)}
		<li>
			<b>{taking.packets === undefined ? '' : `${many(taking.packets, 'packet')}, `}{mass(grams, units)}</b>
			of <a class="quiet font-mono" href="/lot/{number}">{number}</a>, {dayMonth(
				taking.takenOn,
				session.today
			)}{taking.note ? `: ${taking.note}` : ''}
			<span class="text-sm text-soft">{taking.recordedBy}</span>
			{#if session.works}<Amend
					what="what was sown of {number}"
					was={taking}
					fields={ownFields(taking)}
					save={({ much, ...body }) =>
						ask(
							PUT('/api/takings/{id}', {
								params: { path: { id: taking.id } },
								body: {
									...body,
									why: 'SOWN',
									plantingId,
									...(taking.packets === undefined
										? { mass: much }
										: { packingRunId: taking.packingRunId, packets: much })
								}
							})
						)}
					{done}
				/>{/if}
		</li>
	{/each}
	{#each sown.elsewhere as seed (seed.id)}
		<li>
			<b>From {bought(seed, units)}</b>, {dayMonth(seed.sownOn, session.today)}{seed.note
				? `: ${seed.note}`
				: ''}
			<span class="text-sm text-soft">{seed.recordedBy}</span>
			{#if session.works}
				<Amend
					what="seed from {seed.supplier}"
					was={seed}
					fields={elsewhereFields()}
					save={(body) =>
						ask(PUT('/api/sown-from-elsewhere/{id}', { params: { path: { id: seed.id } }, body }))}
					{done}
				/>
				<Amend
					what="seed from {seed.supplier}"
					act="not sown here"
					was={seed}
					fields={{}}
					save={(body) =>
						ask(PUT('/api/sown-from-elsewhere/{id}/undone', { params: { path: { id: seed.id } }, body }))}
					{done}
				/>
			{/if}
		</li>
	{:else}
		{#if sown.own.length === 0}<li class="text-soft">Nothing is written down yet.</li>{/if}
	{/each}
</ul>
