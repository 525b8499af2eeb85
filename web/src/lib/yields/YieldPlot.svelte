<script lang="ts">
	import type { Schemas } from '$lib/api/api';

	type Row = Schemas['LotYieldRow'];
	interface Props {
		rows: Row[];
		of: (row: Row) => number | undefined;
		says: (value: number) => string;
		/** What is usual for the crop, where it is known. */
		usual?: { low: number; high: number };
	}
	/** Every lot as a dot over its season; lots outside the farm's own range are filled. */
	let { rows, of, says, usual }: Props = $props();

	const W = 640;
	const H = 240;
	const LEFT = 70;
	const seasons = $derived([...new Set(rows.map((row) => row.season))].sort((a, b) => a - b));
	const values = $derived(rows.map(of).filter((value) => value !== undefined));
	const top = $derived(1.1 * Math.max(usual?.high ?? 0, ...values, 1e-9));
	const x = (row: Row) => {
		const step = (W - LEFT - 20) / seasons.length;
		const beside = rows.filter((one) => one.season === row.season);
		const place = (beside.indexOf(row) + 0.5) / beside.length;
		return LEFT + step * (seasons.indexOf(row.season) + 0.15 + 0.7 * place);
	};
	const y = (value: number) => H - 24 - ((H - 40) * value) / top;
	const middle = (season: number) =>
		LEFT + ((W - LEFT - 20) / seasons.length) * (seasons.indexOf(season) + 0.5);
</script>

<svg
	viewBox="0 0 {W} {H}"
	class="block w-full"
	role="group"
	aria-label="Lots by season; the table below says the same"
>
	{#if usual}
		<rect
			x={LEFT}
			width={W - LEFT - 20}
			y={y(usual.high)}
			height={y(usual.low) - y(usual.high)}
			class="usual"
		/>
		<text x={LEFT - 6} y={y(usual.high) + 4} text-anchor="end">{says(usual.high)}</text>
		<text x={LEFT - 6} y={y(usual.low) + 4} text-anchor="end">{says(usual.low)}</text>
	{:else}
		<text x={LEFT - 6} y={y(top / 1.1) + 4} text-anchor="end">{says(top / 1.1)}</text>
	{/if}
	<line x1={LEFT} x2={W - 20} y1={y(0)} y2={y(0)} class="ground" />
	{#each seasons as season (season)}
		<text x={middle(season)} y={H - 6} text-anchor="middle">{season}</text>
	{/each}
	{#each rows as row (row.number)}
		{@const value = of(row)}
		{#if value !== undefined}
			<a href="/lot/{row.number}" aria-label="{row.number}, {says(value)}">
				<circle
					cx={x(row)}
					cy={y(value)}
					r="6"
					class={[row.place !== undefined && row.place !== 'WITHIN' ? 'outside' : 'within']}
				>
					<title>{row.number}, {row.variety}: {says(value)}</title>
				</circle>
			</a>
		{/if}
	{/each}
</svg>

<style>
	text {
		font-size: 12px;
		fill: currentColor;
	}
	.usual {
		fill: var(--straw);
		opacity: 0.4;
	}
	.ground {
		stroke: var(--color-base-content);
	}
	.within {
		fill: var(--color-base-100);
		stroke: var(--color-base-content);
		stroke-width: 2;
	}
	.outside {
		fill: var(--color-error);
		stroke: var(--color-error);
	}
</style>
