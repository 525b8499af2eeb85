<script lang="ts">
	import Term from '$lib/glossary/Term.svelte';
	import { goto } from '$app/navigation';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import YieldPlot from '$lib/yields/YieldPlot.svelte';
	import { mass, percent, tenth } from '$lib/units/units';
	import { CHAIN_SCHOOL, cropWord, listed, many, MISSING, STEP } from '$lib/words/words';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type Row = Schemas['LotYieldRow'];
	const MEASURES = [
		{ key: 'share', name: 'of what was picked', of: (row: Row) => row.share, percent: true },
		{ key: 'perPlant', name: 'a plant', of: (row: Row) => row.perPlant },
		{ key: 'perMetre', name: 'a metre of row', of: (row: Row) => row.perMetre },
		{ key: 'perSquareMetre', name: 'a square metre', of: (row: Row) => row.perSquareMetre },
		{ key: 'perHour', name: 'an hour of work', of: (row: Row) => row.perHour }
	] as const;
	let chosen = $state(0);
	const measure = $derived(MEASURES[chosen]);
	const says = (value: number) => ('percent' in measure ? percent(value) : mass(value, session.units));
	const usual = (page: Schemas['YieldPage']) =>
		measure.key === 'share' ? page.usualShare : measure.key === 'perPlant' ? page.usualPerPlant : undefined;
	const outside = (page: Schemas['YieldPage']) =>
		page.lots.filter((lot) => lot.place !== undefined && lot.place !== 'WITHIN');
	/** What the lots tell together: the range of half of them, and which to look at. */
	function verdict(page: Schemas['YieldPage']): string {
		const newest = page.lots[0];
		const gave = page.ownShare
			? `Half of the lots gave ${percent(page.ownShare.low)} to ${percent(page.ownShare.high)} of what was picked`
			: `${newest.number} gave ${percent(newest.share)} of what was picked${
					page.usualShare
						? `; usual is ${percent(page.usualShare.low)} to ${percent(page.usualShare.high)}`
						: ''
				}`;
		const apart = outside(page).map((lot) => lot.number);
		return apart.length
			? `${gave}. Look at ${listed(apart)}: ${apart.length === 1 ? 'it stands' : 'they stand'} apart.`
			: `${gave}.`;
	}
	const MARK: Record<Row['mark'], string> = {
		BELOW_USUAL: 'less than usual',
		USUAL: '',
		ABOVE_USUAL: 'more than usual'
	};
</script>

<Loading from={data.found} stays>
	{#snippet children(page)}
		<Page title="yields" room={{ name: 'Bench', path: '/bench' }}>
			{#if !page.crop}
				<p class="max-w-prose text-soft">
					Lots are compared here once they are clean: by plant, by ground, by hour, against each other and
					what is usual.
				</p>
			{:else}
				<div class="mb-5 flex flex-wrap items-end gap-4">
					<label class="grid text-sm font-semibold"
						>Crop
						<select
							class="select min-w-56"
							aria-label="Crop"
							value={page.crop}
							onchange={(event) => void goto(`?crop=${event.currentTarget.value}`, { keepFocus: true })}
						>
							{#each page.crops as one (one.key)}
								<option value={one.key}>{one.name}, {many(one.lots, 'lot')}</option>
							{/each}
						</select></label
					>
					<label class="grid text-sm font-semibold"
						>Clean seed
						<select class="select min-w-56" aria-label="Clean seed" bind:value={chosen}>
							{#each MEASURES as one, i (one.key)}<option value={i}>{one.name}</option>{/each}
						</select></label
					>
					<Act href="/api/yields.csv?crop={page.crop}">Take the table along (CSV)</Act>
				</div>
				<p class="mb-4 text-lg font-bold">{verdict(page)}</p>
				<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
					<section>
						<YieldPlot rows={page.lots} of={measure.of} {says} usual={usual(page)} />
						<p class="mt-1 text-sm text-soft">
							{usual(page)
								? 'Band: what is usual, of low certainty; it warns, it does not judge. '
								: ''}{page.ownShare
								? `Filled: outside of what the farm’s ${many(page.ownShare.lots, 'lot')} gave, by the share of what was picked.`
								: 'From four lots on, those that fall out of the farm’s own range are filled.'}
							Ground is plants picked at their spacing.
						</p>
					</section>
					<section>
						<h2 class="ruled">
							<Term of="recovery">Recovery</Term>, step by step
						</h2>
						<table class="figures">
							<thead>
								<tr>
									<th scope="col">step</th>
									<th scope="col" class="text-right!">times</th>
									<th scope="col" class="text-right!">least</th>
									<th scope="col" class="text-right!">middle</th>
									<th scope="col" class="text-right!">most</th>
								</tr>
							</thead>
							<tbody>
								{#each page.steps as step (step.kind)}
									<tr>
										<th scope="row">{STEP[step.kind].done}</th>
										<td class="num">{step.steps}</td>
										<td class="num">{percent(step.low)}</td>
										<td class="num">{percent(step.median)}</td>
										<td class="num">{percent(step.high)}</td>
									</tr>
								{/each}
							</tbody>
						</table>
						<p class="mt-1 text-sm text-soft">By weight as it was, water and all.</p>
						{#if page.reasons.length}
							<h2 class="ruled mt-5">Why mass went missing</h2>
							<table class="figures">
								<tbody>
									{#each page.reasons as one (one.reason)}
										<tr>
											<th scope="row">{one.reason ? MISSING[one.reason] : 'no reason given'}</th>
											<td class="num">{many(one.times, 'time')}</td>
										</tr>
									{/each}
								</tbody>
							</table>
						{/if}
					</section>
				</div>
				<h2 class="ruled mt-8">Lots</h2>
				<table class="figures stacks">
					<thead>
						<tr>
							<th scope="col">lot</th>
							<th scope="col">variety</th>
							<th scope="col">way</th>
							<th scope="col" class="text-right!">picked</th>
							<th scope="col" class="text-right!">clean</th>
							<th scope="col" class="text-right!">share</th>
							<th scope="col" class="text-right!">a plant</th>
							<th scope="col" class="text-right!">a metre</th>
							<th scope="col" class="text-right!">a m²</th>
							<th scope="col" class="text-right!">an hour</th>
							<th scope="col">worth a look</th>
						</tr>
					</thead>
					<tbody>
						{#each page.lots as lot (lot.number)}
							<tr>
								<th scope="row"><a class="quiet font-mono" href="/lot/{lot.number}">{lot.number}</a></th>
								<td data-of="variety">{lot.variety}</td>
								<td class="beside" data-of="way">{lot.school ? CHAIN_SCHOOL[lot.school].name : 'its own'}</td>
								<td class="num" data-of="picked">{mass(lot.picked, session.units)}</td>
								<td class="num" data-of="clean">{mass(lot.clean, session.units)}</td>
								<td class="num" data-of="share">{percent(lot.share)}</td>
								<td class="num" data-of="a plant">{mass(lot.perPlant, session.units)}</td>
								<td class="num" data-of="a metre">{mass(lot.perMetre, session.units)}</td>
								<td class="num" data-of="a m²">{mass(lot.perSquareMetre, session.units)}</td>
								<td class="num" data-of="an hour"
									>{lot.perHour === undefined ? '–' : mass(lot.perHour, session.units)}</td
								>
								<td class="beside"
									>{[
										lot.place === 'BELOW'
											? 'far below the farm’s own'
											: lot.place === 'ABOVE'
												? 'far above the farm’s own'
												: MARK[lot.mark],
										lot.missing === undefined
											? ''
											: `${tenth(lot.missing)} % missing when ${STEP[lot.missingIn!].done}${lot.missingBecause ? `: ${lot.missingBecause}` : ''}`
									]
										.filter(Boolean)
										.join('; ')}</td
								>
							</tr>
						{/each}
					</tbody>
				</table>
				<p class="mt-2 text-sm text-soft">
					{cropWord(page.crops.find((one) => one.key === page.crop)?.name ?? '')}, clean lots of the last ten
					seasons.
				</p>
			{/if}
		</Page>
	{/snippet}
</Loading>
