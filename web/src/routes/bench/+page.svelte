<script lang="ts">
	import { type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { standing, type ShelfName } from '$lib/bench/bench';
	import Vessel from '$lib/bench/Vessel.svelte';
	import WrongLots from '$lib/lot/WrongLots.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { mass } from '$lib/units/units';
	import { many } from '$lib/words/words';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const SHELVES: { name: ShelfName; title: string }[] = [
		{ name: 'wet', title: 'Wet shelf' },
		{ name: 'drying', title: 'Drying' },
		{ name: 'cleaning', title: 'Cleaning' }
	];
	const stand = (lots: Schemas['Shelved'][]) =>
		lots.map((lot) => ({ lot, how: standing(lot, session.now, session.farm?.timeZone ?? 'UTC') }));
	function says(lots: Schemas['Shelved'][]) {
		const alarms = stand(lots).filter(({ how }) => how.alarm).length;
		return `${many(lots.length, 'lot')} ${lots.length === 1 ? 'stands' : 'stand'} here${alarms ? `; ${alarms === 1 ? 'one' : alarms} cannot wait` : ''}`;
	}
	const path = (lot: Schemas['Shelved']) =>
		lot.known.bench
			? `/bench/${lot.known.lot.number}`
			: `/harvest/${lot.known.planting?.id}?lot=${lot.known.lot.number}`;
</script>

<Loading from={data.found}>
	{#snippet children({ lots, wrong })}
		<Page title="Bench" says={lots.length ? says(lots) : 'nothing stands here'}>
			<WrongLots {wrong} />
			{#if lots.length === 0}
				<p class="max-w-prose">
					Lots come here from the harvest and stay until they are clean. Go to a planting on the <a
						class="quiet"
						href="/desk">Desk</a
					>
					and harvest it.
				</p>
			{/if}
			<p class="mb-4">
				<a class="quiet font-semibold" href="/yields">Yields: lots, steps and years side by side</a>
			</p>
			{#each SHELVES as shelf (shelf.name)}
				{@const here = stand(lots).filter(({ how }) => how.shelf === shelf.name)}
				{#if lots.length > 0}
					<section class="shelf" aria-label={shelf.title}>
						<h2>{shelf.title}</h2>
						<ul>
							{#each here as { lot, how } (lot.known.lot.id)}
								<li class={[how.alarm && 'alarm']}>
									<a href={path(lot)}>
										<span class="number">{lot.known.lot.number}</span>
										<span class="vessel">
											<Vessel shelf={how.shelf} clock={how.clock} alarm={how.alarm} />
											<span><small>{how.small}</small><strong>{how.large}</strong></span>
										</span>
										<b>{lot.known.variety.name}</b>
										<span class="doing"
											>{how.doing}{lot.known.bench
												? `, ${mass(lot.known.bench.mass, session.units)}`
												: ''}</span
										>
										<b class="next">{how.next}</b>
									</a>
								</li>
							{:else}
								<li class="empty">empty</li>
							{/each}
						</ul>
					</section>
				{/if}
			{/each}
		</Page>
	{/snippet}
</Loading>

<style>
	.shelf {
		display: grid;
		grid-template-columns: 6.4rem 1fr;
		align-items: end;
		border-bottom: 8px solid var(--straw);
		margin-bottom: 1rem;
		padding-top: 0.3rem;
	}
	h2 {
		padding-bottom: 0.9rem;
	}
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(15.5rem, 1fr));
		gap: 0 0.75rem;
	}
	li a {
		display: grid;
		padding: 0.75rem 0.75rem 0.8rem;
	}
	li a:hover {
		background: var(--color-base-100);
	}
	.alarm a,
	.alarm a:hover {
		background: var(--pale);
	}
	.number {
		font-family: var(--font-mono);
		font-weight: 750;
		font-size: 1.45rem;
		letter-spacing: 0.02em;
	}
	.vessel {
		display: flex;
		align-items: end;
		gap: 0.9rem;
		margin: 0.3rem 0 0.35rem;
	}
	.vessel small {
		display: block;
		color: var(--soft);
		font-size: var(--text-sm);
	}
	.vessel strong {
		font-size: 1.6rem;
		line-height: 1.1;
	}
	.alarm .vessel small {
		color: inherit;
	}
	.alarm .vessel strong {
		color: var(--color-error);
	}
	.doing {
		color: var(--soft);
		font-size: var(--text-sm);
	}
	.alarm .doing {
		color: inherit;
	}
	.empty {
		color: var(--soft);
		padding: 1.1rem 0.75rem;
	}
	@media (max-width: 767px) {
		.shelf {
			display: block;
		}
		h2 {
			padding-bottom: 0;
		}
	}
</style>
