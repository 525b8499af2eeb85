<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend, { type Amended, type Entry } from '$lib/form/Amend.svelte';
	import { countIn } from '$lib/form/typed';
	import { dayMonth } from '$lib/words/dates';
	import { FATE } from '$lib/words/words';
	import { whole } from '$lib/units/units';
	import { asItStands } from './record';

	type Walk = Schemas['WalkView'];
	interface Props {
		walk: Schemas['WalkPage'];
		changed: () => void;
	}
	/** The walks through a planting, newest first. */
	let { walk, changed }: Props = $props();

	const APART = { sick: 'Sick', stressed: 'Freaks of stress', bolted: 'Bolted early' } as const;
	const apart = Object.keys(APART) as (keyof typeof APART)[];
	const OTHERS = (one: Walk): Entry => ({
		name: 'others',
		label: 'Plants no earlier walk of the stage looked at',
		value: String(one.others),
		type: 'yes'
	});
	const entries = (one: Walk): Entry[] => [
		{ name: 'walkedOn', label: 'Walked on', value: one.walkedOn, type: 'date' },
		{ name: 'lookedAt', label: 'Plants looked at', value: String(one.lookedAt), type: 'number' },
		...(one.rows.length ? [] : [OTHERS(one)]),
		...one.offTypes.map((kind, i) => ({
			name: `offTypes.${i}`,
			label: `${kind.kind}, ${FATE[kind.fate].done}`,
			value: String(kind.plants),
			type: 'number' as const,
			hint: '0 when there was none'
		})),
		{
			name: 'another',
			label: 'Another kind of off-type',
			value: '',
			hint: 'nothing when none was forgotten'
		},
		{ name: 'anotherPlants', label: 'Plants of it, pulled', value: '0', type: 'number' },
		...apart.map((field) => ({
			name: field,
			label: APART[field],
			value: String(one[field]),
			type: 'number' as const
		})),
		{
			name: 'sheddingSince',
			label: 'An off-type shed pollen since',
			value: one.sheddingSince ?? '',
			type: 'date',
			hint: 'nothing when none had flowered'
		},
		{ name: 'note', label: 'Note', value: one.note }
	];
	const keep =
		(one: Walk): Amended =>
		(typed, made) => {
			const kinds = one.offTypes.map((kind, i) => ({
				...kind,
				plants: countIn(`offTypes.${i}`, typed[`offTypes.${i}`])
			}));
			if (typed.another.trim()) {
				const plants = countIn('anotherPlants', typed.anotherPlants);
				kinds.push({ kind: typed.another.trim(), plants, fate: 'PULLED', reason: '' });
			}
			return ask(
				PUT('/api/walks/{id}', {
					params: { path: { id: one.id } },
					body: {
						...asItStands(one),
						walkedOn: typed.walkedOn,
						lookedAt: countIn('lookedAt', typed.lookedAt),
						others: typed.others ? typed.others === 'true' : one.others,
						offTypes: kinds.filter((kind) => kind.plants !== 0),
						sick: countIn('sick', typed.sick),
						stressed: countIn('stressed', typed.stressed),
						bolted: countIn('bolted', typed.bolted),
						sheddingSince: typed.sheddingSince || undefined,
						// A day that is taken out says that none had flowered.
						notFlowered: !typed.sheddingSince && (one.notFlowered || one.sheddingSince !== undefined),
						note: typed.note,
						...made
					}
				})
			);
		};
	const found = (one: Walk) =>
		[
			...one.offTypes.map((kind) => `${kind.plants} ${kind.kind}, ${FATE[kind.fate].done}`),
			...apart.filter((field) => one[field]).map((field) => `${one[field]} ${APART[field].toLowerCase()}`),
			one.note
		]
			.filter(Boolean)
			.join('; ');
</script>

<section class="mt-8">
	<h2 class="ruled">Walks</h2>
	{#if walk.walks.length}
		<table class="figures max-w-4xl">
			<thead>
				<tr>
					<th scope="col">day</th>
					<th scope="col">stage</th>
					<th scope="col" class="text-right!">looked at</th>
					<th scope="col" class="text-right!">off</th>
					<th scope="col">found</th>
					<th scope="col">by</th>
				</tr>
			</thead>
			<tbody>
				{#each walk.walks.toReversed() as one (one.id)}
					<tr>
						<th scope="row">{dayMonth(one.walkedOn)}</th>
						<td>{one.stage}</td>
						<td class="num">{whole(one.lookedAt)}</td>
						<td class="num">{one.offTypesInAll}</td>
						<td>
							{found(one)}
							{#if one.photos.length}
								<span class="flex gap-2 overflow-x-auto">
									{#each one.photos as photo (photo)}
										<img
											src="/api/photos/{photo}"
											alt="From the walk of {dayMonth(one.walkedOn)}"
											class="h-20"
										/>
									{/each}
								</span>
							{/if}
						</td>
						<td class="text-soft"
							>{one.recordedBy}
							{#if session.works}<Amend
									what="the walk of {dayMonth(one.walkedOn)}"
									version={one.version}
									entries={entries(one)}
									save={keep(one)}
									done={changed}
								/>{/if}</td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	{:else}
		<p class="py-3 text-soft">No field inspection recorded yet.</p>
	{/if}
</section>
