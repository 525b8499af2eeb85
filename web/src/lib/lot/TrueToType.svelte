<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Term from '$lib/glossary/Term.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofPopulation, ofVerdict, ofWalk } from '$lib/mark/mark';
	import { distance, percent } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';

	/** What speaks for a lot being what it is called: its neighbours, its walks, its population. */
	let { of }: { of: Schemas['LotPage'] } = $props();
	const { known, walks } = $derived(of);
	const { lot, planting } = $derived(known);
	const threat = $derived(planting?.isolation?.threats[0]);
	const units = $derived(session.units);
</script>

{#if planting}
	<section>
		<h2 class="ruled">
			<Term of="trueToType">True to type</Term>{lot.origin === 'BLEND' ? ', the largest part' : ''}
		</h2>
		<table class="figures">
			<tbody>
				<tr>
					<th scope="row">{threat ? threat.name : 'others it crosses with'}</th>
					<td class="num">{threat ? distance(threat.metres, units) : 'none'}</td>
					<td
						>{#if planting.isolation}<Mark {...ofVerdict(planting.isolation.verdict)} />{/if}</td
					>
				</tr>
				{#if planting.isolation}
					<tr
						><th scope="row"><Term of="crossing">cross-pollination</Term>, estimate</th><td class="num"
							>{percent(planting.isolation.crossing)}</td
						><td class="beside">limit {percent(planting.isolation.allowed)}</td></tr
					>
				{/if}
				<tr>
					<th scope="row"><Term of="offType">off-types</Term></th>
					<td class="num"
						>{known.walks ? `${known.walks.verdict.found} in ${known.walks.verdict.seen}` : '–'}</td
					>
					<td
						>{#if known.walks}<Mark {...ofWalk(known.walks.verdict.mark)} />{:else}<a
								class="quiet"
								href="/walk/{planting.id}">never walked</a
							>{/if}</td
					>
				</tr>
				{#if planting.population}
					<tr
						><th scope="row"><Term of="effectiveSize">effective population size</Term>, planned</th><td
							class="num">{Math.round(planting.population.effectiveSize)}</td
						><td><Mark {...ofPopulation(planting.population.mark)} /></td></tr
					>
				{/if}
			</tbody>
		</table>
		<p class="mt-2 text-sm text-soft">
			Walked {walks.length === 0
				? 'never'
				: walks.map((walk) => `${dayMonth(walk.walkedOn)} (${walk.stage})`).join(', ')}.
			<a class="quiet" href="/walk/{planting.id}/found">What they found</a>
		</p>
	</section>
{:else}
	<section>
		<h2 class="ruled">True to type</h2>
		<p class="my-2 text-soft">
			Nobody here saw it grow: what is known of it is what was told. Sow a sample and walk it.
		</p>
	</section>
{/if}
