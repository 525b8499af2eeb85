import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import type { Waiting } from '$lib/offline/box';
import { left, listed, nextTag, onPhone, plantsIn } from './pollination';

const page = {
	nextTag: '5',
	morning: {
		crosses: [
			{ mother: 3, fathers: [7] },
			{ mother: 3, fathers: [8] },
			{ mother: 9, fathers: [7, 8] }
		],
		left: 0
	}
} as unknown as Schemas['PollinationPage'];

function waits(path: string, body: object): Waiting {
	return {
		seq: 1,
		id: 'x',
		method: 'POST',
		path,
		body,
		says: '',
		from: '',
		madeAt: 0,
		by: '',
		state: 'waiting'
	};
}

describe('a morning in the rows', () => {
	it('takes one cross off for each flower done, sent or not', () => {
		const phone = onPhone('p', [waits('/api/plantings/p/flowers', { mother: 3, tag: '7' })]);
		expect(left(page, phone, [])).toEqual([
			{ mother: 3, fathers: [8] },
			{ mother: 9, fathers: [7, 8] }
		]);
		expect(left(page, phone, [{ mother: 9 }, { mother: 3 }])).toEqual([]);
	});
	it('does not give a tag twice while flowers wait on the phone', () => {
		expect(nextTag(page, onPhone('p', []))).toBe('5');
		const phone = onPhone('p', [
			waits('/api/plantings/p/flowers', { mother: 3, tag: '7' }),
			waits('/api/plantings/q/flowers', { mother: 3, tag: '90' })
		]);
		expect(nextTag(page, phone)).toBe('8');
	});
	it('knows of which flowers it was said already whether they took', () => {
		expect(onPhone('p', [waits('/api/flowers/f1/took', { took: true })]).looked).toEqual(['f1']);
	});
	it('reads and says numbers of plants', () => {
		expect(plantsIn('7, 11 and 12; 7')).toEqual([7, 11, 12]);
		expect(plantsIn('none')).toEqual([]);
		expect(listed([7, 11, 12])).toBe('7, 11 and 12');
		expect(listed([7])).toBe('7');
	});
});
