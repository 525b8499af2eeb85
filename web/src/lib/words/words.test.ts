import { describe, expect, it } from 'vitest';
import { clock, dayMonth, hoursBetween, inZone, longDay, moment } from './dates';
import { listed, many, placed } from './words';

describe('words', () => {
	it('says a numbered place in small letters, and any other by its own name', () => {
		expect(placed('Plot 7, bed 5')).toBe('plot 7, bed 5');
		expect(placed('Crook End')).toBe('Crook End');
		expect(placed('N13')).toBe('N13');
		expect(placed('Plot by the burn')).toBe('Plot by the burn');
	});
	it('lists', () => {
		expect(listed(['a'])).toBe('a');
		expect(listed(['a', 'b', 'c'])).toBe('a, b and c');
	});
	it('counts one and many', () => {
		expect(many(1, 'plant')).toBe('1 plant');
		expect(many(1440, 'plant')).toBe('1,440 plants');
	});
});

describe('dates', () => {
	it('says days', () => {
		expect(longDay('2026-08-14')).toBe('Friday 14 August');
		expect(dayMonth('2026-08-14', '2026-01-01')).toBe('14 Aug');
		expect(dayMonth('2025-08-14', '2026-01-01')).toBe('14 Aug 2025');
		expect(clock(9.6666667)).toBe('09:40');
	});
	it('keeps the farm’s own clock', () => {
		expect(inZone('2026-08-14T11:19:33Z', 'Atlantic/Azores')).toBe('2026-08-14T11:19');
		expect(inZone('2026-01-14T11:19:33Z', 'Atlantic/Azores')).toBe('2026-01-14T10:19');
		expect(moment('2026-08-14T11:19', '2026-08-14T07:10')).toBe('11:19');
		expect(moment('2026-08-16T15:00', '2026-08-14T07:10')).toBe('Sun 15:00');
		expect(hoursBetween('2026-08-14T07:10:00', '2026-08-14T11:40:00')).toBe(4.5);
	});
});
