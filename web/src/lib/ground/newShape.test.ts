import { describe, expect, it } from 'vitest';
import { plotFor, suggested } from './newShape';
import { cornersOf, inside, type Metres, type Shape } from './shape';

const square = (east: number): Metres[] => [
	{ east: east - 20, north: -20 },
	{ east: east + 20, north: -20 },
	{ east: east + 20, north: 20 },
	{ east: east - 20, north: 20 }
];
const plot = (id: string, name: string, east: number) =>
	({ kind: 'PLOT', id, name, corners: square(east) }) as Shape;
const bed = (id: string, name: string, plotId: string) =>
	({ kind: 'BED', id, name, corners: square(0).slice(0, 3), bed: { plotId } }) as unknown as Shape;
const all = [plot('p1', 'Plot 1', 0), plot('p2', 'plot 3', 100), bed('b1', 'Bed 1', 'p1')];

describe('what is new on the map', () => {
	it('is called by the next number that is free', () => {
		expect(suggested('PLOT', all, '').name).toBe('Plot 4');
		expect(suggested('BED', all, 'p1').name).toBe('Bed 2');
		expect(suggested('BED', all, 'p2').name).toBe('Bed 1');
		expect(suggested('BARRIER', all, '').name).toBe('');
	});
	it('lies on its plot, where it is a bed', () => {
		const place = suggested('BED', all, 'p2').place!;
		expect(cornersOf(place).every((corner) => inside(corner, square(100)))).toBe(true);
		expect(suggested('PLOT', all, 'p2').place).toBeUndefined();
	});
	it('belongs to the plot it is drawn on, else to the chosen, else to the last, else to the first', () => {
		expect(plotFor(all, all[0], square(100), 'p1')).toBe('p2');
		expect(plotFor(all, all[2], [], 'p2')).toBe('p1');
		expect(plotFor(all, undefined, [], 'p2')).toBe('p2');
		expect(plotFor(all, undefined, [])).toBe('p1');
		expect(plotFor([], undefined, [])).toBe('');
	});
});
