<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, day, figure, measure, pick, text, yes, type Typed } from '$lib/form/kinds';
	import { numberIn } from '$lib/form/typed';
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

	let spots = $state(drawn.map((corner) => ({ east: round(corner.east), north: round(corner.north) })));

	const WORD = { PLOT: 'plot', BED: 'bed', BARRIER: 'barrier', NEIGHBOUR: 'note' };
	const is = (...kinds: Kind[]) => kinds.includes(kind);
	const knownCrop = ({ beyond }: Typed) => beyond === 'TENDED' || beyond === 'WILD';
	const beside = () => kind === 'NEIGHBOUR';
	const sided = () => rectangle !== undefined && !onlySpot;
	const placed = () => rectangle !== undefined || onlySpot;
	const seen = was?.neighbour;
	const form = new Form(
		{
			name: text(beside() ? 'Whose, or where' : 'Name', {
				needed: true,
				start: was?.name ?? first.name,
				wide: true
			}),
			// svelte-ignore state_referenced_locally
			plotId: pick('Plot', () => plots.map((plot) => ({ value: plot.id, label: plot.name })), {
				needed: true,
				start: plotId,
				wide: true,
				when: () => is('BED') && !was
			}),
			barrier: choice('What stands there', BARRIER, {
				start: was?.barrier?.kind ?? 'HEDGE',
				refusedAs: is('BARRIER') ? ['kind'] : [],
				when: () => is('BARRIER')
			}),
			height: measure('Height', 'length', {
				needed: true,
				start: was?.barrier?.height ?? 2.5,
				when: () => is('BARRIER')
			}),
			held: figure('Pollen it holds back', {
				start: was?.barrier && Math.round(was.barrier.held * 100),
				unit: '%',
				hint: 'leave empty for what is usually assumed, until yours is measured',
				wide: true,
				when: () => is('BARRIER')
			}),
			beyond: choice('What is known of it', BEYOND, {
				start: seen?.kind ?? 'TENDED',
				refusedAs: is('NEIGHBOUR') ? ['kind'] : [],
				hint: ({ beyond }) =>
					beyond === 'GARDEN'
						? 'It is taken to have a twentieth of its ground in flower with whatever could cross.'
						: beyond === 'NOT_TOLD'
							? 'All of it is taken to flower with whatever could cross.'
							: undefined,
				wide: true,
				when: beside
			}),
			cropKey: pick(
				'Crop',
				() => [
					{ value: '', label: 'choose a crop' },
					...crops.map((crop) => ({ value: crop.key, label: `${crop.name}, ${crop.species}` }))
				],
				{ start: seen?.cropKey ?? '', when: (typed) => beside() && knownCrop(typed) }
			),
			area: measure(
				(typed) => (typed.beyond === 'GARDEN' ? 'Ground of the garden' : 'Ground it takes'),
				'ground',
				{
					needed: true,
					start: seen?.area ?? (drawn.length > 2 ? Math.round(roughArea(drawn)) : 20),
					when: beside
				}
			),
			bloomFirst: day('In bloom from', {
				start: seen?.bloomFirst,
				hint: 'leave empty if not known',
				when: beside
			}),
			bloomLast: day('to', { start: seen?.bloomLast, when: beside }),
			seenOn: day('Seen on', { needed: true, start: seen?.seenOn ?? session.today, when: beside }),
			sure: yes('I am sure of it', {
				start: seen?.sure ?? true,
				when: (typed) => beside() && knownCrop(typed)
			}),
			east: measure('Middle, east of the farm’s spot', 'length', {
				needed: true,
				start: round(rectangle?.east ?? drawn[0]?.east ?? 0),
				hint: 'west is below 0',
				when: placed
			}),
			north: measure('Middle, north of it', 'length', {
				needed: true,
				start: round(rectangle?.north ?? drawn[0]?.north ?? 0),
				hint: 'south is below 0',
				when: placed
			}),
			width: measure('Width', 'length', { needed: true, start: round(rectangle?.width ?? 40), when: sided }),
			length: measure('Length', 'length', {
				needed: true,
				start: round(rectangle?.length ?? 12),
				when: sided
			}),
			turned: figure('Turned', {
				needed: true,
				start: round(rectangle?.turned ?? 0),
				unit: '°',
				hint: 'clockwise',
				when: sided
			}),
			positionError: measure('How far its place may be off', 'length', {
				needed: true,
				start: was?.plot?.positionError ?? 3,
				when: () => is('PLOT')
			})
		},
		was && { version: was.version }
	);
	type Asked = ReturnType<typeof form.body>;
	const typed = form.typed;
	const LIES = ['east', 'north', 'width', 'length', 'turned'] as const;
	/** The other person's version as it would stand here; where it lies is seen on the map. */
	const asTyped = (theirs: Record<string, unknown>) => ({
		...form.standings,
		...theirs,
		barrier: theirs.kind,
		beyond: theirs.kind,
		held: typeof theirs.held === 'number' ? Math.round(theirs.held * 100) : undefined
	});
	/** As it is sent: its numbers, or each of its corners. */
	function outline({ east, north, width, length, turned }: Asked): Schemas['Outline'] {
		if (placed()) return { east, north, ...(sided() ? { width, length, turned } : {}) };
		return {
			corners: spots.map((corner, i) => ({
				east: numberIn(`corners[${i}].east`, corner.east),
				north: numberIn(`corners[${i}].north`, corner.north)
			}))
		};
	}
	async function send(): Promise<{ id: string; version: number }> {
		const params = { path: { id: was?.id ?? '' } };
		const typed = form.body();
		const { name, plotId, held, height, positionError, cropKey, area, seenOn, sure, beyond } = typed;
		const changed = was ? { version: form.version, reason: form.reason } : undefined;
		const drawn = { name, outline: outline(typed), changed };
		if (kind === 'PLOT') {
			const body = { ...drawn, positionError };
			return ask(was ? PUT('/api/plots/{id}', { params, body }) : POST('/api/plots', { body }));
		}
		if (kind === 'BED') {
			const body = { ...drawn, plotId: was ? onPlot : plotId };
			return ask(was ? PUT('/api/beds/{id}', { params, body }) : POST('/api/beds', { body }));
		}
		if (kind === 'BARRIER') {
			const body = { ...drawn, kind: typed.barrier, height, held: held === undefined ? held : held / 100 };
			return ask(was ? PUT('/api/barriers/{id}', { params, body }) : POST('/api/barriers', { body }));
		}
		const { bloomFirst, bloomLast } = typed;
		const body = {
			...drawn,
			kind: beyond,
			area,
			season: seen?.season ?? season,
			seenOn,
			sure: sure ?? false,
			...(knownCrop(form.standings)
				? { cropKey: cropKey ?? '', agreedBy: seen?.agreedBy, keptOn: seen?.keptOn }
				: {}),
			...(bloomFirst ? { bloomFirst } : {}),
			...(bloomLast ? { bloomLast } : {})
		};
		return ask(was ? PUT('/api/neighbours/{id}', { params, body }) : POST('/api/neighbours', { body }));
	}

	async function keep() {
		const now = await send();
		const { name } = form.standings;
		kept(was ? `${name} is drawn otherwise.` : `${name} is on the map.`, {
			kind,
			id: now.id,
			version: now.version,
			plotId: kind === 'BED' ? onPlot : undefined
		});
	}
	const onPlot = $derived(was ? plotId : form.standings.plotId);

	const now = $derived.by((): Metres[] => {
		const [x, y, w, l, t] = LIES.map((part) => numberTyped(typed[part]));
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
		if (typed.name === offered.name) typed.name = there.name;
		const { place } = there;
		const before = offered.place ?? usual;
		const typedOver = LIES.some((part) => typed[part] !== round(Number(before[part])));
		offered = there;
		if (drawn.length > 0 || !place || typedOver) return;
		for (const part of LIES) typed[part] = round(Number(place[part]));
	}

	function turnBy(degrees: number) {
		if (rectangle) {
			const stood = numberTyped(typed.turned);
			if (Number.isFinite(stood)) typed.turned = round(((stood + degrees + 540) % 360) - 180);
		} else if (now.length > 0) {
			spots = turn(now, degrees).map((corner) => ({ east: round(corner.east), north: round(corner.north) }));
		}
	}
</script>

<FormOf
	{form}
	send={keep}
	kept="how it was"
	read={asTyped}
	labels={{ corners: 'Shape', reason: 'Why it is drawn otherwise' }}
	taken={() => was && kept('Theirs stands.', { kind, id: was.id, version: was.version })}
	class="grid-cols-2 gap-4"
>
	<Fields {form} />
	{#if !placed()}
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
	{#snippet instead()}
		<Act main type="submit" disabled={form.attempt.busy}>Save {WORD[kind]}</Act>
	{/snippet}
</FormOf>
