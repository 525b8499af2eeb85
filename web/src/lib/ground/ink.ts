import { placed } from '$lib/words/words';
import type Feature from 'ol/Feature';
import type MultiPolygon from 'ol/geom/MultiPolygon';
import Point from 'ol/geom/Point';
import CircleStyle from 'ol/style/Circle';
import Fill from 'ol/style/Fill';
import Stroke from 'ol/style/Stroke';
import Style from 'ol/style/Style';
import Text from 'ol/style/Text';
import type { Grown, Span } from './farmMap';
import type { Shape } from './shape';

/** The theme's colours as a canvas needs them. */
export interface Ink {
	ink: string;
	soft: string;
	paper: string;
	ground: string;
	line: string;
	marigold: string;
	beet: string;
	onBeet: string;
	alarm: string;
	chaff: string;
	hatch: string;
	font: string;
}

export function readInk(element: HTMLElement): Ink {
	const style = getComputedStyle(element);
	const value = (name: string) => style.getPropertyValue(name).trim();
	return {
		ink: value('--color-base-content'),
		soft: value('--soft'),
		paper: value('--color-base-100'),
		ground: value('--color-base-200'),
		line: value('--color-base-300'),
		marigold: value('--color-accent'),
		beet: value('--beet'),
		onBeet: value('--on-beet'),
		alarm: value('--color-error'),
		chaff: value('--chaff'),
		hatch: value('--hatch'),
		font: style.fontFamily
	};
}

const patterns = new Map<string, CanvasPattern>();

/** Stripes across a fill, or dots for a wood: a state is never told by colour alone. */
function pattern(kind: 'tight' | 'wood', ink: Ink): CanvasPattern {
	const key = kind + ink.paper;
	const known = patterns.get(key);
	if (known) return known;
	const tile = document.createElement('canvas');
	tile.width = tile.height = kind === 'tight' ? 12 : 14;
	const pen = tile.getContext('2d')!;
	if (kind === 'tight') {
		pen.fillStyle = ink.paper;
		pen.fillRect(0, 0, 12, 12);
		pen.strokeStyle = ink.hatch;
		pen.lineWidth = 4;
		for (const shift of [-12, 0, 12]) {
			pen.beginPath();
			pen.moveTo(shift - 2, 14);
			pen.lineTo(shift + 14, -2);
			pen.stroke();
		}
	} else {
		pen.fillStyle = ink.chaff;
		pen.fillRect(0, 0, 14, 14);
		pen.fillStyle = ink.soft;
		for (const [x, y] of [
			[3.5, 3.5],
			[10.5, 10.5]
		]) {
			pen.beginPath();
			pen.arc(x, y, 2.2, 0, 7);
			pen.fill();
		}
	}
	const made = pen.createPattern(tile, 'repeat')!;
	patterns.set(key, made);
	return made;
}

const words = (text: string, ink: Ink, more: ConstructorParameters<typeof Text>[0] = {}) =>
	new Text({
		text,
		font: `600 13px ${ink.font}`,
		fill: new Fill({ color: ink.ink }),
		stroke: new Stroke({ color: ink.paper, width: 3.5 }),
		overflow: true,
		...more
	});

/** Its north-western corner. */
function corner(shape: Shape): number[] {
	const ranked = shape.corners.toSorted((a, b) => b.north - b.east - (a.north - a.east));
	return [ranked[0].east, ranked[0].north];
}

function tall(shape: Shape): boolean {
	const easts = shape.corners.map((one) => one.east);
	const norths = shape.corners.map((one) => one.north);
	return Math.max(...norths) - Math.min(...norths) > 2 * (Math.max(...easts) - Math.min(...easts));
}

/** Plots, beds, barriers and what neighbours grow. */
export function shapeStyle(feature: Feature, ink: Ink, chosen: string | undefined): Style | Style[] {
	const shape = feature.get('shape') as Shape;
	const picked = feature.getId() === chosen;
	const stroke = (color: string, width: number) =>
		new Stroke({ color: picked ? ink.marigold : color, width: picked ? 4 : width });
	switch (shape.kind) {
		case 'PLOT':
			return [
				new Style({ fill: new Fill({ color: ink.ground }), stroke: stroke(ink.soft, 1.2), zIndex: 1 }),
				new Style({
					geometry: new Point(corner(shape)),
					text: words(placed(shape.name), ink, {
						font: `500 12px ${ink.font}`,
						fill: new Fill({ color: ink.soft }),
						stroke: undefined,
						textAlign: 'left',
						textBaseline: 'bottom',
						offsetY: -3
					}),
					zIndex: 4
				})
			];
		case 'BED':
			return new Style({ fill: new Fill({ color: ink.paper }), stroke: stroke(ink.line, 1), zIndex: 2 });
		case 'BARRIER':
			return new Style({
				fill: new Fill({ color: shape.barrier?.kind === 'BUILDING' ? ink.soft : pattern('wood', ink) }),
				stroke: stroke(ink.soft, 1),
				text: words(placed(shape.name), ink, {
					font: `500 12px ${ink.font}`,
					rotation: tall(shape) ? -Math.PI / 2 : 0,
					offsetY: tall(shape) ? 0 : 16
				}),
				zIndex: 3
			});
		case 'NEIGHBOUR': {
			const bloom = (feature.get('bloom') as number | undefined) ?? 0;
			const fill = new Fill({ color: bloom > 0.02 ? ink.marigold : ink.chaff });
			return new Style({
				image: new CircleStyle({ radius: 7, fill, stroke: stroke(ink.ink, 1.4), declutterMode: 'none' }),
				fill,
				stroke: stroke(ink.ink, 1.4),
				text: words(shape.name, ink, { offsetY: 17 }),
				zIndex: 4
			});
		}
	}
}

/** Plantings with their marks; a marigold disc as large as the bloom of the week. */
export function plantingStyle(
	feature: Feature,
	ink: Ink,
	chosen: string | undefined,
	resolution: number
): Style[] {
	const planting = feature.get('planting') as Grown;
	const picked = planting.id === chosen;
	const fills = {
		clear: ink.paper,
		eaten: ink.ground,
		tight: pattern('tight', ink),
		crosses: ink.beet
	};
	const geometry = feature.getGeometry() as MultiPolygon;
	const extent = geometry.getExtent();
	const wide = (extent[2] - extent[0]) / resolution;
	// Names of thin beds beside each other would lie on one another; they show nearer by.
	const deep = geometry.getArea() / Math.hypot(extent[2] - extent[0], extent[3] - extent[1]) / resolution;
	const styles = [
		new Style({
			fill: new Fill({ color: fills[planting.state] }),
			stroke: new Stroke({ color: picked ? ink.marigold : ink.ink, width: picked ? 4 : 1.8 }),
			zIndex: picked ? 9 : 5
		})
	];
	if ((wide > 44 && deep > 5) || picked) {
		const dark = planting.state === 'crosses';
		styles.push(
			new Style({
				text: words(planting.name, ink, {
					font: `700 13px ${ink.font}`,
					fill: new Fill({ color: dark ? ink.onBeet : ink.ink }),
					stroke: new Stroke({ color: dark ? ink.beet : ink.paper, width: 3.5 })
				}),
				zIndex: 10
			})
		);
	}
	if (planting.bloom > 0.02) {
		styles.push(
			new Style({
				geometry: new Point([extent[2], extent[3]]),
				image: new CircleStyle({
					radius: 4 + 7 * planting.bloom,
					fill: new Fill({ color: ink.marigold }),
					stroke: new Stroke({ color: ink.ink, width: 1.4 }),
					declutterMode: 'none'
				}),
				zIndex: 11
			})
		);
	}
	return styles;
}

/** What would be drawn, and is not kept yet. */
export function sketchStyle(ink: Ink): Style {
	const stroke = new Stroke({ color: ink.ink, width: 2.4, lineDash: [6, 5] });
	const image = new CircleStyle({ radius: 7, stroke, fill: new Fill({ color: ink.paper }) });
	return new Style({ stroke, image, zIndex: 15 });
}

/** Round an off-type that shed pollen. */
export function ringStyle(ink: Ink): Style {
	return new Style({ stroke: new Stroke({ color: ink.alarm, width: 2.4, lineDash: [3, 4] }), zIndex: 14 });
}

/** The line to a threat, with how far and how far is asked. */
export function lineStyle(feature: Feature, ink: Ink): Style {
	const span = feature.get('span') as Span;
	const color = span.state === 'crosses' ? ink.alarm : ink.ink;
	return new Style({
		stroke: new Stroke({ color, width: 2.4, lineDash: span.state === 'clear' ? [2, 6] : [7, 5] }),
		text: words(span.says, ink, {
			font: `700 13px ${ink.font}`,
			fill: new Fill({ color: ink.paper }),
			stroke: undefined,
			backgroundFill: new Fill({ color: ink.ink }),
			padding: [3, 6, 2, 6]
		}),
		zIndex: 20
	});
}
