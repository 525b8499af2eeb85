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
	const ownFields = ({ packets, mass }: Schemas['WithdrawalView']) => {
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
	{#each sown.own as { number, withdrawal, grams } (withdrawal.id)}
		<li>
			<b
				>{withdrawal.packets === undefined ? '' : `${many(withdrawal.packets, 'packet')}, `}{mass(
					grams,
					units
				)}</b
			>
			of <a class="quiet font-mono" href="/lot/{number}">{number}</a>, {dayMonth(
				withdrawal.takenOn,
				session.today
			)}{withdrawal.note ? `: ${withdrawal.note}` : ''}
			<span class="text-sm text-soft">{withdrawal.recordedBy}</span>
			{#if session.works}<Amend
					what="what was sown of {number}"
					was={withdrawal}
					fields={ownFields(withdrawal)}
					save={({ much, ...body }) =>
						ask(
							PUT('/api/withdrawals/{id}', {
								params: { path: { id: withdrawal.id } },
								body: {
									...body,
									why: 'SOWN',
									plantingId,
									...(withdrawal.packets === undefined
										? { mass: much }
										: { packingRunId: withdrawal.packingRunId, packets: much })
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
