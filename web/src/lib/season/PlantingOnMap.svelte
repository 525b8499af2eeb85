<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofVerdict } from '$lib/mark/mark';
	import { distance, oneIn } from '$lib/units/units';
	import { cropWord, many } from '$lib/words/words';
	import Marks from './Marks.svelte';

	type Place = Schemas['PlaceView'];
	interface Props {
		planting: Schemas['PlantingView'];
		/** The planting where it is dragged to. */
		moved?: Schemas['PlantingView'];
		places: Place[];
		/** The place it would be put. */
		at?: Place;
		/** Said when it was dropped where it cannot stand. */
		nowhere: string;
		attempt: Attempt;
		look: (place: Place | undefined) => void;
		put: (place: Place) => void;
	}
	/** A planting on the map: what it meets where it stands or is dragged to, and where it would be clear. */
	let { planting, moved, places, at, nowhere, attempt, look, put }: Props = $props();
	const shown = $derived(moved ?? planting);
	const threats = $derived(shown.isolation?.threats ?? []);
	const units = $derived(session.units);
</script>

<p class="text-sm text-soft">
	{moved ? (at ? 'Tried on' : 'Moving') : 'Stands on'}
	{at ? at.ground : moved ? '' : planting.ground}
</p>
<h2 class="mt-1 flex flex-wrap items-baseline gap-x-3 text-2xl">
	<span
		>{planting.variety.name}
		<span class="font-normal text-soft">{cropWord(planting.variety.cropName)}</span></span
	>
	<Marks planting={shown} />
</h2>
{#if nowhere}<p class="caution mt-2" role="alert">{nowhere}</p>{/if}

<!-- Above what comes with the answer, which would move them from under a thumb. -->
<div class="mt-4 flex flex-wrap gap-3">
	{#if session.grower && places.length > 0}
		<Act
			key="p"
			main
			disabled={attempt.busy}
			why={at ? '' : 'Choose a place first.'}
			onclick={() => at && put(at)}>Put it here</Act
		>
	{/if}
	{#if moved}<Act key="b" onclick={() => look(undefined)}>Back</Act>{/if}
	<Act key="d" href="/desk?season={planting.season}&planting={planting.id}">Ways out</Act>
	{#if planting.purpose === 'SEED' && session.works}<Act key="w" href="/walk/{planting.id}">Walk it</Act>{/if}
</div>
<div class="mt-3"><Trouble {attempt} labels={{}} /></div>
{#if threats.length > 0}
	<table class="figures mt-3">
		<thead>
			<tr>
				<th scope="col">against</th>
				<th scope="col" class="text-right!">away / asked</th>
				<th scope="col" class="text-right!">together</th>
				<th scope="col" class="text-right!">crossed</th>
			</tr>
		</thead>
		<tbody>
			{#each threats.slice(0, 6) as threat (threat.sourceId)}
				<tr>
					<th scope="row">{threat.name}</th>
					<td class="num">{distance(threat.metres, units)} / {distance(threat.asked, units)}</td>
					<td class="num">{threat.daysTogether} d</td>
					<td class="text-right!"
						><Mark
							state={ofVerdict(threat.verdict).state}
							label={threat.crossing > 0 ? oneIn(threat.crossing) : ofVerdict(threat.verdict).label}
						/></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if threats.length > 6}<p class="mt-1 text-sm text-soft">and {many(threats.length - 6, 'more')}</p>{/if}
{:else if planting.isolation}
	<p class="mt-2">Nothing known here crosses with it.</p>
{/if}

{#if places.length > 0}
	<h3 class="ruled mt-5 font-bold">Where it could stand</h3>
	<ul class="max-h-72 overflow-y-auto">
		{#each places as place (place.ground)}
			<li class={['border-b border-line', place === at && 'bg-pale']}>
				<button
					type="button"
					class="flex w-full cursor-pointer items-baseline justify-between gap-3 px-1 py-1.5 text-left"
					aria-pressed={place === at}
					onclick={() => look(place === at ? undefined : place)}
				>
					<strong>{place.ground}</strong>
					<span class="flex items-baseline gap-2 whitespace-nowrap">
						{#if place.metres > 0}<span class="text-sm">{distance(place.metres, units)}</span>{/if}
						<Mark {...ofVerdict(place.verdict)} />
					</span>
				</button>
				{#if place.spoils}<p class="px-1 pb-1 text-sm">there it would make another seed crop worse</p>{/if}
			</li>
		{/each}
	</ul>
{:else}
	<p class="mt-3 text-sm text-soft">
		It is planted, or no free ground has room for it: it can be looked at from elsewhere, not put there.
	</p>
{/if}

<p class="mt-3 text-sm text-soft">
	An estimate for comparing places. It knows your plantings and the neighbours you noted, not bees’ minds or a
	garden over the hill. Distances are from edge to edge, true to a few millimetres over 5 km, as well as the
	edges are drawn.
</p>
