import { expect, test } from 'vitest';
import { coasts, frameAround, linesEvery, linesIn, WORLD } from './world';

test('what is shown stays within the world', () => {
	expect(frameAround({ lat: 54, lon: -20 }, 40)).toEqual({ west: -40, north: 64, width: 40 });
	expect(frameAround({ lat: 74, lon: 179 }, 90)).toEqual({ west: 90, north: 90, width: 90 });
	expect(frameAround({ lat: -74, lon: -179 }, 90)).toEqual({ west: -180, north: -45, width: 90 });
	expect(frameAround({ lat: 0, lon: 0 }, 1000)).toEqual(WORLD);
});

test('lines lie close enough to find oneself by, and on round degrees', () => {
	expect(linesEvery(360)).toBe(30);
	expect(linesEvery(40)).toBe(5);
	expect(linesEvery(3)).toBe(0.5);
	expect(linesIn(-41, -29, 5)).toEqual([-40, -35, -30]);
});

test('the coasts are there, in degrees', async () => {
	const drawn = await coasts();
	expect(drawn.length).toBeGreaterThan(50_000);
	const numbers = drawn.match(/-?\d+(\.\d+)?/g)!.map(Number);
	expect(numbers.every((number) => Math.abs(number) <= 180.01)).toBe(true);
});
