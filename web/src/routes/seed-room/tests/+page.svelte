<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { size } from '$lib/quality/words';
	import RoomTabs from '$lib/seedroom/RoomTabs.svelte';
	import { waits } from '$lib/seedroom/words';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import { dayMonth, monthYear } from '$lib/words/dates';
	import { cropWord, many } from '$lib/words/words';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type Hanging = Schemas['Hanging'];
	const running = (lots: Hanging[]) =>
		lots.filter((lot) => lot.running.length > 0).sort((a, b) => due(a).localeCompare(due(b)));
	const due = ({ need }: Hanging) => (need.kind === 'Count' ? need.due : '');
	const wanted = (lots: Hanging[]) => lots.filter(({ need }) => ['Test', 'Retest'].includes(need.kind));
	const later = (lots: Hanging[]) =>
		lots
			.filter(
				(lot) => lot.keeping && !['Test', 'Retest', 'Count', 'NoneLeft', 'AtBench'].includes(lot.need.kind)
			)
			.sort((a, b) => a.keeping!.retestOn.localeCompare(b.keeping!.retestOn));
</script>

{#snippet which(lot: Hanging)}
	<Tag number={lot.lot.number} />
	<span class="mt-1 block"
		><strong>{lot.variety.name}</strong>
		<span class="beside">{cropWord(lot.variety.cropName)}</span></span
	>
{/snippet}

<Loading from={data.found} stays>
	{#snippet children(lots)}
		{@const set = running(lots)}
		{@const wished = wanted(lots)}
		<Page
			title="Seed room"
			says={set.length + wished.length
				? `${many(set.length, 'test')} on, ${wished.length} wanted`
				: 'no test waits'}
		>
			<RoomTabs />
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-2">
				<div class="grid gap-8">
					<section>
						<h2 class="ruled">Germination tests running</h2>
						<table class="figures">
							<tbody>
								{#each set as lot (lot.lot.id)}
									{#each lot.running as test (test.id)}
										{@const day = test.firstOn ? test.finalDue : test.firstDue}
										<tr>
											<th scope="row">{@render which(lot)}</th>
											<td
												>{size(test)}, set {dayMonth(test.setOn, session.today)}<br /><span class="beside"
													>first count {dayMonth(test.firstDue, session.today)}, last {dayMonth(
														test.finalDue,
														session.today
													)}</span
												></td
											>
											<td class="text-right!"
												><a class="quiet font-semibold whitespace-nowrap" href="/lot/{lot.lot.number}/tests"
													>{day <= session.today ? 'count it' : `count ${dayMonth(day, session.today)}`}</a
												></td
											>
										</tr>
									{/each}
								{:else}
									<tr><td class="text-soft">No test is set.</td></tr>
								{/each}
							</tbody>
						</table>
					</section>
					<section>
						<h2 class="ruled">To be tested</h2>
						<table class="figures">
							<tbody>
								{#each wished as lot (lot.lot.id)}
									<tr>
										<th scope="row">{@render which(lot)}</th>
										<td>{waits(lot)}</td>
										<td class="text-right!"
											><a class="quiet font-semibold whitespace-nowrap" href="/lot/{lot.lot.number}/tests"
												>test it</a
											></td
										>
									</tr>
								{:else}
									<tr><td class="text-soft">Nothing asks for a test.</td></tr>
								{/each}
							</tbody>
						</table>
					</section>
				</div>
				<section>
					<h2 class="ruled">When to test again</h2>
					<table class="figures">
						<thead
							><tr
								><th scope="col">lot</th><th scope="col" class="text-right!">last, %</th><th scope="col"
									>test by</th
								><th scope="col">below the standard</th></tr
							></thead
						>
						<tbody>
							{#each later(lots) as lot (lot.lot.id)}
								{@const keeping = lot.keeping!}
								<tr>
									<th scope="row">{@render which(lot)}</th>
									<td class="num">{lot.germination}</td>
									<td>{dayMonth(keeping.retestOn, session.today)}</td>
									<td
										>{keeping.below.middle ? monthYear(keeping.below.middle) : 'over ten years'}<br /><span
											class="beside"
											>{keeping.below.earliest
												? `${monthYear(keeping.below.earliest)} at worst`
												: 'even at worst'}</span
										></td
									>
								</tr>
							{:else}
								<tr
									><td colspan="4" class="text-soft">A lot stands here once its germination was counted.</td
									></tr
								>
							{/each}
						</tbody>
					</table>
					<p class="mt-2 text-sm text-soft">
						After a third of the time to the day on which it should fall below, a year at most. At worst: the
						low end of the test, and half the usual life.
					</p>
				</section>
			</div>
		</Page>
	{/snippet}
</Loading>
