<script lang="ts">
	import Hatch from '$lib/mark/Hatch.svelte';
	import { seasonBegins } from '$lib/season/year';
	import { monthNames, monthsOf, swelling, together, yearScale, type Group, type Line } from './bloom';
	import Marks from '$lib/season/Marks.svelte';

	interface Props {
		groups: Group[];
		season: number;
		/** The farm's day, drawn when it falls in the season. */
		today: string;
		chosen?: string;
		/** Plantings that are shown otherwise than they are planned. */
		changed?: string[];
		/** Plantings in which too many plants were sick. */
		sick?: string[];
		choose: (id: string) => void;
	}
	/** The season as lines that swell while they bloom; hatched where two that cross bloom together. */
	let { groups, season, today, chosen, changed = [], sick = [], choose }: Props = $props();

	const ROW = 44;
	const HEAD = 26;
	const noon = (iso: string) => new Date(`${iso}T12:00:00Z`);
	let room = $state(0);
	const months = $derived(
		monthsOf(
			groups.flatMap((group) => group.lines),
			seasonBegins(season)
		)
	);
	const x = $derived(yearScale(months, Math.max(room, 120)));
	const rows = $derived.by(() => {
		const placed: { line: Line; y: number }[] = [];
		let y = 0;
		for (const group of groups) {
			y += HEAD;
			for (const line of group.lines) {
				placed.push({ line, y: y + ROW / 2 });
				y += ROW;
			}
		}
		return { placed, height: y };
	});
	const yOf = (id: string) => rows.placed.find((row) => row.line.id === id);
	const hatches = $derived(
		rows.placed.flatMap(({ line, y }) =>
			(line.planting?.isolation?.threats ?? []).flatMap((threat) => {
				const other = yOf(threat.sourceId);
				const shared = other && threat.verdict !== 'CLEAR' ? together(line, other.line) : undefined;
				return other && shared
					? [
							{
								key: line.id + threat.sourceId,
								x: x(shared.from),
								width: Math.max(2, x(shared.to) - x(shared.from)),
								y: Math.min(y, other.y),
								height: Math.abs(other.y - y),
								crosses: threat.verdict === 'CROSSES'
							}
						]
					: [];
			})
		)
	);
	const names = $derived(monthNames(months, Math.max(room, 120)));
	const inView = $derived(noon(today) >= months[0] && x(noon(today)) < Math.max(room, 120));
	const id = $props.id();
</script>

<div class="lines">
	<div class="head"></div>
	<div class="year" bind:clientWidth={room}>
		{#if room > 0}
			<svg width={room} height={rows.height + 24} class="drawing" aria-hidden="true">
				<defs>
					<Hatch id="{id}-h" kind="crossing" />
					<Hatch id="{id}-t" kind="near" />
				</defs>
				{#each names as month (month.key)}
					<line x1={month.x} y1="18" x2={month.x} y2={rows.height + 24} class="month" />
					<text x={month.x + 4} y="13">{month.name}</text>
				{/each}
				<g transform="translate(0 22)">
					{#each rows.placed.filter((row) => row.line.id === chosen) as row (row.line.id)}
						<rect x="0" y={row.y - ROW / 2} width={room} height={ROW} class="row" />
					{/each}
					{#each hatches as hatch (hatch.key)}
						<rect
							x={hatch.x}
							y={hatch.y}
							width={hatch.width}
							height={hatch.height}
							fill="url(#{id}-{hatch.crosses ? 'h' : 't'})"
						/>
					{/each}
					{#each rows.placed as { line, y } (line.id)}
						{#if !line.neighbour}
							<line x1={x(noon(line.from))} y1={y} x2={x(noon(line.to))} y2={y} class="life" />
						{/if}
						<path d={swelling(line, x, y, 13)} class={line.neighbour ? 'theirs' : 'ours'} />
					{/each}
				</g>
				{#if inView}
					<line x1={x(noon(today))} y1="18" x2={x(noon(today))} y2={rows.height + 24} class="today" />
				{/if}
			</svg>
		{/if}
	</div>
	<div class="head"></div>
	{#each groups as group (group.lines[0].id)}
		<div class="group">{group.name}</div>
		{#each group.lines as line (line.id)}
			<button
				type="button"
				class={['name', line.id === chosen && 'chosen']}
				disabled={line.neighbour}
				aria-pressed={line.id === chosen}
				onclick={() => choose(line.id)}
			>
				<strong>{line.name}</strong>
				<small>{line.detail}</small>
			</button>
			<div class={['verdict', line.id === chosen && 'chosen', changed.includes(line.id) && 'changed']}>
				{#if line.planting}<Marks planting={line.planting} sick={sick.includes(line.id)} one />{/if}
			</div>
		{/each}
	{/each}
</div>

<style>
	.lines {
		display: grid;
		grid-template-columns: 10.5rem minmax(0, 1fr) 5.6rem;
		position: relative;
	}
	.head {
		height: 22px;
	}
	.year {
		grid-column: 2;
		grid-row: 1 / span 400;
		position: relative;
	}
	.drawing {
		position: absolute;
		left: 0;
		top: 0;
	}
	.group {
		grid-column: 1;
		height: 26px;
		padding-top: 6px;
		font-size: var(--text-xs);
		font-weight: 650;
		font-style: italic;
		color: var(--soft);
		white-space: nowrap;
		overflow: visible;
	}
	.name {
		grid-column: 1;
		height: 44px;
		padding: 0 0.5rem;
		margin-left: -0.5rem;
		text-align: left;
		line-height: 1.15;
		display: grid;
		align-content: center;
		cursor: pointer;
	}
	.name:disabled {
		cursor: default;
	}
	.name small {
		color: var(--soft);
		font-size: 0.75rem;
	}
	.name.chosen {
		background: var(--pale);
	}
	.name.chosen small {
		color: inherit;
	}
	.verdict.chosen {
		background: var(--pale);
	}
	.verdict.changed {
		border-right: 4px solid var(--color-accent);
	}
	.row {
		fill: var(--pale);
	}
	.verdict {
		grid-column: 3;
		padding-right: 0.4rem;
		height: 44px;
		display: grid;
		align-content: center;
		justify-content: end;
	}
	text {
		font-size: 12px;
		font-weight: 600;
		fill: var(--soft);
	}
	.month {
		stroke: var(--color-base-300);
	}
	.life {
		stroke: var(--color-base-content);
		stroke-width: 2;
	}
	.ours {
		fill: var(--color-accent);
		stroke: var(--color-base-content);
		stroke-width: 0.8;
	}
	.theirs {
		fill: var(--chaff);
		stroke: var(--soft);
		stroke-width: 0.8;
	}
	.today {
		stroke: var(--color-accent);
		stroke-width: 2.5;
	}
	@media (max-width: 767px) {
		.lines {
			grid-template-columns: 7.4rem minmax(0, 1fr) 4.6rem;
		}
	}
</style>
