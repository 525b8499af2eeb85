import { describe, expect, it } from 'vitest';
import { figureOf, type Kind } from './figures';

describe('what a line of an instrument says', () => {
	it.each<[string, Kind, number | undefined]>([
		['  412.5 g', 'SCALE', 412.5],
		['ST,GS,+  0412.5g', 'SCALE', 412.5],
		['-0,35 kg', 'SCALE', -350],
		['1200', 'SCALE', 1200],
		['2 lb', 'SCALE', 907.1847],
		['0.5oz', 'SCALE', 14.1748],
		['77.0 °F', 'MASH', 25],
		['25.4C', 'AIR', 25.4],
		['61 %', 'HUMIDITY', 61],
		['21.5 °C', 'SCALE', undefined],
		['412 g', 'MASH', undefined],
		['ready', 'SCALE', undefined],
		['', 'SCALE', undefined]
	])('%s of a %s is %s', (line, kind, value) => {
		expect(figureOf(line, kind)?.value).toBe(value);
	});
});
