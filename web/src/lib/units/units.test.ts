import { describe, expect, it } from 'vitest';
import { MEASURES, area, distance, mass, numberTyped, oneIn, percent, temperature } from './units';

describe('units at the edge', () => {
	it('shows mass in the unit that reads best', () => {
		expect(mass(204, 'METRIC')).toBe('204 g');
		expect(mass(36200, 'METRIC')).toBe('36.2 kg');
		expect(mass(0.6264, 'METRIC')).toBe('0.626 g');
		expect(mass(28.349523125, 'US')).toBe('1 oz');
		expect(mass(4535.9237, 'US')).toBe('10 lb');
	});
	it('shows length, ground and warmth', () => {
		expect(distance(161.3, 'METRIC')).toBe('161 m');
		expect(distance(1600, 'METRIC')).toBe('1.6 km');
		expect(distance(30.48, 'US')).toBe('100 ft');
		expect(area(19.8, 'METRIC')).toBe('20 m²');
		expect(temperature(26.5, 'METRIC')).toBe('26.5 °C');
		expect(temperature(20, 'US')).toBe('68 °F');
	});
	it('gives shares the figures they deserve', () => {
		expect(percent(0.91)).toBe('91 %');
		expect(percent(0.029)).toBe('2.9 %');
		expect(percent(0.0004)).toBe('0.04 %');
		expect(oneIn(0.036)).toBe('1 in 30');
		expect(oneIn(0.00016)).toBe('1 in 6,000');
		expect(oneIn(0)).toBe('none');
	});
	it.each([
		['6.482', 6.482],
		['6,482', 6.482],
		[' 1 200 ', 1200],
		['-3', -3]
	])('reads %s', (typed, value) => expect(numberTyped(typed)).toBe(value));
	it.each(['', 'abc', '1.2.3', '12g', '1e5', 'NaN'])('does not read %s', (typed) =>
		expect(numberTyped(typed)).toBeNaN()
	);
});

describe('measures that are typed', () => {
	it.each([
		['length', 'US', 100, 30.48],
		['ground', 'US', 100, 9.290304],
		['warmth', 'US', 72, 22.2222222222],
		['warmth', 'METRIC', 22, 22]
	] as const)('%s in %s units are read and shown alike', (kind, units, shown, si) => {
		const measure = MEASURES[kind][units];
		expect(measure.si(shown)).toBeCloseTo(si, 9);
		expect(measure.shown(measure.si(shown))).toBeCloseTo(shown, 9);
	});
});
