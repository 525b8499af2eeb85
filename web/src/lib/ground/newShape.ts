import { inside, middleOf, nextBed, type Kind, type Metres, type Shape } from './shape';

/** The plot that a shape is, or lies on. */
export const plotOf = (shape: Shape | undefined) => (shape?.kind === 'PLOT' ? shape.id : shape?.bed?.plotId);

/** The plot a new bed lies on: the one it is drawn on, that is chosen, or where the last one was laid. */
export function plotFor(all: Shape[], chosen: Shape | undefined, corners: Metres[], before?: string): string {
	const plots = all.filter((one) => one.kind === 'PLOT');
	const drawnOn =
		corners.length > 2 ? plots.find((plot) => inside(middleOf(corners), plot.corners)) : undefined;
	return drawnOn?.id ?? plotOf(chosen) ?? before ?? plots[0]?.id ?? '';
}

/** What a new shape may be called, and where a new bed may lie on its plot. */
export function suggested(kind: Kind, all: Shape[], onPlot: string) {
	const same = all.filter((shape) => shape.kind === kind && (kind !== 'BED' || shape.bed?.plotId === onPlot));
	const names = new Set(same.map((shape) => shape.name.toLowerCase()));
	const word = { PLOT: 'Plot', BED: 'Bed', BARRIER: '', NEIGHBOUR: '' }[kind];
	let number = same.length + 1;
	while (names.has(`${word} ${number}`.toLowerCase())) number++;
	const plot = all.find((shape) => shape.id === onPlot);
	const beds = same
		.toSorted((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }))
		.map((shape) => shape.corners);
	return {
		name: word ? `${word} ${number}` : '',
		place: kind === 'BED' && plot ? nextBed(plot.corners, beds) : undefined
	};
}
