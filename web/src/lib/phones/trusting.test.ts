import { expect, test } from 'vitest';
import { inLines, wayOf } from './trusting';

test.each([
	['Mozilla/5.0 (iPhone; CPU iPhone OS 17_4 like Mac OS X)', 'iPhone, iPad'],
	['Mozilla/5.0 (Linux; Android 14; K)', 'Android'],
	['Mozilla/5.0 (X11; Linux x86_64)', 'A computer'],
	['', 'A computer']
])('%s is led as %s', (browser, device) => {
	expect(wayOf(browser).device).toBe(device);
});

test('a fingerprint stands in lines of eight pairs, none left out', () => {
	const pairs = Array.from({ length: 32 }, (_, i) => i.toString(16).padStart(2, '0').toUpperCase());
	const lines = inLines(pairs.join(' '));
	expect(lines).toHaveLength(4);
	expect(lines[0]).toBe('00 01 02 03 04 05 06 07');
	expect(lines.join(' ').split(' ')).toEqual(pairs);
});
