<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { bought } from '$lib/family/words';
	import Amend, { type Entry } from '$lib/form/Amend.svelte';
	import { countIn, maybeCountIn, maybeNumberIn, numberIn } from '$lib/form/typed';
	import { mass } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { many } from '$lib/words/words';

	interface Props {
		plantingId: string;
		sown: Schemas['SownWith'];
		done: () => void;
	}
	/** What a planting was sown with, each record open to correction. */
	let { plantingId, sown, done }: Props = $props();
	type Taking = Schemas['TakingView'];
	type Bought = Schemas['ElsewhereView'];
	const units = $derived(session.units);

	const ownEntries = (taking: Taking): Entry[] => [
		{
			name: 'much',
			label: taking.packets === undefined ? 'Sown, g' : 'Packets sown',
			value: String(taking.mass ?? taking.packets),
			type: 'number',
			fields: ['mass', 'packets'],
			hint: '0 where it was not sown here after all'
		},
		{ name: 'takenOn', label: 'On', value: taking.takenOn, type: 'date' },
		{ name: 'note', label: 'Note', value: taking.note }
	];
	const boughtEntries = (seed: Bought): Entry[] => [
		{ name: 'supplier', label: 'From whom', value: seed.supplier },
		{ name: 'theirNumber', label: 'Their lot number', value: seed.theirNumber },
		{ name: 'grownIn', label: 'Year of its harvest', value: String(seed.grownIn ?? '') },
		{ name: 'treatment', label: 'Treated with', value: seed.treatment },
		{ name: 'mass', label: 'Sown, g', value: String(seed.mass ?? ''), type: 'number' },
		{ name: 'sownOn', label: 'On', value: seed.sownOn, type: 'date' },
		{ name: 'note', label: 'Note', value: seed.note }
	];
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
					version={taking.version}
					entries={ownEntries(taking)}
					save={(typed, made) =>
						ask(
							PUT('/api/takings/{id}', {
								params: { path: { id: taking.id } },
								body: {
									why: 'SOWN',
									plantingId,
									takenOn: typed.takenOn,
									note: typed.note,
									...(taking.packets === undefined
										? { mass: numberIn('mass', typed.much) }
										: { packingRunId: taking.packingRunId, packets: countIn('packets', typed.much) }),
									...made
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
					version={seed.version}
					entries={boughtEntries(seed)}
					save={({ supplier, theirNumber, treatment, sownOn, note, grownIn, mass: grams }, made) =>
						ask(
							PUT('/api/sown-from-elsewhere/{id}', {
								params: { path: { id: seed.id } },
								body: {
									supplier,
									theirNumber,
									treatment,
									sownOn,
									note,
									grownIn: maybeCountIn('grownIn', grownIn),
									mass: maybeNumberIn('mass', grams),
									...made
								}
							})
						)}
					{done}
				/>
				<Amend
					what="seed from {seed.supplier}"
					act="not sown here"
					version={seed.version}
					entries={[]}
					save={(_, made) =>
						ask(
							PUT('/api/sown-from-elsewhere/{id}/undone', { params: { path: { id: seed.id } }, body: made })
						)}
					{done}
				/>
			{/if}
		</li>
	{:else}
		{#if sown.own.length === 0}<li class="text-soft">Nobody wrote it down yet.</li>{/if}
	{/each}
</ul>
