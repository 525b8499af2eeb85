import { beforeEach, describe, expect, it } from 'vitest';
import { dayPattern, dayTyped, dayWritten } from './days';
import { reader } from './reader.svelte';

beforeEach(() => {
	reader.locale = 'en-GB';
	reader.today = '2026-08-14';
});

describe('a day as it is written and typed', () => {
	it.each([
		['en-GB', '14/08/2026', 'dd/mm/yyyy'],
		['en-US', '08/14/2026', 'mm/dd/yyyy'],
		['de-DE', '14.08.2026', 'dd.mm.yyyy'],
		['sv-SE', '2026-08-14', 'yyyy-mm-dd']
	])('in %s reads %s, and comes back as it was', (locale, written, pattern) => {
		reader.locale = locale;
		expect(dayWritten('2026-08-14')).toBe(written);
		expect(dayPattern()).toBe(pattern);
		expect(dayTyped(written)).toBe('2026-08-14');
	});
	it.each([
		['14/8', '2026-08-14'],
		['1.9.', '2026-09-01'],
		['3 9 27', '2027-09-03'],
		['14 Aug', '2026-08-14'],
		['14 aug 2025', '2025-08-14'],
		['2 Sept', '2026-09-02'],
		['2026-08-14', '2026-08-14'],
		[' ', '']
	])('%s is understood', (typed, iso) => expect(dayTyped(typed)).toBe(iso));
	it.each(['31/02/2026', '14', 'soon', '1/2/3/4', '2026-13-01', '14 Foo'])(
		'%s stays as it was typed',
		(typed) => expect(dayTyped(typed)).toBe(typed)
	);
	it('has an hour where one is asked', () => {
		expect(dayWritten('2026-08-14T10:05')).toBe('14/08/2026 10:05');
		expect(dayTyped('14/08/2026 10:05', true)).toBe('2026-08-14T10:05');
		expect(dayTyped('14 Aug 9:30', true)).toBe('2026-08-14T09:30');
		expect(dayTyped('2026-08-14T10:05', true)).toBe('2026-08-14T10:05');
		expect(dayTyped('14/08/2026', true)).toBe('14/08/2026');
		expect(dayTyped('14/08/2026 25:00', true)).toBe('14/08/2026 25:00');
	});
	it('shows what is no day as it is', () => expect(dayWritten('soon')).toBe('soon'));
});
