<script lang="ts">
	import { page } from '$app/state';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { bloomIn, counts, weekOf, windowOf } from '$lib/bloom/week';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { Undo } from '$lib/form/undo.svelte';
	import UndoBar from '$lib/form/UndoBar.svelte';
	import FarmMap from '$lib/ground/FarmMap.svelte';
	import type { Grown, Span } from '$lib/ground/farmMap';
	import GroundFile from '$lib/ground/GroundFile.svelte';
	import GroundList from '$lib/ground/GroundList.svelte';
	import { redraw, takeOff } from '$lib/ground/keep';
	import { Elsewhere } from '$lib/ground/elsewhere.svelte';
	import NewOnMap from '$lib/ground/NewOnMap.svelte';
	import { plotFor, plotOf, suggested } from '$lib/ground/newShape';
	import { shapes as shapesOf, type Kind, type Metres, type Shape } from '$lib/ground/shape';
	import { aboutNeighbour } from '$lib/ground/neighbour';
	import Promised from '$lib/ground/Promised.svelte';
	import ShapeForm from '$lib/ground/ShapeForm.svelte';
	import MapLegend from '$lib/ground/MapLegend.svelte';
	import WeekSlider from '$lib/ground/WeekSlider.svelte';
	import { ofRipens, ofVerdict } from '$lib/mark/mark';
	import PlantingOnMap from '$lib/season/PlantingOnMap.svelte';
	import { asRequest } from '$lib/season/request';
	import { seasonName, weeksFrom } from '$lib/season/year';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { distance, tenth } from '$lib/units/units';
	import { many } from '$lib/words/words';
	import { refresh, seasonOf } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type Planting = Schemas['PlantingView'];
	type Place = Schemas['PlaceView'];
	const NO_GROUND: Metres[][] = [];

	const season = $derived(seasonOf(page.url.searchParams.get('season')));
	const thisYear = session.season;

	/** Looking and trying, or drawing the ground. */
	let drawing = $state(false);
	let chosen = $state<string | undefined>(page.url.searchParams.get('plot') ?? undefined);
	let making = $state<{ kind: Kind; byNumbers: boolean; corners?: Metres[] }>();
	/** The plot on which the last bed was laid. */
	let bedsOn = $state<string>();
	let file = $state(false);
	let sketch = $state<Metres[]>([]);
	let rough = $state.raw<Metres[]>([]);
	// svelte-ignore state_referenced_locally
	let week = $state(weekOf(session.today, weeksFrom(season)));
	const elsewhere = new Elsewhere();
	const attempt = new Attempt();
	const undo = new Undo();

	function again() {
		elsewhere.leave();
		making = undefined;
		refresh();
		void lookForPlaces();
	}

	/** Where the chosen planting could stand instead. */
	async function lookForPlaces() {
		const id = chosen;
		const [, view] = await data.found;
		const tries = !drawing && view.plantings.some((planting) => planting.id === id);
		if (id === chosen) await elsewhere.lookFor(tries ? id : undefined);
	}

	/** The worse of what crosses it and whether it ripens. */
	function stateOf(shown: Planting) {
		if (!shown.isolation) return 'eaten';
		const states = [
			ofVerdict(shown.isolation.verdict).state,
			shown.ripens ? ofRipens(shown.ripens.mark).state : 'clear'
		] as const;
		return (['crosses', 'tight', 'clear'] as const).find((state) => states.includes(state)) ?? 'clear';
	}
	function grown(plantings: Planting[], sites: Schemas['SiteView'][]): Grown[] {
		const parts = new Map(sites.map((site) => [site.plantingId, site.parts]));
		const then = new Map(elsewhere.tried.answer?.map((planting) => [planting.id, planting]) ?? []);
		return plantings.map((planting) => {
			const shown = then.get(planting.id) ?? planting;
			return {
				id: planting.id ?? '',
				name: planting.variety.name,
				parts: parts.get(planting.id ?? '') ?? NO_GROUND,
				state: stateOf(shown),
				bloom: bloomIn(shown.bloom, weeksFrom(season), week),
				loose: session.grower
			};
		});
	}
	/** Only what is thrown away or kept apart lies within a ring. */
	function drawn(rings: Schemas['RingOnMap'][]) {
		return rings
			.filter(({ ring }) => ring.decision === 'DISCARDED' || ring.decision === 'KEPT_APART')
			.map(({ ring, middle }) => ({ middle, radius: ring.radius }));
	}
	function blooming(ground: Schemas['GroundView']) {
		return Object.fromEntries(
			ground.neighbours.map(({ neighbour }) => [
				neighbour.id,
				bloomIn(windowOf(neighbour), weeksFrom(season), week)
			])
		);
	}
	function spans(planting: Planting | undefined): Span[] {
		return (
			planting?.isolation?.threats
				.filter((threat) => threat.source !== 'VOLUNTEERS')
				.slice(0, 4)
				.map((threat) => ({
					to: threat.sourceId,
					says: `${distance(threat.metres, session.units)} of ${distance(threat.asked, session.units)}`,
					state: ofVerdict(threat.verdict).state
				})) ?? []
		);
	}

	async function choose(id: string | undefined) {
		if (id === chosen) return;
		chosen = id;
		making = undefined;
		elsewhere.leave();
		await lookForPlaces();
	}

	function put(planting: Planting, place: Place) {
		void attempt.run(async () => {
			const path = { id: planting.id ?? '' };
			const reason = `moved to ${place.ground}`;
			const now = await ask(
				PUT('/api/plantings/{id}', { params: { path }, body: { ...place.then, reason } })
			);
			undo.done(`${planting.variety.name} is planned on ${place.ground}.`, () =>
				ask(
					PUT('/api/plantings/{id}', {
						params: { path },
						body: { ...asRequest(planting), version: now.version, reason: 'undone' }
					})
				)
			);
			again();
		});
	}

	function redrawn(shape: Shape | undefined, corners: Metres[]) {
		if (!shape) return;
		void attempt
			.run(async () => {
				const now = await redraw(shape, corners, 'drawn on the map');
				undo.done(`${shape.name} is drawn otherwise.`, () =>
					redraw({ ...shape, version: now.version }, shape.corners, 'undone')
				);
			})
			.then(refresh);
	}

	function kept(says: string, back: { kind: Kind; id: string; version: number; plotId?: string }) {
		bedsOn = back.plotId ?? bedsOn;
		const isNew = making !== undefined;
		undo.done(says, async () => {
			if (isNew) await takeOff(back.kind, back.id, back.version, true);
		});
		if (!isNew) undo.forget();
		again();
	}

	function off(shape: Shape) {
		void attempt.run(async () => {
			await takeOff(shape.kind, shape.id, shape.version, true);
			chosen = undefined;
			undo.done(`${shape.name} is off the map.`, () =>
				takeOff(shape.kind, shape.id, shape.version + 1, false)
			);
			again();
		});
	}

	const tool = $derived(
		!drawing
			? { does: 'drag' as const }
			: making && !making.byNumbers && !making.corners
				? { does: 'draw' as const, kind: making.kind, spot: making.kind === 'NEIGHBOUR' }
				: chosen && !making
					? { does: 'edit' as const }
					: { does: 'look' as const }
	);
	const hectares = (plots: Schemas['PlotShape'][]) =>
		plots.reduce((sum, shape) => sum + shape.plot.area, 0) / 10_000;
</script>

<Loading from={data.found} stays>
	{#snippet children([ground, view, sites, crops, rings])}
		{@const all = shapesOf(ground)}
		{@const none = ground.plots.length === 0}
		{@const plots = ground.plots.map((shape) => shape.plot)}
		{@const planting = view.plantings.find((one) => one.id === chosen)}
		{@const shape = all.find((one) => one.id === chosen)}
		{@const moved = elsewhere.tried.answer?.find((one) => one.id === chosen)}
		<Page
			title="Field"
			says={none
				? 'no plot is drawn yet'
				: `${tenth(hectares(ground.plots))} hectares, ${many(ground.plots.length, 'plot')}${drawing ? '' : ', drag to try'}`}
		>
			<div class="mb-3 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
				<div class="flex flex-wrap gap-x-5">
					<button
						type="button"
						class={['cursor-pointer py-1', !drawing ? 'border-b-3 border-ink font-bold' : 'font-semibold']}
						aria-pressed={!drawing}
						onclick={() => {
							drawing = false;
							again();
						}}>Season</button
					>
					{#if session.works}
						<button
							type="button"
							class={['cursor-pointer py-1', drawing ? 'border-b-3 border-ink font-bold' : 'font-semibold']}
							aria-pressed={drawing}
							data-key="g"
							onclick={() => {
								drawing = true;
								again();
							}}>Ground</button
						>
					{/if}
				</div>
				<nav aria-label="Season" class="flex flex-wrap gap-x-4">
					{#each [...new Set([...view.seasons, thisYear, thisYear + 1])].sort() as year (year)}
						<a
							href="/field?season={year}"
							class={['py-1', year === season ? 'font-bold' : 'text-soft hover:underline']}
							aria-current={year === season ? 'page' : undefined}>{seasonName(year)}</a
						>
					{/each}
				</nav>
			</div>
			<UndoBar {undo} {attempt} after={again} />
			{#if none && session.grower}
				<p class="mb-3">
					Draw the first plot, or <a class="quiet" href="/farm/files">take a farm in from a file</a>.
				</p>
			{/if}
			<div class="grid items-start gap-x-6 gap-y-6 lg:grid-cols-[minmax(0,1.75fr)_minmax(20rem,1fr)]">
				<div class="lg:sticky lg:top-4">
					<FarmMap
						shapes={all}
						{sketch}
						grown={drawing ? [] : grown(view.plantings, sites)}
						blooming={blooming(ground)}
						{chosen}
						{tool}
						rings={drawn(rings)}
						spans={drawing ? [] : spans(moved ?? planting)}
						from={planting?.id}
						put={elsewhere.at ? elsewhere.at.plotId : elsewhere.moving ? 'dragged' : undefined}
						chosenOnMap={(id) => void choose(id)}
						drawing={(corners) => (rough = corners)}
						drawn={(kind, corners) => (making = { kind, byNumbers: false, corners })}
						redrawn={(id, corners) =>
							redrawn(
								all.find((one) => one.id === id),
								corners
							)}
						dragged={(id, east, north) =>
							elsewhere.dragged(
								view.plantings.find((one) => one.id === id),
								east,
								north
							)}
						dropped={(id, _east, _north, plot) =>
							elsewhere.dropped(
								view.plantings.find((one) => one.id === id),
								plot
							)}
					/>
					{#if !drawing}
						<WeekSlider
							begins={weeksFrom(season)}
							bind:week
							counts={counts(
								[
									...view.plantings.map((one) => one.bloom),
									...ground.neighbours.map(({ neighbour }) => windowOf(neighbour))
								],
								weeksFrom(season)
							)}
						/>
						<MapLegend rings={drawn(rings).length > 0} />
					{/if}
				</div>
				<section class="border-l-4 border-marigold bg-paper p-5" aria-live="polite">
					{#if file}
						<h2 class="ruled mb-4">The ground as a file</h2>
						<GroundFile done={refresh} />
					{:else if drawing && making && (making.byNumbers || making.corners)}
						<h2 class="ruled mb-4">New on the map</h2>
						{#key making}
							<ShapeForm
								kind={making.kind}
								corners={making.corners ?? []}
								suggested={(on) => suggested(making!.kind, all, on)}
								{plots}
								plotId={plotFor(all, shape, making.corners ?? [], bedsOn)}
								crops={crops.items}
								{season}
								sketched={(corners) => (sketch = corners)}
								{kept}
							/>
						{/key}
					{:else if drawing && making}
						<p>
							{making.kind === 'NEIGHBOUR'
								? 'Point on the map where it grows.'
								: 'Set the corners on the map one by one; the last again on the first. Backspace gives one up.'}
						</p>
						<p class="mt-2 text-sm text-soft">
							{rough.length > 1 ? `${rough.length - 1} corners so far` : ''}
						</p>
						<button
							type="button"
							class="mt-3 cursor-pointer underline"
							onclick={() => (making = { kind: making!.kind, byNumbers: true })}>by numbers instead</button
						>
					{:else if drawing && shape}
						<h2 class="ruled mb-4">{shape.name}</h2>
						<p class="mb-3 text-sm text-soft">
							Drag it or its corners on the map, with Alt an edge for a new corner, or give exact numbers. A
							plot takes its beds along.
						</p>
						<div class="mb-3"><Trouble {attempt} labels={{ corners: 'Shape', kept: 'Seen cut' }} /></div>
						{#if shape.neighbour}
							<Promised seen={shape.neighbour} {attempt} {undo} kept={again} />
						{/if}
						{#key shape.id + shape.version}
							<ShapeForm
								kind={shape.kind}
								{shape}
								corners={shape.corners}
								suggested={() => ({ name: shape.name })}
								{plots}
								plotId={plotOf(shape) ?? ''}
								crops={crops.items}
								{season}
								sketched={(corners) => (sketch = corners)}
								{kept}
							/>
						{/key}
						{#if session.grower}
							<button type="button" class="mt-4 cursor-pointer underline" onclick={() => off(shape)}
								>take it off the map</button
							>
						{/if}
					{:else if planting}
						<PlantingOnMap
							{planting}
							{moved}
							places={elsewhere.places}
							at={elsewhere.at}
							nowhere={elsewhere.nowhere}
							{attempt}
							look={(place) => elsewhere.look(planting, place)}
							put={(place) => put(planting, place)}
						/>
					{:else if !drawing && shape?.neighbour}
						<h2 class="ruled mb-4">{shape.name}</h2>
						<p class="mb-3 text-soft">{aboutNeighbour(shape)}</p>
						<div class="mb-3"><Trouble {attempt} labels={{ kept: 'Seen cut' }} /></div>
						<Promised seen={shape.neighbour} {attempt} {undo} kept={again} />
					{:else if drawing || none}
						<NewOnMap
							{none}
							make={(kind, byNumbers) => {
								drawing = true;
								rough = [];
								making = { kind, byNumbers };
							}}
						/>
						{#if !none}
							<GroundList shapes={all} choose={(id) => void choose(id)} />
						{/if}
					{:else}
						<GroundList
							shapes={all.filter((one) => one.kind === 'PLOT' || one.kind === 'NEIGHBOUR')}
							plantings={view.plantings}
							choose={(id) => void choose(id)}
						/>
					{/if}
					{#if chosen || making || file}
						<button
							type="button"
							class="mt-4 block cursor-pointer underline"
							onclick={() => {
								chosen = undefined;
								file = false;
								again();
							}}>back to the list</button
						>
					{:else if drawing && session.grower}
						<button type="button" class="mt-4 block cursor-pointer underline" onclick={() => (file = true)}
							>save it as a file, or read one in</button
						>
					{/if}
				</section>
			</div>
		</Page>
	{/snippet}
</Loading>
