<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import type { Changed } from '$lib/form/form.svelte';
	import { count, day, text, yes } from '$lib/form/kinds';
	import Pictures from '$lib/photo/Pictures.svelte';
	import { dayMonth } from '$lib/words/dates';
	import { FATE } from '$lib/words/words';
	import { whole } from '$lib/units/units';
	import { asItStands } from './record';

	type Walk = Schemas['WalkView'];
	interface Typed
		extends Changed, Pick<Walk, 'walkedOn' | 'lookedAt' | 'sick' | 'stressed' | 'bolted' | 'note'> {
		others?: boolean;
		another: string;
		anotherPlants: number;
		sheddingSince?: string;
	}
	interface Props {
		walk: Schemas['WalkPage'];
		changed: () => void;
	}
	/** The walks through a planting, newest first. */
	let { walk, changed }: Props = $props();

	const APART = { sick: 'Sick', stressed: 'Freaks of stress', bolted: 'Bolted early' } as const;
	const apart = Object.keys(APART) as (keyof typeof APART)[];
	const NEEDED = { needed: true } as const;
	const kindAt = (i: number) => `offTypes.${i}`;
	const fields = (one: Walk) => ({
		walkedOn: day('Walked on', NEEDED),
		lookedAt: count('Plants looked at', NEEDED),
		others: yes('Plants no earlier walk of the stage looked at', { when: () => one.rows.length === 0 }),
		...Object.fromEntries(
			one.offTypes.map((kind, i) => [
				kindAt(i),
				count(`${kind.kind}, ${FATE[kind.fate].done}`, {
					...NEEDED,
					start: kind.plants,
					hint: '0 when there was none'
				})
			])
		),
		another: text('Another kind of off-type', { hint: 'nothing when none was forgotten' }),
		anotherPlants: count('Plants of it, pulled', { ...NEEDED, start: 0 }),
		sick: count(APART.sick, NEEDED),
		stressed: count(APART.stressed, NEEDED),
		bolted: count(APART.bolted, NEEDED),
		sheddingSince: day('An off-type shed pollen since', { hint: 'nothing when none had flowered' }),
		note: text('Note')
	});
	/** The walk as it stood, with what is put right. */
	const put = (one: Walk, { another, anotherPlants, sheddingSince, ...typed }: Typed) => {
		const counted = typed as unknown as Record<string, number>;
		const kinds = one.offTypes.map((kind, i) => ({ ...kind, plants: counted[kindAt(i)] }));
		if (another) kinds.push({ kind: another, plants: anotherPlants, fate: 'PULLED', reason: '' });
		const { walkedOn, lookedAt, others = one.others, sick, stressed, bolted, note, version, reason } = typed;
		return {
			...asItStands(one),
			...{ walkedOn, lookedAt, others, sick, stressed, bolted, note, version, reason },
			offTypes: kinds.filter((kind) => kind.plants !== 0),
			sheddingSince,
			// A day that is taken out says that none had flowered.
			notFlowered: !sheddingSince && (one.notFlowered || one.sheddingSince !== undefined)
		};
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
							<Pictures
								of={one.id}
								what="the walk of {dayMonth(one.walkedOn)}"
								pictures={one.photos}
								{changed}
								small
							/>
						</td>
						<td class="text-soft"
							>{one.recordedBy}
							{#if session.works}<Amend
									what="the walk of {dayMonth(one.walkedOn)}"
									was={one}
									fields={fields(one)}
									save={(body) =>
										ask(PUT('/api/walks/{id}', { params: { path: { id: one.id } }, body: put(one, body) }))}
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
