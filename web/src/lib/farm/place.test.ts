import { expect, test } from 'vitest';
import { currencyOf, localeOf, zoneOf } from './place';

test.each([
	['Berlin', 'Europe/Berlin'],
	['europe/berlin', 'Europe/Berlin'],
	['new york', 'America/New_York'],
	['azor', 'Atlantic/Azores'],
	['America', 'America'],
	['Moon', 'Moon'],
	[' ', '']
])('%s is the zone %s', (typed, zone) => expect(zoneOf(typed)).toBe(zone));

test.each([
	['eur', 'EUR'],
	['€', 'EUR'],
	['Euro', 'EUR'],
	['swiss franc', 'CHF'],
	['danish', 'DKK'],
	['$', '$'],
	['crown', 'crown'],
	['', '']
])('%s is the currency %s', (typed, code) => expect(currencyOf(typed)).toBe(code));

test('numbers and dates are those of where the browser stands, where they are known', () => {
	const known = ['en-GB', 'en-DE', 'en-US'];
	expect(localeOf(['de'], known)).toBe('en-DE');
	expect(localeOf(['en-US', 'de-DE'], known)).toBe('en-DE');
	expect(localeOf(['fr-FR'], known)).toBe('en-GB');
});
