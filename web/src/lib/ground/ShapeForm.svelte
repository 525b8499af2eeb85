<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Correcting from '$lib/form/Correcting.svelte';
	import CropField from '$lib/form/CropField.svelte';
	import MeasureField from '$lib/form/MeasureField.svelte';
	import DayField from '$lib/form/DayField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { maybeNumberIn, numberIn } from '$lib/form/typed';
	import { area, distance, numberTyped, written } from '$lib/units/units';
	import { BARRIER, BEYOND } from '$lib/words/words';
	import {
		cornersOf,
		rectangleOf,
		roughArea,
		sides,
		turn,
		type Kind,
		type Metres,
		type Rectangle,
		type Shape
	} from './shape';

	type Beyond = Schemas['NeighbourView']['kind'];
	type BarrierKind = Schemas['BarrierView']['kind'];
	interface Props {
		kind: Kind;
		/** The shape as it stands, when it is drawn otherwise. */
		shape?: Shape;
		/** Corners drawn on the map, or as they stand. */
		corners: Metres[];
		/** What a new one is called, and where it would lie when nothing is drawn, by the plot of a bed. */
		suggested: (plotId: string) => { name: string; place?: Rectangle };
		plots: Schemas['PlotView'][];
		/** The plot a new bed lies on. */
		plotId: string;
		crops: Schemas['CropLine'][];
		season: number;
		/** The shape as the numbers have it, to be seen on the map; nothing while they are not numbers. */
		sketched: (corners: Metres[]) => void;
		kept: (says: string, back: { kind: Kind; id: string; version: number; plotId?: string }) => void;
	}
	/** A shape by its numbers: exact size, place and turn, or each corner; and what it is. */
	let { kind, shape, corners, suggested, plots, plotId, crops, season, sketched, kept }: Props = $props();

	const attempt = new Attempt();
	const round = (value: number) => written(Math.round(value * 100) / 100);
	// svelte-ignore state_referenced_locally
	const was = shape;
	// svelte-ignore state_referenced_locally
	const drawn = corners;
	// svelte-ignore state_referenced_locally
	const first = suggested(plotId);
	// svelte-ignore state_referenced_locally
	const usual =
		first.place ??
		(kind === 'BED'
			? { east: 0, north: 0, width: 40, length: 1.2, turned: 0 }
			: kind === 'BARRIER'
				? { east: 0, north: 0, width: 60, length: 3, turned: 0 }
				: { east: 0, north: 0, width: 40, length: 12, turned: 0 });
	const spot = drawn.length === 1;
	const rectangle = drawn.length === 0 ? usual : rectangleOf(drawn);
	// svelte-ignore state_referenced_locally
	const onlySpot = kind === 'NEIGHBOUR' && (spot || drawn.length === 0);

	let name = $state(was?.name ?? first.name);
	let east = $state(round(rectangle?.east ?? drawn[0]?.east ?? 0));
	let north = $state(round(rectangle?.north ?? drawn[0]?.north ?? 0));
	let width = $state(round(rectangle?.width ?? 40));
	let length = $state(round(rectangle?.length ?? 12));
	let turned = $state(round(rectangle?.turned ?? 0));
	let spots = $state(drawn.map((corner) => ({ east: round(corner.east), north: round(corner.north) })));
	let positionError = $state(written(was?.plot?.positionError ?? 3));
	// svelte-ignore state_referenced_locally
	let onPlot = $state(plotId);
	let barrier = $state<BarrierKind>(was?.barrier?.kind ?? 'HEDGE');
	let height = $state(written(was?.barrier?.height ?? 2.5));
	let held = $state(was?.barrier ? String(Math.round(was.barrier.held * 100)) : '');
	let beyond = $state<Beyond>(was?.neighbour?.kind ?? 'TENDED');
	const cropKnown = $derived(beyond === 'TENDED' || beyond === 'WILD');
	let cropKey = $state(was?.neighbour?.cropKey ?? '');
	let ground = $state(
		written(was?.neighbour?.area ?? (drawn.length > 2 ? Math.round(roughArea(drawn)) : 20))
	);
	let bloomFirst = $state(was?.neighbour?.bloomFirst ?? '');
	let bloomLast = $state(was?.neighbour?.bloomLast ?? '');
	let seenOn = $state(was?.neighbour?.seenOn ?? session.today);
	let sure = $state(was?.neighbour?.sure ?? true);
	let reason = $state('');
	let version = $state(was?.version);

	const WORD = { PLOT: 'plot', BED: 'bed', BARRIER: 'barrier', NEIGHBOUR: 'note' };
	const LABELS = {
		name: 'Name',
		plotId: 'Plot',
		east: 'Middle, east of the farm’s spot',
		north: 'Middle, north of it',
		width: 'Width',
		length: 'Length',
		turned: 'Turned',
		positionError: 'How far its place may be off',
		kind: 'What stands there',
		height: 'Height',
		held: 'Pollen it holds back',
		cropKey: 'Crop',
		area: 'Ground it takes',
		season: 'Season',
		bloomFirst: 'In bloom from',
		bloomLast: 'to',
		seenOn: 'Seen on',
		corners: 'Shape',
		reason: 'Why it is drawn otherwise'
	};

	function outline(): Schemas['Outline'] {
		if (onlySpot) return { east: numberIn('east', east), north: numberIn('north', north) };
		if (!rectangle) {
			return {
				corners: spots.map((corner, i) => ({
					east: numberIn(`corners[${i}].east`, corner.east),
					north: numberIn(`corners[${i}].north`, corner.north)
				}))
			};
		}
		return {
			east: numberIn('east', east),
			north: numberIn('north', north),
			width: numberIn('width', width),
			length: numberIn('length', length),
			turned: numberIn('turned', turned)
		};
	}

	async function send(): Promise<{ id: string; version: number }> {
		const path = { id: was?.id ?? '' };
		const changed = was ? { version, reason } : undefined;
		if (kind === 'PLOT') {
			const body = {
				name,
				outline: outline(),
				positionError: numberIn('positionError', positionError),
				changed
			};
			return ask(was ? PUT('/api/plots/{id}', { params: { path }, body }) : POST('/api/plots', { body }));
		}
		if (kind === 'BED') {
			const body = { name, outline: outline(), plotId: onPlot, changed };
			return ask(was ? PUT('/api/beds/{id}', { params: { path }, body }) : POST('/api/beds', { body }));
		}
		if (kind === 'BARRIER') {
			const share = maybeNumberIn('held', held);
			const body = {
				name,
				outline: outline(),
				kind: barrier,
				height: numberIn('height', height),
				held: share === undefined ? undefined : share / 100,
				changed
			};
			return ask(
				was ? PUT('/api/barriers/{id}', { params: { path }, body }) : POST('/api/barriers', { body })
			);
		}
		const body = {
			name,
			kind: beyond,
			...(cropKnown ? { cropKey } : {}),
			outline: outline(),
			area: numberIn('area', ground),
			season: was?.neighbour?.season ?? season,
			seenOn,
			sure: sure && cropKnown,
			...(cropKnown ? { agreedBy: was?.neighbour?.agreedBy, keptOn: was?.neighbour?.keptOn } : {}),
			...(bloomFirst ? { bloomFirst } : {}),
			...(bloomLast ? { bloomLast } : {}),
			changed
		};
		return ask(
			was ? PUT('/api/neighbours/{id}', { params: { path }, body }) : POST('/api/neighbours', { body })
		);
	}

	function keep() {
		void attempt.run(async () => {
			const now = await send();
			kept(was ? `${name} is drawn otherwise.` : `${name} is on the map.`, {
				kind,
				id: now.id,
				version: now.version,
				plotId: kind === 'BED' ? onPlot : undefined
			});
		});
	}

	const now = $derived.by((): Metres[] => {
		const [x, y, w, l, t] = [east, north, width, length, turned].map((typed) => numberTyped(typed));
		const given = onlySpot
			? [{ east: x, north: y }]
			: rectangle
				? cornersOf({ east: x, north: y, width: w, length: l, turned: t })
				: spots.map((corner) => ({ east: numberTyped(corner.east), north: numberTyped(corner.north) }));
		return given.every((corner) => Number.isFinite(corner.east) && Number.isFinite(corner.north))
			? given
			: [];
	});
	const near = (a: Metres, b: Metres) => Math.hypot(a.east - b.east, a.north - b.north) < 0.05;
	const otherwise = $derived(!was || now.some((corner) => !drawn.some((stood) => near(corner, stood))));
	$effect(() => {
		sketched(otherwise ? now : []);
		return () => sketched([]);
	});

	// What is suggested follows the plot that is chosen, and the ground as it is read again, until it is typed over.
	let offered = first;
	$effect(() => {
		const there = suggested(onPlot);
		if (was) return;
		untrack(() => offer(there));
	});
	function offer(there: typeof first) {
		if (name === offered.name) name = there.name;
		const { place } = there;
		const before = offered.place ?? usual;
		const typedOver = [
			[east, before.east],
			[north, before.north],
			[width, before.width],
			[length, before.length],
			[turned, before.turned]
		].some(([typed, given]) => typed !== round(Number(given)));
		offered = there;
		if (drawn.length > 0 || !place || typedOver) return;
		east = round(place.east);
		north = round(place.north);
		width = round(place.width);
		length = round(place.length);
		turned = round(place.turned);
	}

	function turnBy(degrees: number) {
		if (rectangle) {
			const stood = numberTyped(turned);
			if (Number.isFinite(stood)) turned = round(((stood + degrees + 540) % 360) - 180);
		} else if (now.length > 0) {
			spots = turn(now, degrees).map((corner) => ({ east: round(corner.east), north: round(corner.north) }));
		}
	}
</script>

<form
	class="grid grid-cols-2 gap-4"
	onsubmit={(event) => {
		event.preventDefault();
		keep();
	}}
>
	<div class="col-span-2">
		<TextField
			label={kind === 'NEIGHBOUR' ? 'Whose, or where' : LABELS.name}
			name="name"
			needed
			{attempt}
			bind:value={name}
		/>
	</div>
	{#if kind === 'BED' && !was}
		<div class="col-span-2">
			<ChoiceField
				label={LABELS.plotId}
				name="plotId"
				{attempt}
				bind:value={onPlot}
				choices={plots.map((plot) => ({ value: plot.id, label: plot.name }))}
			/>
		</div>
	{/if}
	{#if kind === 'BARRIER'}
		<ChoiceField
			label={LABELS.kind}
			name="kind"
			{attempt}
			bind:value={barrier}
			choices={Object.entries(BARRIER).map(([value, label]) => ({ value: value as BarrierKind, label }))}
		/>
		<MeasureField kind="length" label={LABELS.height} name="height" {attempt} bind:value={height} />
		<div class="col-span-2">
			<TextField
				label={LABELS.held}
				name="held"
				{attempt}
				bind:value={held}
				inputmode="decimal"
				unit="%"
				hint="leave empty for what is usually assumed, until yours is measured"
			/>
		</div>
	{/if}
	{#if kind === 'NEIGHBOUR'}
		<div class="col-span-2">
			<ChoiceField
				label="What is known of it"
				name="kind"
				{attempt}
				bind:value={beyond}
				choices={Object.entries(BEYOND).map(([value, label]) => ({ value: value as Beyond, label }))}
			/>
		</div>
		{#if cropKnown}
			<CropField {attempt} {crops} bind:value={cropKey} />
		{:else}
			<p class="self-center text-sm text-soft">
				{beyond === 'GARDEN'
					? 'It is taken to have a twentieth of its ground in flower with whatever could cross.'
					: 'All of it is taken to flower with whatever could cross.'}
			</p>
		{/if}
		<MeasureField
			kind="ground"
			label={beyond === 'GARDEN' ? 'Ground of the garden' : LABELS.area}
			name="area"
			{attempt}
			bind:value={ground}
		/>
		<DayField
			label={LABELS.bloomFirst}
			name="bloomFirst"
			{attempt}
			bind:value={bloomFirst}
			hint="leave empty if not known"
		/>
		<DayField label={LABELS.bloomLast} name="bloomLast" {attempt} bind:value={bloomLast} />
		<DayField label={LABELS.seenOn} name="seenOn" {attempt} bind:value={seenOn} />
		{#if cropKnown}
			<label class="flex items-center gap-2 pt-5"
				><input type="checkbox" class="checkbox" bind:checked={sure} /> I am sure of it</label
			>
		{/if}
	{/if}
	{#if rectangle || onlySpot}
		<MeasureField
			kind="length"
			label={LABELS.east}
			name="east"
			{attempt}
			bind:value={east}
			hint="west is below 0"
		/>
		<MeasureField
			kind="length"
			label={LABELS.north}
			name="north"
			{attempt}
			bind:value={north}
			hint="south is below 0"
		/>
	{/if}
	{#if rectangle && !onlySpot}
		<MeasureField kind="length" label={LABELS.width} name="width" {attempt} bind:value={width} />
		<MeasureField kind="length" label={LABELS.length} name="length" {attempt} bind:value={length} />
		<TextField label={LABELS.turned} name="turned" {attempt} bind:value={turned} unit="°" hint="clockwise" />
	{:else if !onlySpot}
		<table class="figures col-span-2">
			<thead>
				<tr><th scope="col">corner</th><th scope="col">east, m</th><th scope="col">north, m</th></tr>
			</thead>
			<tbody>
				{#each spots as corner, i (i)}
					<tr>
						<th scope="row">{i + 1}</th>
						<td
							><input
								class="input w-24"
								aria-label="Corner {i + 1}, east"
								bind:value={corner.east}
								inputmode="decimal"
							/></td
						>
						<td
							><input
								class="input w-24"
								aria-label="Corner {i + 1}, north"
								bind:value={corner.north}
								inputmode="decimal"
							/></td
						>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	{#if kind === 'PLOT'}
		<MeasureField
			kind="length"
			label={LABELS.positionError}
			name="positionError"
			{attempt}
			bind:value={positionError}
		/>
	{/if}
	{#if !onlySpot}
		<div class="col-span-2 flex flex-wrap items-end gap-2">
			<button type="button" class="btn btn-secondary" onclick={() => turnBy(-5)}>Turn left 5°</button>
			<button type="button" class="btn btn-secondary" onclick={() => turnBy(5)}>Turn right 5°</button>
		</div>
	{/if}
	{#if now.length > 2}
		<p class="col-span-2 text-sm text-soft">
			{area(roughArea(now), session.units)}; sides {sides(now)
				.map((side) => distance(side, session.units))
				.join(', ')}.
		</p>
	{/if}
	<Correcting
		{attempt}
		labels={LABELS}
		asked={!!was}
		kept="how it was"
		bind:reason
		bind:version
		rows={(theirs) => [{ label: LABELS.name, mine: name, theirs: String(theirs.name) }]}
		send={keep}
		takeTheirs={() => was && kept('Theirs stands.', { kind, id: was.id, version: was.version })}
		><Act main type="submit" disabled={attempt.busy}>Save {WORD[kind]}</Act></Correcting
	>
</form>
