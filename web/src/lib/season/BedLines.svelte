<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { monthNames, monthsFrom, yearScale } from '$lib/bloom/bloom';
	import { DAY_MS, dayMonth } from '$lib/words/dates';
	import { cropWord } from '$lib/words/words';
	import { linesOf, movable, plantOn, type Row } from './bedBoard';
	import { seasonBegins } from './year';

	type Planting = Schemas['PlantingView'];
	interface Props {
		ground: Schemas['GroundView'];
		plantings: Planting[];
		/** Plantings of the season after, whose roots may grow in this one. */
		next: Planting[];
		season: number;
		today: string;
		/** Puts a planting on a row, so many days later; absent for whoever may not plan. */
		move?: (planting: Planting, row: Row, days: number) => void;
		/** Plants on free ground from a day on. */
		plant?: (row: Row, from: string) => void;
	}
	/** Each bed through the season: what stands on it from when to when, and when it is free. */
	let { ground, plantings, next, season, today, move, plant }: Props = $props();

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
								plotId: plot.id,
								bed: undefined,
								name: plot.name,
								detail: beds.length ? 'as a whole' : '',
								plantings: whole,
								roots: []
							}
						]
					: []),
				...beds.map(({ bed }) => ({
					id: bed.id,
					plotId: plot.id,
					bed,
					name: `${plot.name}, ${bed.name.toLowerCase()}`,
					detail: '',
					plantings: plantings.filter((one) => one.stretches.some((stretch) => stretch.bedId === bed.id)),
					roots: next.filter((one) => one.rootStretches.some((stretch) => stretch.bedId === bed.id))
				}))
			];
		})
	);
	/** Lines of each row: plantings that share it at the same time do not lie on one another. */
	const lined = $derived(
		new Map(
			rows.map((row) => [
				row.id,
				linesOf([
					...row.plantings.map((one) => ({ id: one.id!, from: one.groundFrom, to: one.groundTo })),
					...row.roots.map((one) => ({ id: one.id!, from: one.rootsFrom!, to: one.rootsTo! }))
				])
			])
		)
	);
	const names = $derived(monthNames(months, Math.max(room, 120)));
	const inView = $derived(noon(today) >= months[0] && x(noon(today)) < Math.max(room, 120));
	const dayAt = (px: number) => x.invert(px).toISOString().slice(0, 10);

	/** How far a bar must be pulled before it is moved, and not only pressed. */
	const PULLED_PX = 6;
	/** How far it may slip to the side on its way to another bed, and still keep its days. */
	const SAME_DAY_PX = 10;
	let pulled = $state.raw<{
		id: string;
		fromX: number;
		fromY: number;
		dx: number;
		dy: number;
		over?: string;
	}>();
	const moving = $derived(pulled && Math.hypot(pulled.dx, pulled.dy) > PULLED_PX ? pulled : undefined);
	/** Set once a bar was moved: the press that ends it opens nothing. */
	let moved = false;

	/** How long a finger rests on a bar before it pulls: until then it scrolls. */
	const RESTS_MS = 350;
	let resting: ReturnType<typeof setTimeout> | undefined;

	function take(event: PointerEvent, planting: Planting) {
		if (!move || event.button !== 0 || !movable(planting, today)) return;
		moved = false;
		const bar = event.currentTarget as HTMLElement;
		const begin = () => {
			bar.setPointerCapture(event.pointerId);
			pulled = { id: planting.id!, fromX: event.clientX, fromY: event.clientY, dx: 0, dy: 0 };
		};
		if (event.pointerType !== 'touch') return begin();
		resting = setTimeout(() => {
			begin();
			moved = true;
			navigator.vibrate?.(20);
		}, RESTS_MS);
	}
	function letGo() {
		clearTimeout(resting);
		pulled = undefined;
	}
	/** While a bar is pulled by a finger the page stays where it is, and no menu of the link opens. */
	function heldByFinger(bar: HTMLElement) {
		const stay = (event: Event) => pulled && event.cancelable && event.preventDefault();
		bar.addEventListener('touchmove', stay, { passive: false });
		bar.addEventListener('contextmenu', stay);
		return () => {
			bar.removeEventListener('touchmove', stay);
			bar.removeEventListener('contextmenu', stay);
		};
	}
	/** The row under the pointer. */
	function rowAt(event: PointerEvent): string | undefined {
		const lane = document
			.elementsFromPoint(event.clientX, event.clientY)
			.find((one): one is HTMLElement => one instanceof HTMLElement && one.dataset.row !== undefined);
		return lane?.dataset.row;
	}
	function pull(event: PointerEvent) {
		if (!pulled) {
			if (Math.hypot(event.movementX, event.movementY) > PULLED_PX) clearTimeout(resting);
			return;
		}
		const [dx, dy] = [event.clientX - pulled.fromX, event.clientY - pulled.fromY];
		pulled = { ...pulled, dx, dy, over: rowAt(event) };
	}
	function putDown(planting: Planting) {
		const done = moving;
		letGo();
		if (!done || !move) return;
		moved = true;
		const row = rows.find((one) => one.id === done.over);
		const was = noon(planting.groundFrom);
		const days =
			Math.abs(done.dx) < SAME_DAY_PX
				? 0
				: Math.round((x.invert(x(was) + done.dx).getTime() - was.getTime()) / DAY_MS);
		if (row) move(planting, row, days);
	}
	function pressFree(event: MouseEvent, row: Row) {
		const lane = event.currentTarget as HTMLElement;
		if (plant && event.target === lane) plant(row, dayAt(event.clientX - lane.getBoundingClientRect().left));
	}
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
		{@const lines = lined.get(row.id)!}
		<div class="name">
			{#if plant}<a
					class="quiet"
					href={plantOn(row, season, today > seasonBegins(season) ? today : seasonBegins(season))}
					aria-label="Plant on {row.name}">{row.name}</a
				>{:else}{row.name}{/if} <span class="text-sm font-normal text-soft">{row.detail}</span>
		</div>
		<!-- The row's name leads the keyboard to the same place. -->
		<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
		<div
			class={['lane', plant && 'open', moving && 'through', moving?.over === row.id && 'target']}
			data-row={row.id}
			style:--lines={lines.lines}
			onclick={(event) => pressFree(event, row)}
		>
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
						class={[
							'stand',
							planting.purpose === 'EATING' && 'eaten',
							move && movable(planting, today) && 'movable',
							moving?.id === planting.id && 'moving'
						]}
						style:left="{from}px"
						style:width="{wide}px"
						style:--line={lines.line[planting.id!]}
						style:transform={moving?.id === planting.id
							? `translate(${moving?.dx}px, ${moving?.dy}px)`
							: undefined}
						draggable="false"
						onpointerdown={(event) => take(event, planting)}
						onpointermove={pull}
						onpointerup={() => putDown(planting)}
						onpointercancel={letGo}
						{@attach heldByFinger}
						onclick={(event) => {
							if (moved) event.preventDefault();
							moved = false;
						}}
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
						style:--line={lines.line[planting.id!]}
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
		--high: 26px;
		min-height: calc(var(--lines) * (var(--high) + 4px) + 4px);
		overflow: hidden;
	}
	.lane.open {
		cursor: copy;
	}
	.lane.through {
		overflow: visible;
	}
	.lane.target {
		background: var(--pale);
	}
	.lane svg {
		position: absolute;
		inset: 0;
		pointer-events: none;
	}
	.stand {
		position: absolute;
		top: calc(4px + var(--line) * (var(--high) + 4px));
		height: var(--high);
		padding: 0.1rem 0.5rem;
		background: var(--color-base-100);
		border: 1.5px solid var(--color-base-content);
		font-weight: 650;
		font-size: var(--text-sm);
		white-space: nowrap;
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.movable {
		cursor: grab;
	}
	.moving {
		z-index: 5;
		cursor: grabbing;
		pointer-events: none;
		box-shadow: 0 0 0 3px var(--color-accent);
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
		pointer-events: none;
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
			--high: 44px;
		}
		.stand {
			min-width: 44px;
		}
	}
	@media (max-width: 767px) {
		.beds {
			grid-template-columns: 6.4rem minmax(0, 1fr);
		}
	}
</style>
