<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import AcrossScale from '$lib/chart/AcrossScale.svelte';
	import Chart from '$lib/chart/Chart.svelte';
	import UpScale from '$lib/chart/UpScale.svelte';

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

	const seasons = $derived([...new Set(rows.map((row) => row.season))].sort((a, b) => a - b));
	const values = $derived(rows.map(of).filter((value) => value !== undefined));
	const top = $derived(1.1 * Math.max(usual?.high ?? 0, ...values, 1e-9));
	/** Lots of a season stand beside each other. */
	const across = (row: Row) => {
		const beside = rows.filter((one) => one.season === row.season);
		const place = (beside.indexOf(row) + 0.5) / beside.length;
		return seasons.indexOf(row.season) + 0.15 + 0.7 * place;
	};
</script>

<Chart
	label="Lots by season; the table below has the figures"
	height={240}
	across={[0, seasons.length]}
	up={[0, top]}
	room={{ left: 70, right: 8, top: 8, bottom: 24 }}
>
	{#snippet children(drawing)}
		{@const { x, y, width } = drawing}
		{#if usual}
			<rect x="0" {width} y={y(usual.high)} height={y(usual.low) - y(usual.high)} class="usual" />
		{/if}
		<UpScale on={drawing} at={usual ? [usual.high, usual.low] : [top / 1.1]} {says} />
		<line x1="0" x2={width} y1={y(0)} y2={y(0)} class="ground" />
		<AcrossScale on={drawing} at={seasons.map((season, i) => ({ at: i + 0.5, name: String(season) }))} />
		{#each rows as row (row.number)}
			{@const value = of(row)}
			{#if value !== undefined}
				<circle
					cx={x(across(row))}
					cy={y(value)}
					r="6"
					class={[row.place !== undefined && row.place !== 'WITHIN' ? 'outside' : 'within']}
				>
					<title>{row.number}, {row.variety}: {says(value)}</title>
				</circle>
			{/if}
		{/each}
	{/snippet}
</Chart>

<style>
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
