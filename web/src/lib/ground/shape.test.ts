import { describe, expect, it } from 'vitest';
import {
	cornersOf,
	inside,
	middleOf,
	nextBed,
	rectangleOf,
	roughArea,
	sides,
	turn,
	type Metres
} from './shape';

const at = (...metres: number[]): Metres[] =>
	Array.from({ length: metres.length / 2 }, (_, i) => ({ east: metres[2 * i], north: metres[2 * i + 1] }));
const bed = at(-20, -6, 20, -6, 20, 6, -20, 6);

describe('a shape on the map', () => {
	it('is known as a rectangle by its numbers, however it is turned', () => {
		expect(rectangleOf(bed)).toEqual({ east: 0, north: 0, width: 40, length: 12, turned: -0 });
		const turned = rectangleOf(turn(bed, 15));
		expect(turned?.width).toBeCloseTo(40);
		expect(turned?.length).toBeCloseTo(12);
		expect(turned?.turned).toBeCloseTo(15);
	});
	it('has the corners that its numbers say', () => {
		const turned = turn(bed, 33);
		cornersOf(rectangleOf(turned)!).forEach((corner, i) => {
			expect(corner.east).toBeCloseTo(turned[i].east);
			expect(corner.north).toBeCloseTo(turned[i].north);
		});
	});
	it('has its first bed along its northern edge, and the next ones beside it', () => {
		const plot = turn(at(-45, -30, 45, -30, 45, 30, -45, 30), 20);
		const first = nextBed(plot, [])!;
		expect(cornersOf(first).every((corner) => inside(corner, plot))).toBe(true);
		expect(first.width).toBeCloseTo(89);
		const second = nextBed(plot, [cornersOf(first)])!;
		const apart = Math.hypot(second.east - first.east, second.north - first.north);
		expect(apart).toBeCloseTo(1.7);
		const third = nextBed(plot, [cornersOf(first), cornersOf({ ...second, north: second.north - 1 })])!;
		expect(third.north - (second.north - 1)).toBeCloseTo(second.north - 1 - first.north);
	});
	it('knows what lies inside it', () => {
		expect(inside({ east: 0, north: 0 }, bed)).toBe(true);
		expect(inside({ east: 21, north: 0 }, bed)).toBe(false);
		expect(inside({ east: 0, north: -7 }, bed)).toBe(false);
	});
	it('is none when a corner is pulled out', () => {
		expect(rectangleOf([...bed.slice(0, 3), { east: -20, north: 9 }])).toBeUndefined();
		expect(rectangleOf(bed.slice(0, 3))).toBeUndefined();
	});
	it('turns about its middle and keeps its size', () => {
		const turned = turn(bed, 77);
		expect(middleOf(turned).east).toBeCloseTo(0);
		expect(roughArea(turned)).toBeCloseTo(480);
		expect(sides(turned).map(Math.round)).toEqual([40, 12, 40, 12]);
		turn(turned, -77).forEach((corner, i) => expect(corner.east).toBeCloseTo(bed[i].east));
	});
	it('has no side while it is a spot', () => {
		expect(sides(at(3, 4))).toEqual([]);
	});
});
