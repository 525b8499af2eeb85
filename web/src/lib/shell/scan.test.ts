import { describe, expect, it } from 'vitest';
import { Scan } from './scan';

function type(text: string, apart = 20) {
	const scan = new Scan();
	let last;
	[...text, 'Enter'].forEach((key, i) => (last = scan.take(key, i * apart)));
	return last as unknown as { taken: boolean; number?: string };
}

describe('a number typed or scanned outside any field', () => {
	it.each(['26-TOM-07-W', '26tom07w', '26-tom-107-2'])('takes %s', (text) =>
		expect(type(text).number).toBe(text.toUpperCase())
	);
	it.each(['tom', '26', 'p', '26-TOM'])('leaves %s to the page', (text) =>
		expect(type(text).number).toBeUndefined()
	);
	it('forgets what was begun too long ago', () => {
		expect(type('26-TOM-07-W', 2000).number).toBeUndefined();
	});
	it('leaves letters to the page unless a digit came first', () => {
		const scan = new Scan();
		expect(scan.take('p', 0).taken).toBe(false);
		expect(scan.take('2', 10).taken).toBe(true);
		expect(scan.take('p', 20).taken).toBe(true);
	});
});
