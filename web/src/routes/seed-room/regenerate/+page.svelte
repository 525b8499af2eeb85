<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { text, weight } from '$lib/form/kinds';
	import Mark from '$lib/mark/Mark.svelte';
	import { mustGrow, planPath } from '$lib/seedroom/regeneration';
	import RoomTabs from '$lib/seedroom/RoomTabs.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { mass } from '$lib/units/units';
	import { cropWord, many } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type Regeneration = Schemas['RegenerationView'];
	const year = Number(session.today.slice(0, 4));
	const RUNS_OUT: Record<Regeneration['runsOut'][number], string> = {
		QUANTITY: 'too little left',
		GERMINATION: 'germinates too poorly'
	};
	const spread = (one: Regeneration) => {
		const ends = [one.sooner, one.later].filter((season) => season !== undefined && season !== one.sowBy);
		return ends.length
			? `${one.sooner ?? 'never'} if 30 % more is asked for, ${one.later ?? 'never'} if 30 % less`
			: '';
	};
</script>

<Loading from={data.found} stays>
	{#snippet children(all)}
		{@const due = all.filter((one) => mustGrow(one, year + 1)).length}
		<Page
			title="Seed room"
			says={due ? `${many(due, 'variety', 'varieties')} to grow again by ${year + 1}` : 'what to grow again'}
		>
			<RoomTabs />
			{#if all.length === 0}
				<p class="max-w-prose">A variety stands here once there is clean seed of it.</p>
			{:else}
				<table class="figures stacks">
					<thead
						><tr
							><th scope="col">variety</th><th scope="col">sow no later than</th><th scope="col"
								>good until</th
							><th scope="col" class="text-right!">in stock</th><th scope="col" class="text-right!"
								>yearly demand</th
							><th scope="col" class="text-right!">plants</th><th scope="col">seed from</th><th scope="col"
							></th></tr
						></thead
					>
					<tbody>
						{#each all as one (one.varietyId)}
							{@const must = mustGrow(one, year + 1)}
							<tr>
								<th scope="row" class="font-semibold!"
									><span
										>{one.variety} <span class="beside font-normal lg:block">{cropWord(one.crop)}</span></span
									></th
								>
								<td data-of="sow no later than"
									><span
										>{#if one.sowBy !== undefined}
											{#if one.overdue && one.planned.length === 0}<Mark
													state="crosses"
													label="overdue"
												/>{:else}<b>{one.sowBy}</b>{/if}
											<span class="beside block">{spread(one)}</span>
										{:else}not yet{/if}</span
									></td
								>
								<td data-of="good until"
									><span
										>{#if one.firstShort === undefined}{year + one.years.length - 1} and longer{:else}{one.firstShort -
												1}<span class="beside block"
												>then {one.runsOut.map((what) => RUNS_OUT[what]).join(' and ')}</span
											>{/if}</span
									></td
								>
								<td class="num" data-of="in stock"
									><span
										>{mass(one.grams, session.units)}<span class="beside block font-normal"
											>{Math.round(one.germination)} %, needs {one.standard}</span
										></span
									></td
								>
								<td class="num" data-of="yearly demand"
									><span
										>{mass(one.demand, session.units)}<span class="beside block font-normal"
											>{one.sold ? 'as in the last two years' : 'as you say'}
											{#if session.grower}<Amend
													what="the yearly demand for {one.variety}"
													act={one.demandVersion === undefined ? 'say it' : 'correct'}
													was={one.demandVersion === undefined ? undefined : { version: one.demandVersion }}
													fields={{
														grams: weight('Yearly demand', { needed: true, start: Math.round(one.demand) }),
														note: text('Why')
													}}
													save={(body) =>
														ask(
															PUT('/api/varieties/{id}/demand', {
																params: { path: { id: one.varietyId } },
																body
															})
														)}
													done={refresh}
												/>{/if}</span
										></span
									></td
								>
								<td class="num" data-of="plants"
									><span
										>{one.plants}<span class="beside block font-normal"
											>{one.setBy === 'QUANTITY' ? 'for three years’ seed' : 'for its diversity'}</span
										></span
									></td
								>
								<td data-of="seed from"
									>{#if one.fromLot}<a
											class="quiet font-mono text-sm lg:whitespace-nowrap"
											href="/lot/{one.fromLot}">{one.fromLot}</a
										>{:else}<span class="beside">no good seed left</span>{/if}</td
								>
								<td class="text-right!"
									>{#if one.planned.length}<span class="beside">planned {one.planned.join(', ')}</span
										>{:else if session.grower}<a
											class={['quiet whitespace-nowrap', must && 'font-semibold']}
											href={planPath(one, year)}>plan it</a
										>{/if}</td
								>
							</tr>
						{/each}
					</tbody>
				</table>
				<p class="mt-3 max-w-prose text-sm text-soft">
					Yearly demand is what was sold, given, swapped and sown in the last two, unless you say better. Lots
					on hold do not count. No crop failure is in it: sow a season earlier what only you have. Plants: 80
					% of the seed survives cleaning, a quarter of the crop is counted as lost.
				</p>
			{/if}
		</Page>
	{/snippet}
</Loading>
