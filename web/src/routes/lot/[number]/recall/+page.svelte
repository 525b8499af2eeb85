<script lang="ts">
	import { page } from '$app/state';
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import { mass } from '$lib/units/units';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import { GRADE, many, ORIGIN } from '$lib/words/words';

	const number = $derived(page.params.number!);
	const found = $derived(ask(GET('/api/lots/{number}/recall', { params: { path: { number } } })));
	const units = $derived(session.units);
	const amount = (packets?: number, bulk?: number) =>
		[packets ? many(packets, 'packet') : '', bulk ? mass(bulk, units) : ''].filter(Boolean).join(', ') || '–';
	const from = (source: Schemas['Source']) =>
		source.origin === 'PICKED'
			? [
					source.plot?.toLowerCase(),
					source.pickedOn ? `picked ${dayMonth(source.pickedOn, session.today)}` : 'nothing picked yet',
					many(source.plants, 'plant'),
					...source.picks
				]
					.filter(Boolean)
					.join(', ')
			: `${ORIGIN[source.origin]}, ${many(source.plants, 'mother plant')} in all`;
	const people = (holders: Schemas['Holder'][]) => new Set(holders.map((holder) => holder.customer)).size;
</script>

<Loading from={found}>
	{#snippet children({ above, below, holders })}
		<Page
			title="who has it"
			room={{ name: 'Seed room', path: '/seed-room' }}
			says={holders.length
				? `${many(people(holders), 'customer')}, ${many(below.length, 'lot')}`
				: 'nobody yet'}
		>
			<div class="mb-5 flex flex-wrap items-center gap-x-6 gap-y-3">
				<Tag {number} size="large" />
				<p class="flex-1">
					{above[0]?.variety}: every lot that may carry seed of it, and everyone who has some. As of {fullDay(
						session.today
					)}.
				</p>
				<Act key="i" onclick={() => print()}>Print this list</Act>
				<Act key="c" href="/api/lots/{number}/recall.csv">As a table</Act>
			</div>
			<section>
				<h2 class="ruled">Who has some</h2>
				{#if holders.length > 0}
					<table class="figures">
						<thead
							><tr
								><th scope="col">customer</th><th scope="col">lot</th><th scope="col">sold</th><th
									scope="col"
									class="text-right!">how much</th
								></tr
							></thead
						>
						<tbody>
							{#each holders as holder, i (i)}
								<tr>
									<th scope="row" class="font-semibold!">{holder.customer}</th>
									<td class="font-mono"><a class="quiet" href="/lot/{holder.number}">{holder.number}</a></td>
									<td>{dayMonth(holder.soldOn, session.today)}</td>
									<td class="num">{amount(holder.packets, holder.bulk)}</td>
								</tr>
							{/each}
						</tbody>
					</table>
				{:else}
					<p class="mt-2">Nothing of it was sold.</p>
				{/if}
			</section>
			<section class="mt-8">
				<h2 class="ruled">Lots that may carry its seed</h2>
				<table class="figures">
					<tbody>
						{#each below as lot (lot.number)}
							<tr>
								<th scope="row" class="font-mono"
									><a class="quiet" href="/lot/{lot.number}">{lot.number}</a></th
								>
								<td class="beside"
									>{lot.number === number ? 'this one' : ORIGIN[lot.origin]}, {GRADE[lot.grade]} grade{lot.held
										? ', on hold'
										: ''}</td
								>
								<td class="num"
									>{lot.packets || lot.bulk ? `${amount(lot.packets, lot.bulk)} still here` : 'none left'}</td
								>
							</tr>
						{/each}
					</tbody>
				</table>
			</section>
			<section class="mt-8">
				<h2 class="ruled">What it came of</h2>
				<table class="figures">
					<tbody>
						{#each above as source (source.number)}
							<tr>
								<th scope="row" class="font-mono"
									><a class="quiet" href="/lot/{source.number}">{source.number}</a></th
								>
								<td>{source.season}</td>
								<td class="beside">{from(source)}</td>
							</tr>
						{/each}
					</tbody>
				</table>
			</section>
		</Page>
	{/snippet}
</Loading>
