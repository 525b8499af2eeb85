<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofVerdict } from '$lib/mark/mark';
	import { wayWords } from './ways';

	type Way = Schemas['WayView'];
	interface Props {
		ways: Way[];
		season: number;
		attempt: Attempt;
		/** Shows what a way would come to, before anything is kept; nothing shows the plan again. */
		look: (way: Way | undefined) => void;
		keep: (way: Way) => void;
	}
	/** The ways out of a threat, best first; each can be looked at in place before it is kept. */
	let { ways, season, attempt, look, keep }: Props = $props();
	let at = $state<number>();
	const looked = $derived(at === undefined ? undefined : ways[at]);
	/** Of many places it may stand on the best stands for all, until they are asked for. */
	let everyPlace = $state(false);
	const toAPlace = (way: Way) =>
		way.steps.length === 1 && ['Move', 'LiftAndReplant'].includes(way.steps[0].change.kind);
	const places = $derived(ways.filter(toAPlace));
	const lines = $derived(
		ways.map((way, i) => ({ way, i })).filter(({ way }) => everyPlace || !toAPlace(way) || places[0] === way)
	);

	function choose(place: number | undefined) {
		at = place;
		look(place === undefined ? undefined : ways[place]);
	}
	const another = () => choose(at === undefined ? 0 : (at + 1) % ways.length);
</script>

<h3 class="ruled mt-5 font-bold">Ways out</h3>
{#if ways.length === 0}
	<p class="py-2.5 text-soft">
		None is left: what could be moved, covered or cut is over for this season. The estimate above says what
		the seed would be.
	</p>
{:else}
	<ul>
		{#each lines as { way, i } (i)}
			{@const words = wayWords(way)}
			<li class={['border-b border-line', i === at && 'bg-pale']}>
				<button
					type="button"
					class="grid w-full cursor-pointer grid-cols-[1fr_auto] gap-x-3 px-2 py-2 text-left"
					aria-pressed={i === at}
					onclick={() => choose(i === at ? undefined : i)}
				>
					<strong>{words.act}</strong>
					<span class="text-right font-semibold">{words.cost}</span>
					<span class="text-sm {i === at ? '' : 'text-soft'}">
						{#each words.means as means (means)}<span class="block">{means}</span>{/each}
					</span>
					<span class="justify-self-end"><Mark {...ofVerdict(way.verdict)} /></span>
				</button>
				{#if !everyPlace && places[0] === way && places.length > 1}
					<button
						type="button"
						class="cursor-pointer px-2 pb-2 text-sm underline"
						onclick={() => (everyPlace = true)}>or to one of {places.length - 1} other places</button
					>
				{/if}
			</li>
		{/each}
	</ul>
	<div class="mt-4 flex flex-wrap gap-3">
		{#if session.grower}
			<Act
				key="k"
				main
				disabled={attempt.busy}
				why={looked ? '' : 'Look at a way first.'}
				onclick={() => looked && keep(looked)}>Save this way</Act
			>
		{/if}
		<Act key="t" onclick={another}>{at === undefined ? 'Try one' : 'Try another'}</Act>
		{#if looked}<Act key="b" onclick={() => choose(undefined)}>Back to the plan</Act>{/if}
	</div>
	<div class="mt-3"><Trouble {attempt} labels={{}} /></div>
	{#if !session.farm?.firstFrost}
		<p class="mt-2 text-sm">
			Later sowing is held against the usual warmth only: no frost days are known.
			<a class="quiet" href="/desk/calendar?season={season}">Say them under Calendar</a>.
		</p>
	{/if}
	<p class="mt-2 text-sm text-soft">
		Best first: by what clears, then by all it costs. Hours are rules of thumb. A crop’s seed counts as the
		hours that a year’s sales of its variety pay, or as two days of work where none was sold; a lower grade as
		half of it, and so a season later where stored seed lasts; other ground as two hours. The mark says what
		the planting would be then; several ways may be kept, one after the other.
	</p>
{/if}
