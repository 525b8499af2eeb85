<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import AirStrip from '$lib/seedroom/AirStrip.svelte';
	import HangingTag from '$lib/seedroom/HangingTag.svelte';
	import RoomTabs from '$lib/seedroom/RoomTabs.svelte';
	import { board, BOARDS, type Order } from '$lib/seedroom/words';
	import WrongLots from '$lib/lot/WrongLots.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { many } from '$lib/words/words';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type Hanging = Schemas['Hanging'];
	const ORDERS: Record<Order, string> = { need: 'what needs doing', crop: 'crop', place: 'place' };
	const { order, gone, page: at } = $derived(data);
	const link = (to: number, withGone = gone) =>
		`?order=${order}${to ? `&page=${to}` : ''}${withGone ? '&gone' : ''}`;

	/** Boards in order, each with its lots as they came. */
	function boards(lots: Hanging[], by: Order): { name: string; lots: Hanging[] }[] {
		const names = {
			need: (lot: Hanging) => [board(lot.need.kind)],
			crop: (lot: Hanging) => [lot.variety.cropName],
			place: (lot: Hanging) =>
				lot.shelves.length ? lot.shelves : [lot.need.kind === 'AtBench' ? 'Bench' : 'Not put away']
		}[by];
		const all: Record<string, Hanging[]> = {};
		for (const lot of lots) for (const name of names(lot)) (all[name] ??= []).push(lot);
		const keys = by === 'need' ? BOARDS.filter((name) => all[name]) : Object.keys(all).sort();
		return keys.map((name) => ({ name, lots: all[name] }));
	}
	function says(total: number, waiting: Schemas['Waiting']) {
		const parts = [many(total, 'lot')];
		if (waiting.tests) parts.push(`${many(waiting.tests, 'test')} due`);
		if (waiting.held) parts.push(`${waiting.held} on hold`);
		return parts.join(', ');
	}
</script>

<Loading from={data.found} stays>
	{#snippet children({ shelves, lots, ever, waiting, wrong })}
		<Page
			title="Seed room"
			says={lots.total ? says(lots.total, waiting) : ever ? 'nothing left' : 'no lot yet'}
		>
			<div class="flex flex-wrap items-baseline justify-between gap-x-6">
				<RoomTabs />
				{#if lots.total > 0}
					<p class="text-sm text-soft">
						order by
						{#each Object.entries(ORDERS) as [key, name], i (key)}
							{i ? ' · ' : ''}<a
								href="?order={key}{gone ? '&gone' : ''}"
								class={key === order ? 'font-bold text-base-content' : 'hover:underline'}
								aria-current={key === order ? 'true' : undefined}>{name}</a
							>
						{/each}
					</p>
				{/if}
			</div>
			{#if session.works}
				<p class="mb-4"><Act href="/lot/new">Seed from elsewhere, or from before</Act></p>
			{/if}
			<WrongLots {wrong} />
			{#if shelves.length > 0}<div class="max-md:hidden"><AirStrip {shelves} /></div>{/if}
			{#if ever === 0}
				<p class="max-w-prose">
					Lots hang here from their first label on. A lot begins with a harvest: choose a planting on the <a
						class="quiet"
						href="/desk">Desk</a
					>. Seed you have already, or that came from elsewhere, gets a number here.
				</p>
			{:else if shelves.length === 0}
				<p class="mb-3 max-w-prose">
					<a class="quiet" href="/seed-room/shelves">Say where seed stands</a>: then each lot tells how long
					it will keep there.
				</p>
			{/if}
			{#each boards(lots.items, order) as shelf (shelf.name)}
				<section class="shelf">
					<div class="board"></div>
					<h2>
						{shelf.name}<br /><span class="text-sm font-normal text-soft"
							>{many(shelf.lots.length, 'lot')}</span
						>
					</h2>
					<ul>
						{#each shelf.lots as lot (lot.lot.id)}<HangingTag hanging={lot} />{/each}
					</ul>
				</section>
			{/each}
			{#if lots.total > 0}
				<p class="mt-4 text-sm text-soft">
					The line is how the germination should go from the last test on, from 40 to 100 %; the dot is today,
					with the range of the forecast; the dotted line is what its grade needs. Forecasts of single lots
					are easily off twofold.
				</p>
			{/if}
			{#if lots.pages > 1}
				<nav class="mt-4 flex gap-4" aria-label="Pages">
					{#if at > 0}<a class="quiet" href={link(at - 1)}>lots before</a>{/if}
					{#if at + 1 < lots.pages}<a class="quiet" href={link(at + 1)}>further lots</a>{/if}
				</nav>
			{/if}
			{#if gone}
				<p class="mt-4"><a class="quiet" href={link(0, false)}>only the lots that are here</a></p>
			{:else if ever > lots.total}
				<p class="mt-4">
					<a class="quiet" href={link(0, true)}
						>with {many(ever - lots.total, 'lot')} that {ever - lots.total === 1 ? 'is' : 'are'} gone</a
					>
				</p>
			{/if}
		</Page>
	{/snippet}
</Loading>

<style>
	.shelf {
		display: grid;
		grid-template-columns: 6.6rem 1fr;
		margin-bottom: 1.2rem;
	}
	.board {
		grid-column: 1 / -1;
		height: 7px;
		background: var(--straw);
	}
	h2 {
		padding-top: 0.8rem;
	}
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(11.4rem, 1fr));
		gap: 0 1rem;
	}
	@media (max-width: 767px) {
		.shelf {
			display: block;
		}
		ul {
			grid-template-columns: repeat(auto-fill, minmax(9.6rem, 1fr));
		}
	}
</style>
