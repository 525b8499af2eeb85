<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { money } from '$lib/stall/words';

	interface Props {
		/** What the bars say. */
		title: string;
		bars: { name: string; amount: number }[];
		/** A line to pass: the wage. */
		mark?: { at: number; label: string };
	}
	/** Amounts side by side: to the right what was earned, hatched to the left what was lost. */
	let { title, bars, mark }: Props = $props();
	const ends = $derived([...bars.map((bar) => bar.amount), 0, ...(mark ? [mark.at] : [])]);
	const at = $derived(
		scaleLinear()
			.domain([Math.min(...ends), Math.max(...ends)])
			.range([0, 100])
	);
</script>

<figure>
	<figcaption>{title}</figcaption>
	<table>
		<tbody>
			{#each bars as bar (bar.name)}
				<tr>
					<th scope="row">{bar.name}</th>
					<td class="bar">
						<svg aria-hidden="true" width="100%" height="16">
							<rect
								x="{Math.min(at(0), at(bar.amount))}%"
								width="{Math.abs(at(bar.amount) - at(0))}%"
								y="2"
								height="12"
								class={bar.amount < 0 ? 'lost' : 'earned'}
							/>
							<line x1="{at(0)}%" x2="{at(0)}%" y1="0" y2="16" class="zero" />
							{#if mark}<line x1="{at(mark.at)}%" x2="{at(mark.at)}%" y1="0" y2="16" class="mark" />{/if}
						</svg>
					</td>
					<td class="amount">{money(bar.amount)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if mark}<p class="text-sm text-soft">dotted: {mark.label}</p>{/if}
</figure>

<style>
	figcaption {
		font-weight: 600;
		margin-bottom: 0.3rem;
	}
	table {
		width: 100%;
	}
	th {
		font-weight: 400;
		text-align: left;
		padding-right: 0.6rem;
		max-width: 11rem;
	}
	.bar {
		width: 55%;
	}
	.amount {
		text-align: right;
		white-space: nowrap;
		padding-left: 0.6rem;
		font-variant-numeric: tabular-nums;
	}
	.earned {
		fill: var(--color-base-content);
	}
	.lost {
		fill: none;
		stroke: var(--color-error);
		stroke-width: 1.5;
	}
	.zero {
		stroke: var(--soft);
	}
	.mark {
		stroke: var(--color-error);
		stroke-dasharray: 2 3;
		stroke-width: 1.5;
	}
</style>
