import { afterEach, describe, expect, it } from 'vitest';
import type { Units } from '$lib/units/units';
import examples from './examples.json';
import { reader } from './reader.svelte';
import done from './en.done.json';
import tasks from './en.tasks.json';
import ways from './en.ways.json';
import { COUNTRIES, say, teach } from './say';

for (const part of [done, tasks, ways]) teach(part);

/** The server is held to the same examples. */
describe('the catalogue of sentences', () => {
	afterEach(() => {
		reader.locale = 'en-GB';
		reader.units = 'METRIC';
	});
	it.each(examples)('says $says', ({ key, locale, units, figures, says }) => {
		reader.locale = locale;
		reader.units = units as Units;
		expect(say(key, figures)).toBe(says);
	});
	it('has no other sentence for an unknown key', () => {
		expect(() => say('gate.found.Nothing')).toThrow('gate.found.Nothing');
	});
	it('is for countries whose numbers the browser knows', () => {
		const tags = Object.keys(COUNTRIES);
		expect(Intl.NumberFormat.supportedLocalesOf(tags)).toEqual(tags);
	});
});
