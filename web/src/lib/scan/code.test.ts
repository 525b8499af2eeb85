import { BarcodeFormat, QRCodeWriter } from '@zxing/library';
import { describe, expect, it } from 'vitest';
import { codeIn } from './code';
import { hindrance } from './hindrance';

/** A code as a camera shows it: so many pixels, on paper that is not quite white, with ink that is not quite black. */
function picture(text: string, size: number, ink = 40, paper = 215): ImageData {
	const bits = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, size, size, new Map());
	const data = new Uint8ClampedArray(4 * size * size);
	for (let i = 0; i < size * size; i++) {
		const light = bits.get(i % size, Math.floor(i / size)) ? ink : paper;
		data.set([light, light, light, 255], 4 * i);
	}
	return { data, width: size, height: size, colorSpace: 'srgb' } as ImageData;
}

describe('a code before the camera', () => {
	it.each(['26-TOM-07-W', 'K22/1', 'Höhe 12'])('is read: %s', (text) => {
		expect(codeIn(picture(text, 320))).toBe(text);
	});
	it('is read in poor light, and not at all where there is none', () => {
		expect(codeIn(picture('26-TOM-07-W', 320, 90, 140))).toBe('26-TOM-07-W');
		expect(codeIn(picture('26-TOM-07-W', 320, 128, 128))).toBeUndefined();
	});
	it('is not made up of half a code', () => {
		const half = picture('26-TOM-07-W', 320);
		half.data.fill(215, 0, half.data.length / 2);
		expect(codeIn(half)).toBeUndefined();
	});
});

describe('what hinders the camera', () => {
	it.each([
		['NotAllowedError', /not allowed/],
		['NotFoundError', /No camera/],
		['NotReadableError', /Another program/],
		['AbortError', /does not start/]
	])('%s is said, with what to do instead', (name, said) => {
		expect(hindrance(new DOMException('', name))).toMatch(said);
		expect(hindrance(new DOMException('', name))).toMatch(/[Tt]ype the number/);
	});
});
