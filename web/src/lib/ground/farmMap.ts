import Feature from 'ol/Feature';
import Map from 'ol/Map';
import View from 'ol/View';
import ScaleLine from 'ol/control/ScaleLine';
import { boundingExtent, buffer, containsExtent, extend, getCenter, type Extent } from 'ol/extent';
import Circle from 'ol/geom/Circle';
import LineString from 'ol/geom/LineString';
import MultiPolygon from 'ol/geom/MultiPolygon';
import Point from 'ol/geom/Point';
import Polygon from 'ol/geom/Polygon';
import { altKeyOnly } from 'ol/events/condition';
import { defaults } from 'ol/interaction/defaults';
import Draw from 'ol/interaction/Draw';
import Modify from 'ol/interaction/Modify';
import Snap from 'ol/interaction/Snap';
import Translate from 'ol/interaction/Translate';
import VectorLayer from 'ol/layer/Vector';
import Projection from 'ol/proj/Projection';
import VectorSource from 'ol/source/Vector';
import type { MarkState } from '$lib/mark/mark';
import { lineStyle, plantingStyle, readInk, ringStyle, shapeStyle, sketchStyle, type Ink } from './ink';
import { middleOf, type Kind, type Metres, type Shape } from './shape';

/** A planting as the map draws it. */
export interface Grown {
	id: string;
	name: string;
	parts: Metres[][];
	state: MarkState | 'eaten';
	/** How strongly it blooms in the week that is looked at, 0 to 1. */
	bloom: number;
	/** Whether the grower may drag it. */
	loose: boolean;
}

/** A line from the planting that is dragged to what threatens it. */
export interface Span {
	to: string;
	says: string;
	state: MarkState;
}

/** A ring of suspect seed round an off-type. */
export interface Ring {
	middle: Metres;
	radius: number;
}

/** What the map tells of what is done on it. */
export interface Heard {
	/** The metres at its left and upper edge, and pixels a metre. */
	shown: (west: number, north: number, scale: number) => void;
	chosen: (id: string | undefined) => void;
	drawn: (kind: Kind, corners: Metres[]) => void;
	drawing: (corners: Metres[]) => void;
	redrawn: (id: string, corners: Metres[]) => void;
	dragged: (planting: string, east: number, north: number) => void;
	dropped: (planting: string, east: number, north: number, onPlot: string | undefined) => void;
}

const LATE_CLICK_MS = 500;

const metresOf = (coordinate: number[]): Metres => ({ east: coordinate[0], north: coordinate[1] });
const coordinateOf = ({ east, north }: Metres) => [east, north];
/** Labels of all layers make room for one another, the upper ones first: none lies on another. */
const LABELS = 'labels';

const standing = ({ parts }: Grown) => new MultiPolygon(parts.map((part) => [ring(part)]));
const ring = (corners: Metres[]) => [...corners, corners[0]].map(coordinateOf);

/** The farm in true metres from its own spot, north up; no tiles, nothing from anywhere else. */
export class FarmMap {
	readonly #map: Map;
	readonly #shapes = new VectorSource();
	readonly #plantings = new VectorSource();
	readonly #spans = new VectorSource();
	readonly #rings = new VectorSource();
	readonly #sketch = new VectorSource();
	readonly #ink: Ink;
	readonly #heard: Heard;
	readonly #snap = new Snap({ source: this.#shapes, pixelTolerance: 10 });
	#tools: (Draw | Modify | Translate)[] = [];
	#framed = false;
	/** The click that ends a shape is heard once more, a moment later, as one on what lies below. */
	#drawnUntil = 0;
	#chosen?: string;

	constructor(target: HTMLElement, heard: Heard) {
		this.#heard = heard;
		this.#ink = readInk(target);
		const projection = new Projection({ code: 'farm', units: 'm', extent: [-6000, -6000, 6000, 6000] });
		this.#map = new Map({
			target,
			controls: [new ScaleLine({ units: 'metric', minWidth: 70 })],
			interactions: defaults({ altShiftDragRotate: false, pinchRotate: false }),
			layers: [
				new VectorLayer({
					declutter: LABELS,
					source: this.#shapes,
					style: (feature) => shapeStyle(feature as Feature, this.#ink, this.#chosen)
				}),
				new VectorLayer({
					declutter: LABELS,
					source: this.#plantings,
					style: (feature, resolution) =>
						plantingStyle(feature as Feature, this.#ink, this.#chosen, resolution)
				}),
				new VectorLayer({
					declutter: LABELS,
					source: this.#spans,
					style: (feature) => lineStyle(feature as Feature, this.#ink)
				}),
				new VectorLayer({ source: this.#rings, style: ringStyle(this.#ink) }),
				new VectorLayer({ source: this.#sketch, style: sketchStyle(this.#ink) })
			],
			view: new View({ projection, center: [0, 0], resolution: 1, minResolution: 0.02, maxResolution: 12 })
		});
		this.#map.on('postrender', ({ frameState }) => {
			if (!frameState?.extent) return;
			const [west, , , north] = frameState.extent;
			heard.shown(west, north, 1 / frameState.viewState.resolution);
		});
		this.#map.on('singleclick', (event) => {
			if (performance.now() < this.#drawnUntil) return;
			const feature = this.#map.getFeaturesAtPixel(event.pixel, { hitTolerance: 4 })[0] as
				Feature | undefined;
			heard.chosen(feature?.getId() as string | undefined);
		});
	}

	/** Draws rings of suspect seed. */
	rings(rings: Ring[]) {
		this.#rings.clear();
		this.#rings.addFeatures(
			rings.map(({ middle, radius }) => new Feature(new Circle(coordinateOf(middle), radius)))
		);
	}

	/** Draws the ground anew. */
	ground(shapes: Shape[]) {
		const known = new Set(this.#shapes.getFeatures().map((feature) => feature.getId()));
		this.#shapes.clear();
		this.#shapes.addFeatures(
			shapes.map((shape) => {
				const spot = shape.corners.length === 1;
				const feature = new Feature(
					spot ? new Point(coordinateOf(shape.corners[0])) : new Polygon([ring(shape.corners)])
				);
				feature.setId(shape.id);
				feature.setProperties({ kind: shape.kind, name: shape.name, shape });
				return feature;
			})
		);
		if (!this.#framed && shapes.length > 0) return this.#frame(shapes);
		const fresh = shapes.filter((shape) => !known.has(shape.id));
		if (known.size > 0 && fresh.length === 1) this.#bringIntoView(fresh[0].corners);
	}

	/** Shows a shape as it would be; nothing when it has no corners. */
	sketch(corners: Metres[]) {
		this.#sketch.clear();
		if (corners.length === 0) return;
		const spot = corners.length === 1;
		this.#sketch.addFeature(
			new Feature(spot ? new Point(coordinateOf(corners[0])) : new Polygon([ring(corners)]))
		);
		this.#bringIntoView(corners);
	}

	/** Draws what grows, with its marks and what blooms; what is being dragged stays under the hand. */
	plantings(grown: Grown[], blooming: Record<string, number>) {
		const there = new Set(grown.map((planting) => planting.id));
		this.#plantings
			.getFeatures()
			.filter((feature) => !there.has(feature.getId() as string))
			.forEach((feature) => this.#plantings.removeFeature(feature));
		for (const planting of grown) {
			const known = this.#plantings.getFeatureById(planting.id) as Feature | null;
			if (!known) {
				const feature = new Feature(standing(planting));
				feature.setId(planting.id);
				feature.set('planting', planting);
				this.#plantings.addFeature(feature);
				continue;
			}
			const before = known.get('planting') as Grown;
			known.set('planting', planting);
			if (before.parts !== planting.parts) known.setGeometry(standing(planting));
		}
		this.#shapes.forEachFeature((feature) => {
			feature.set('bloom', blooming[feature.getId() as string] ?? 0, true);
		});
		this.#shapes.changed();
	}

	/** Puts a planting that was dragged back where it is planned. */
	putBack(id: string) {
		const feature = this.#plantings.getFeatureById(id) as Feature | null;
		feature?.setGeometry(standing(feature.get('planting') as Grown));
	}

	/** Shows a planting in the middle of a plot, where it would stand. */
	putOn(id: string, plot: string) {
		const feature = this.#plantings.getFeatureById(id) as Feature | null;
		const under = this.#shapes.getFeatureById(plot) as Feature | null;
		if (!feature || !under) return;
		const from = this.#middle(feature);
		const to = this.#middle(under);
		feature.getGeometry()?.translate(to[0] - from[0], to[1] - from[1]);
	}

	/** Lines from one planting to what threatens it, with what they say. */
	spans(from: string, spans: Span[]) {
		this.#spans.clear();
		const start = this.#centre(from);
		if (!start) return;
		for (const span of spans) {
			const end = this.#centre(span.to);
			if (!end) continue;
			const feature = new Feature(new LineString([start, end]));
			feature.setProperties({ span });
			this.#spans.addFeature(feature);
		}
	}

	choose(id: string | undefined) {
		this.#chosen = id;
		this.#shapes.changed();
		this.#plantings.changed();
	}

	/** Lets nothing be changed but by choosing. */
	look() {
		this.#use([]);
	}

	/** Lets plantings be dragged about. */
	drag() {
		const translate = new Translate({
			filter: (feature) => (feature.get('planting') as Grown | undefined)?.loose === true,
			hitTolerance: 4
		});
		let start: number[] | undefined;
		translate.on('translatestart', (event) => {
			start = this.#middle(event.features.item(0) as Feature);
			this.#heard.chosen(event.features.item(0).getId() as string);
		});
		const moved = (feature: Feature) => {
			const now = this.#middle(feature);
			return [now[0] - start![0], now[1] - start![1]];
		};
		translate.on('translating', (event) => {
			const feature = event.features.item(0) as Feature;
			const [east, north] = moved(feature);
			this.#heard.dragged(feature.getId() as string, east, north);
		});
		translate.on('translateend', (event) => {
			const feature = event.features.item(0) as Feature;
			const [east, north] = moved(feature);
			const plot = this.#shapes
				.getFeaturesAtCoordinate(this.#middle(feature))
				.find((under) => under.get('kind') === 'PLOT');
			this.#heard.dropped(feature.getId() as string, east, north, plot?.getId() as string | undefined);
		});
		this.#use([translate]);
	}

	/** Lets a new shape be drawn, corner by corner; a neighbour's may be one spot. */
	draw(kind: Kind, spot: boolean) {
		const draw = new Draw({ source: new VectorSource(), type: spot ? 'Point' : 'Polygon' });
		draw.on('drawstart', (event) => {
			event.feature.getGeometry()?.on('change', () => this.#heard.drawing(this.#cornersOf(event.feature)));
		});
		draw.on('drawend', (event) => {
			this.#drawnUntil = performance.now() + LATE_CLICK_MS;
			this.#heard.drawn(kind, this.#cornersOf(event.feature));
		});
		this.#use([draw]);
	}

	/** Lets the chosen shape be moved, and its corners pulled. */
	edit(id: string) {
		const feature = this.#shapes.getFeatureById(id) as Feature | null;
		if (!feature) return this.look();
		const source = new VectorSource({ features: [feature] });
		// A corner is pulled; with Alt, an edge gets a new one. Anywhere else the whole shape is moved.
		const modify = new Modify({ source, pixelTolerance: 9, insertVertexCondition: altKeyOnly });
		const translate = new Translate({ filter: (under) => under === feature, hitTolerance: 4 });
		const kept = () => this.#heard.redrawn(id, this.#cornersOf(feature));
		modify.on('modifyend', kept);
		translate.on('translateend', kept);
		feature.getGeometry()?.on('change', () => this.#heard.drawing(this.#cornersOf(feature)));
		this.#use([translate, modify]);
	}

	/** Gives up the corner that was set last while a shape is drawn. */
	backOneCorner() {
		for (const tool of this.#tools) if (tool instanceof Draw) tool.removeLastPoint();
	}

	/** Shows the whole farm. */
	frame(shapes: Shape[]) {
		this.#frame(shapes);
	}

	zoom(factor: number) {
		const view = this.#map.getView();
		view.setResolution((view.getResolution() ?? 1) / factor);
	}

	dispose() {
		this.#map.setTarget(undefined);
		this.#map.dispose();
	}

	#use(tools: (Draw | Modify | Translate)[]) {
		this.#tools.forEach((tool) => this.#map.removeInteraction(tool));
		this.#map.removeInteraction(this.#snap);
		this.#tools = tools;
		tools.forEach((tool) => this.#map.addInteraction(tool));
		if (tools.some((tool) => !(tool instanceof Translate))) this.#map.addInteraction(this.#snap);
	}

	/** Steps back as far as it takes to see a shape beside what is seen. */
	#bringIntoView(corners: Metres[]) {
		const view = this.#map.getView();
		const seen = view.calculateExtent(this.#map.getSize());
		const wanted = boundingExtent(corners.map(coordinateOf));
		if (!containsExtent(seen, wanted)) view.fit(buffer(extend(seen, wanted), 15));
	}

	#frame(shapes: Shape[]) {
		const own = shapes.filter((shape) => shape.kind === 'PLOT' || shape.kind === 'BED');
		const shown = own.length > 0 ? own : shapes;
		const extent: Extent = boundingExtent(shown.flatMap((shape) => shape.corners.map(coordinateOf)));
		this.#map.updateSize();
		this.#map.getView().fit(buffer(extent, 30), { padding: [24, 24, 40, 24] });
		this.#framed = true;
	}

	#cornersOf(feature: Feature): Metres[] {
		const geometry = feature.getGeometry();
		if (geometry instanceof Point) return [metresOf(geometry.getCoordinates())];
		return (geometry as Polygon).getCoordinates()[0].slice(0, -1).map(metresOf);
	}

	#middle(feature: Feature): number[] {
		return getCenter(feature.getGeometry()!.getExtent());
	}

	#centre(id: string): number[] | undefined {
		const feature = (this.#plantings.getFeatureById(id) ?? this.#shapes.getFeatureById(id)) as Feature | null;
		if (!feature) return undefined;
		const shape = feature.get('shape') as Shape | undefined;
		return shape ? coordinateOf(middleOf(shape.corners)) : this.#middle(feature);
	}
}
