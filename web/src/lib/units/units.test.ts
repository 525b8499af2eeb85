import { afterEach, describe, expect, it } from 'vitest';
import { reader } from '$lib/words/reader.svelte';
import {
	MEASURES,
	area,
	countTyped,
	distance,
	mass,
	numberTyped,
	oneIn,
	percent,
	temperature,
	twoReadings,
	written
} from './units';

describe('units at the edge', () => {
	afterEach(() => {
		reader.locale = 'en-GB';
	});
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
	const BOTH: [string, number][] = [
		[' 1 200 ', 1200],
		['1’200', 1200],
		['-3', -3],
		['0,5', 0.5],
		['0.125', 0.125],
		[',5', 0.5],
		['1,5', 1.5],
		['7,1234', 7.1234],
		['1,234.5', 1234.5],
		['1.234,5', 1234.5],
		['1,234,567', 1_234_567]
	];
	const READ: [string, string, number][] = [
		['en-GB', '6.482', 6.482],
		['en-GB', '1,000', 1000],
		['en-GB', '12,500', 12_500],
		['de-DE', '6,482', 6.482],
		['de-DE', '1.000', 1000],
		...['en-GB', 'de-DE', 'fr-FR'].flatMap((locale) =>
			BOTH.map(([typed, value]): [string, string, number] => [locale, typed, value])
		)
	];
	it.each(READ)('by %s reads %s', (locale, typed, value) => {
		reader.locale = locale;
		expect(numberTyped(typed)).toBe(value);
	});
	it.each(['en-GB', 'de-DE'])('by %s a count of 1,000 is never one', (locale) => {
		reader.locale = locale;
		expect([countTyped('1,000'), countTyped('1.000'), countTyped('25')]).toEqual([1000, 1000, 25]);
		expect([countTyped('1.5'), countTyped('0,5'), countTyped('many')]).toEqual([NaN, NaN, NaN]);
	});
	it.each(['en-GB', 'de-DE', 'fr-FR'])('by %s reads what it has written itself', (locale) => {
		reader.locale = locale;
		for (const value of [1.234, 12.5, 0.125, 1234.567, -3, 250])
			expect(numberTyped(written(value))).toBe(value);
		expect(written(undefined)).toBe('');
	});
	it('knows what others read otherwise', () => {
		expect(['1,250', '12.500', '999,000'].every(twoReadings)).toBe(true);
		expect(['0,250', '1,25', '1250', '1,250.5', '1234,567'].some(twoReadings)).toBe(false);
	});
	it.each(['', 'abc', '1.2.3', '1,23,4', '1.234,567.8', '12g', '1e5', 'NaN'])('does not read %s', (typed) =>
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
