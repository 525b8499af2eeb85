import { ask, POST, PUT, type Schemas } from '$lib/api/api';
import { byCorners, type Kind, type Metres, type Shape } from './shape';

type Changed = Schemas['Changed'];

/** Sends a shape as it is drawn now, from the version it was drawn on; gives back how it stands then. */
export async function redraw(shape: Shape, corners: Metres[], reason: string): Promise<{ version: number }> {
	const outline = byCorners(corners);
	const changed: Changed = { version: shape.version, reason };
	const path = { id: shape.id };
	const { name } = shape;
	if (shape.plot) {
		const body = { name, outline, positionError: shape.plot.positionError, changed };
		return ask(PUT('/api/plots/{id}', { params: { path }, body }));
	}
	if (shape.bed) {
		const body = { name, outline, plotId: shape.bed.plotId, changed };
		return ask(PUT('/api/beds/{id}', { params: { path }, body }));
	}
	if (shape.barrier) {
		const { kind, height, held } = shape.barrier;
		const body = { name, outline, kind, height, held, changed };
		return ask(PUT('/api/barriers/{id}', { params: { path }, body }));
	}
	const { kind, cropKey, area, season, bloomFirst, bloomLast, seenOn, sure, agreedBy, keptOn } =
		shape.neighbour!;
	const about = { kind, cropKey, area, season, bloomFirst, bloomLast, seenOn, sure, agreedBy, keptOn };
	return ask(PUT('/api/neighbours/{id}', { params: { path }, body: { name, outline, ...about, changed } }));
}

/** Takes a shape off the map, or puts it back. */
export function takeOff(kind: Kind, id: string, version: number, removed: boolean) {
	return ask(
		POST('/api/ground/{kind}/{id}/removed', {
			params: { path: { kind, id } },
			body: { version, removed }
		})
	);
}
