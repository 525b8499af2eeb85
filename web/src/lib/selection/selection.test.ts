import { describe, expect, it } from 'vitest';
import { marksOf, rowsIn, scaleWords } from './selection';

const vigour = { id: 't', name: 'vigour', low: 1, high: 9, moreIsBetter: true };

describe('scores typed in the rows', () => {
	it('are numbers on the scale; others are named, empty ones left out', () => {
		expect(marksOf({ a: '7', b: '', c: '7,5', d: '10', e: 'good' }, vigour)).toEqual({
			marks: [
				{ subjectId: 'a', value: 7 },
				{ subjectId: 'c', value: 7.5 }
			],
			wrong: ['d', 'e']
		});
	});
	it('are said with their better end', () => {
		expect(scaleWords(vigour)).toBe('1 is worst, 9 is best');
		expect(scaleWords({ ...vigour, moreIsBetter: false })).toBe('9 is worst, 1 is best');
	});
});

describe('rows of a new trial', () => {
	it('know their mothers by tag, and checks by name', () => {
		expect(rowsIn('12\n\n 24-3 \ncheck Ferrous 2024\nCheck', [{ id: 'm', tag: '12' }])).toEqual([
			{ compared: false, subLot: '12', motherId: 'm' },
			{ compared: false, subLot: '24-3' },
			{ compared: true, subLot: 'Ferrous 2024' },
			{ compared: true, subLot: 'check' }
		]);
	});
});
