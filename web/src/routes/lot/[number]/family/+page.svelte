<script lang="ts">
	import { type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Family from '$lib/family/Family.svelte';
	import Recall from '$lib/family/Recall.svelte';
	import { wasSown } from '$lib/family/family';
	import { amount, bought, generation } from '$lib/family/words';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { mass } from '$lib/units/units';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import { GRADE, many, ORIGIN, placed } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const units = $derived(session.units);

	function says(family: Schemas['FamilyView']): string {
		const carriers = family.lots.filter((lot) => lot.carries);
		const here = carriers.reduce((sum, lot) => sum + lot.bulk, 0);
		const packets = carriers.reduce((sum, lot) => sum + lot.packets, 0);
		const mixed = family.mixes.filter((mix) => mix.packetsHere || mix.bulkHere);
		return [
			`${family.variety}: ${many(carriers.length, 'lot')} may carry its seed`,
			family.customers
				? `${amount(family.packets, family.bulk, units)} went to ${many(family.customers, 'customer')}`
				: 'nothing of it was sold',
			packets || here ? `${amount(packets, here, units)} here` : 'none of it is here',
			...(mixed.length ? [`more of it here in ${mixed.map((mix) => mix.number).join(', ')}`] : [])
		].join('; ');
	}
	const cameFrom = (lot: Schemas['Member']) =>
		lot.origin === 'PICKED'
			? [
					lot.ground ? placed(lot.ground) : '',
					lot.pickedOn ? `picked ${dayMonth(lot.pickedOn, session.today)}` : 'nothing picked yet',
					lot.plants ? many(lot.plants, 'plant') : '',
					...lot.picks
				]
					.filter(Boolean)
					.join(', ')
			: `${ORIGIN[lot.origin]}${lot.plants ? `, ${many(lot.plants, 'mother plant')} in all` : ''}`;
</script>

<Loading from={data.found} stays>
	{#snippet children([family, holders])}
		<Page
			title="family of {family.number}"
			room={{ name: 'Seed room', path: '/seed-room' }}
			says={says(family)}
		>
			<Family {family} />
			<Recall {family} {holders} page={data.page} kept={refresh} />
			<section class="mt-8">
				<h2 class="ruled">All of the family</h2>
				<table class="figures">
					<tbody>
						{#each family.elsewhere as seed (seed.id)}
							<tr>
								<th scope="row">from elsewhere</th>
								<td>{seed.grownIn ?? ''}</td>
								<td class="beside"
									>{bought(seed, units)}; {wasSown(family, seed) ? 'sown' : 'came'}
									{fullDay(seed.sownOn)}</td
								>
								<td></td>
							</tr>
						{/each}
						{#each family.lots as lot (lot.number)}
							<tr>
								<th scope="row" class="font-mono whitespace-nowrap"
									><a class="quiet" href="/lot/{lot.number}">{lot.number}</a></th
								>
								<td>{lot.season}</td>
								<td class="beside"
									>{cameFrom(lot)}; {generation(lot.generation)}; {GRADE[lot.grade]} grade{lot.onHold
										? `; on hold: ${lot.onHold}`
										: ''}</td
								>
								<td class="text-right! font-semibold!"
									>{lot.number === family.number
										? 'this one'
										: lot.carries
											? 'may carry its seed'
											: 'it came of'}{lot.packets || lot.bulk
										? `, ${amount(lot.packets, lot.bulk, units)} here`
										: ''}</td
								>
							</tr>
						{/each}
						{#each family.mixes as mix (mix.number)}
							<tr>
								<th scope="row" class="font-mono whitespace-nowrap"
									><a class="quiet" href="/stall/mixes/{mix.number}">{mix.number}</a></th
								>
								<td>{mix.mixedOn.slice(0, 4)}</td>
								<td class="beside"
									>mix {mix.name}, with {mix.from
										.map((part) => `${mass(part.mass, units)} of ${part.number}`)
										.join(', ')}{mix.onHold ? `; on hold: ${mix.onHold}` : ''}</td
								>
								<td class="text-right! font-semibold!"
									>holds its seed{mix.packetsHere || mix.bulkHere
										? `, ${amount(mix.packetsHere, mix.bulkHere, units)} here`
										: ''}{mix.packets || mix.bulk ? `, ${amount(mix.packets, mix.bulk, units)} gone` : ''}</td
								>
							</tr>
						{/each}
						{#each family.standing as planting (planting.plantingId)}
							<tr>
								<th scope="row"><a class="quiet" href="/sown/{planting.plantingId}">no lot yet</a></th>
								<td>{planting.season}</td>
								<td class="beside">sown with it, {placed(planting.ground)}</td>
								<td class="text-right! font-semibold!">may carry its seed</td>
							</tr>
						{/each}
					</tbody>
				</table>
				{#if family.sown.length > 0}
					<p class="mt-3 text-sm text-soft">
						{family.sown
							.map((sowing) => `${mass(sowing.mass, units)} of ${sowing.from} sown ${fullDay(sowing.on)}.`)
							.join(' ')}
					</p>
				{/if}
				{#if family.lots.some((lot) => !lot.generation.exact)}
					<p class="mt-3 text-sm text-soft">
						Generations are counted from what was sown. “or later”: of some planting it is not recorded what
						it was sown with.
					</p>
				{/if}
			</section>
		</Page>
	{/snippet}
</Loading>
