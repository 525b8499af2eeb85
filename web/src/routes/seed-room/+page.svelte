<script lang="ts">
	import { page } from '$app/state';
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { ofGate } from '$lib/mark/mark';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { mass } from '$lib/units/units';
	import { monthYear } from '$lib/words/dates';
	import { cropWord, GATE, GRADE, many } from '$lib/words/words';

	const SIZE = 60;
	const at = $derived(Number(page.url.searchParams.get('page')) || 0);
	const found = $derived(ask(GET('/api/lots', { params: { query: { page: at, size: SIZE } } })));
	type Shelved = Schemas['Shelved'];

	const seasons = (lots: Shelved[]) => [...new Set(lots.map((lot) => lot.known.lot.season))];
	const germination = (lot: Shelved) => lot.known.tests.germinations[0]?.result;
	function left({ stock, known }: Shelved) {
		const parts = [];
		if (stock.bulk > 0) parts.push(mass(stock.bulk, session.units));
		if (stock.packets > 0) parts.push(`${stock.packets} pk`);
		if (parts.length > 0) return parts.join(' + ');
		if (known.bench?.poured) return 'none left';
		return known.bench ? (known.bench.clean ? 'none left' : mass(known.bench.mass, session.units)) : 'empty';
	}
	function says(lots: Shelved[], total: number) {
		const held = lots.filter((lot) => lot.known.lot.hold).length;
		const open = lots.filter((lot) => lot.known.gate.mayBeSold).length;
		return `${many(total, 'lot')}; ${open} may be sold${held ? `, ${held} on hold` : ''}`;
	}
	function next(lot: Shelved) {
		const gate = lot.known.gate;
		if (lot.known.bench?.poured) return 'all poured into other lots';
		if (lot.known.lot.hold) return `held: ${lot.known.lot.hold.reason}`;
		if (gate.mayBeSold) return `sells until ${monthYear(gate.testRunsOut ?? '')}`;
		return GATE[gate.reasons.includes('NOT_CLEAN') ? 'NOT_CLEAN' : gate.reasons[0]];
	}
	const order = (lot: Shelved) => (lot.known.lot.hold ? 0 : lot.known.gate.mayBeSold ? 2 : 1);
</script>

<Loading from={found}>
	{#snippet children(lots)}
		<Page title="Seed room" says={lots.total ? says(lots.items, lots.total) : 'no lot yet'}>
			{#if lots.total === 0}
				<p class="max-w-prose">
					Lots hang here from their first label on. A lot begins with a harvest: choose a planting on the <a
						class="quiet"
						href="/desk">Desk</a
					>.
				</p>
			{/if}
			{#each seasons(lots.items) as season (season)}
				{@const shelf = lots.items
					.filter((lot) => lot.known.lot.season === season)
					.sort((a, b) => order(a) - order(b))}
				<section class="shelf">
					<div class="board"></div>
					<h2>
						{season}<br /><span class="text-sm font-normal text-soft">{many(shelf.length, 'lot')}</span>
					</h2>
					<ul>
						{#each shelf as lot (lot.known.lot.id)}
							{@const mark = ofGate(lot.known.gate, GRADE[lot.known.lot.grade])}
							{@const test = germination(lot)}
							<li>
								<a href="/lot/{lot.known.lot.number}" class={['hanging', lot.known.lot.hold && 'held']}>
									<span class="hole" aria-hidden="true"></span>
									<span class="number">{lot.known.lot.number}</span>
									<b>{lot.known.planting.variety.name}</b>
									<span class="crop">{cropWord(lot.known.planting.variety.cropName)}</span>
									<span class="figure"
										><span>{left(lot)}</span><span>{test ? `${test.reported} %` : '–'}</span></span
									>
									{#if test}
										{@const low = 40}
										<svg viewBox="0 0 140 22" aria-hidden="true">
											<line x1="0" x2="140" y1="11" y2="11" class="scale" />
											<line
												x1={Math.max(0, ((lot.known.gate.standard - low) / (100 - low)) * 140)}
												x2={Math.max(0, ((lot.known.gate.standard - low) / (100 - low)) * 140)}
												y1="1"
												y2="21"
												class="standard"
											/>
											<line
												x1={((Math.max(low, test.lower) - low) / (100 - low)) * 140}
												x2={((test.upper - low) / (100 - low)) * 140}
												y1="11"
												y2="11"
												class="range"
											/>
											<circle
												cx={((Math.max(low, test.mean) - low) / (100 - low)) * 140}
												cy="11"
												r="5"
												class="mean"
											/>
										</svg>
									{/if}
									<span class={['next', mark.state]}><span>{next(lot)}</span></span>
								</a>
							</li>
						{/each}
					</ul>
				</section>
			{/each}
			{#if lots.total > 0}
				<p class="mt-4 text-sm text-soft">
					The dot is the last germination with its 95 % range from 40 to 100 %; the dotted line is what its
					grade asks.
				</p>
			{/if}
			{#if lots.pages > 1}
				<nav class="mt-4 flex gap-4" aria-label="Pages">
					{#if at > 0}<a class="quiet" href="?page={at - 1}">newer lots</a>{/if}
					{#if at + 1 < lots.pages}<a class="quiet" href="?page={at + 1}">older lots</a>{/if}
				</nav>
			{/if}
		</Page>
	{/snippet}
</Loading>

<style>
	.shelf {
		display: grid;
		grid-template-columns: 5.4rem 1fr;
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
	li {
		padding-top: 14px;
		position: relative;
		display: grid;
	}
	li::before {
		content: '';
		position: absolute;
		left: 50%;
		top: 0;
		height: 24px;
		border-left: 2px solid var(--color-base-content);
	}
	.hanging {
		position: relative;
		display: grid;
		align-content: start;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
		padding: 1.55rem 0.75rem 0.7rem;
	}
	.hanging:hover .number {
		text-decoration: underline;
	}
	.hole {
		position: absolute;
		left: calc(50% - 6px);
		top: 6px;
		width: 12px;
		height: 12px;
		border-radius: 50%;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-200);
	}
	.number {
		font-family: var(--font-mono);
		font-weight: 750;
		font-size: 1.16rem;
		letter-spacing: 0.02em;
		margin-bottom: 0.3rem;
	}
	.crop {
		color: var(--soft);
		font-size: var(--text-sm);
	}
	.figure {
		display: flex;
		justify-content: space-between;
		margin-top: 0.25rem;
		font-weight: 600;
	}
	.next {
		margin-top: 0.35rem;
		padding: 0.3rem 0 0;
		border-top: 1px solid var(--color-base-300);
		font-size: var(--text-sm);
		font-weight: 650;
		line-height: 1.25;
	}
	.next.tight {
		background: repeating-linear-gradient(135deg, var(--pale) 0 5px, transparent 5px 11px);
		padding: 0.3rem 0.3rem;
		margin-inline: -0.3rem;
	}
	.next.tight span {
		background: var(--color-base-100);
		box-decoration-break: clone;
		-webkit-box-decoration-break: clone;
		padding: 0 0.2rem;
	}
	.held {
		background: var(--beet);
		border-color: var(--beet);
		color: var(--on-beet);
	}
	.held .crop {
		color: inherit;
	}
	.held .next {
		border-color: currentColor;
	}
	.held .scale,
	.held .range,
	.held .standard {
		stroke: var(--on-beet);
	}
	svg {
		width: 100%;
		height: 22px;
		margin-top: 0.2rem;
	}
	.scale {
		stroke: var(--color-base-300);
	}
	.standard {
		stroke: var(--color-error);
		stroke-dasharray: 2 3;
		stroke-width: 2;
	}
	.range {
		stroke: var(--color-base-content);
		stroke-width: 2;
	}
	.mean {
		fill: var(--color-accent);
		stroke: var(--color-base-content);
	}
	.held .mean {
		stroke: var(--on-beet);
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
