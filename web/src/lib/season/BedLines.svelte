<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { monthNames, monthsFrom, yearScale } from '$lib/bloom/bloom';
	import { dayMonth } from '$lib/words/dates';
	import { cropWord } from '$lib/words/words';
	import { seasonBegins } from './year';

	type Planting = Schemas['PlantingView'];
	interface Props {
		ground: Schemas['GroundView'];
		plantings: Planting[];
		/** Plantings of the season after, whose roots may grow in this one. */
		next: Planting[];
		season: number;
		today: string;
	}
	/** Each bed through the season: what stands on it from when to when, and when it is free. */
	let { ground, plantings, next, season, today }: Props = $props();

	let room = $state(0);
	const noon = (iso: string) => new Date(`${iso}T12:00:00Z`);
	const months = $derived(monthsFrom(noon(seasonBegins(season)), 12));
	const x = $derived(yearScale(months, Math.max(room, 120)));
	const rows = $derived(
		ground.plots.flatMap(({ plot }) => {
			const beds = ground.beds.filter(({ bed }) => bed.plotId === plot.id);
			const whole = plantings.filter((one) => one.plotId === plot.id && one.stretches.length === 0);
			return [
				...(beds.length === 0 || whole.length > 0
					? [
							{
								id: plot.id,
								name: plot.name,
								detail: beds.length ? 'as a whole' : '',
								plantings: whole,
								roots: []
							}
						]
					: []),
				...beds.map(({ bed }) => ({
					id: bed.id,
					name: `${plot.name}, ${bed.name.toLowerCase()}`,
					detail: '',
					plantings: plantings.filter((one) => one.stretches.some((stretch) => stretch.bedId === bed.id)),
					roots: next.filter((one) => one.rootStretches.some((stretch) => stretch.bedId === bed.id))
				}))
			];
		})
	);
	const names = $derived(monthNames(months, Math.max(room, 120)));
	const inView = $derived(noon(today) >= months[0] && x(noon(today)) < Math.max(room, 120));
	function part(planting: Planting, bedId: string) {
		const stretch = planting.stretches.find((one) => one.bedId === bedId);
		const bed = ground.beds.find((one) => one.bed.id === bedId)?.bed;
		if (!stretch || !bed || stretch.to - stretch.from >= Math.floor(bed.length)) return '';
		return `, ${stretch.from} to ${stretch.to} m`;
	}
</script>

<div class="beds">
	<div></div>
	<div class="year" bind:clientWidth={room}>
		<svg width={Math.max(room, 120)} height="22" aria-hidden="true">
			{#each names as month (month.key)}<text x={month.x + 3} y="14">{month.name}</text>{/each}
		</svg>
	</div>
	{#each rows as row (row.id)}
		<div class="name">{row.name} <span class="text-sm font-normal text-soft">{row.detail}</span></div>
		<div class="lane">
			{#if room > 0}
				<svg width={room} height="100%" aria-hidden="true">
					{#each names as month (month.key)}
						<line x1={month.x} y1="0" x2={month.x} y2="100%" class="month" />
					{/each}
					{#if inView}
						<line x1={x(noon(today))} y1="0" x2={x(noon(today))} y2="100%" class="today" />
					{/if}
				</svg>
				{#each row.plantings as planting (planting.id)}
					{@const from = x(noon(planting.groundFrom))}
					{@const wide = Math.max(6, x(noon(planting.groundTo)) - from)}
					<a
						href="/desk?season={season}&planting={planting.id}"
						class={['stand', planting.purpose === 'EATING' && 'eaten']}
						style:left="{from}px"
						style:width="{wide}px"
						title="{planting.variety.name}, {dayMonth(planting.groundFrom)} to {dayMonth(planting.groundTo)}"
						>{planting.variety.name}<span class="ml-1.5 font-normal">
							{cropWord(planting.variety.cropName)}{part(planting, row.id)}</span
						></a
					>
				{/each}
				{#each row.roots as planting (planting.id)}
					{@const from = x(noon(planting.rootsFrom!))}
					<a
						href="/desk?season={planting.season}&planting={planting.id}"
						class="stand eaten"
						style:left="{from}px"
						style:width="{Math.max(6, x(noon(planting.rootsTo!)) - from)}px"
						title="roots of {planting.variety.name}, {dayMonth(planting.rootsFrom!)} to {dayMonth(
							planting.rootsTo!
						)}">{planting.variety.name}<span class="ml-1.5 font-normal">roots for {planting.season}</span></a
					>
				{/each}
				{#if row.plantings.length + row.roots.length === 0}<span class="free">free</span>{/if}
			{/if}
		</div>
	{/each}
</div>

<style>
	.beds {
		display: grid;
		grid-template-columns: 9rem minmax(0, 1fr);
	}
	.name {
		border-top: 1px solid var(--color-base-300);
		padding: 0.4rem 0.5rem 0.3rem 0;
		font-weight: 650;
		line-height: 1.2;
	}
	.lane {
		position: relative;
		border-top: 1px solid var(--color-base-300);
		min-height: 34px;
		overflow: hidden;
	}
	.lane svg {
		position: absolute;
		inset: 0;
	}
	.stand {
		position: absolute;
		top: 4px;
		height: 26px;
		padding: 0.1rem 0.5rem;
		background: var(--color-base-100);
		border: 1.5px solid var(--color-base-content);
		font-weight: 650;
		font-size: var(--text-sm);
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.stand.eaten {
		background: var(--color-base-200);
		border-style: dashed;
	}
	.stand:hover {
		background: var(--pale);
	}
	.free {
		position: relative;
		display: inline-block;
		padding: 0.4rem 0.5rem;
		color: var(--soft);
		font-size: var(--text-sm);
	}
	text {
		font-size: 12px;
		font-weight: 600;
		fill: var(--soft);
	}
	.month {
		stroke: var(--color-base-300);
	}
	.today {
		stroke: var(--color-accent);
		stroke-width: 2.5;
	}
	@media (pointer: coarse) {
		.lane {
			min-height: 52px;
		}
		.stand {
			min-width: 44px;
			height: 44px;
		}
	}
	@media (max-width: 767px) {
		.beds {
			grid-template-columns: 6.4rem minmax(0, 1fr);
		}
	}
</style>
