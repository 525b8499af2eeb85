import { describe, expect, it } from 'vitest';
import { mended, partsOf, wasChosen } from './mend';

const body = {
	id: 'x',
	traitId: 't',
	point: 'SET_OUT',
	mass: 4000,
	weighedOn: '2026-08-14',
	note: '',
	rows: [1, 2],
	offTypes: [{ kind: 'white silks', plants: 20, fate: 'PULLED' }],
	made: { madeAt: '2026-08-14T06:00:00Z' }
};

describe('a record that was refused', () => {
	it('shows what was typed, not what it points to', () => {
		expect(partsOf(body)).toEqual([
			{ name: 'mass', says: 'mass', typed: '4000', day: false },
			{ name: 'weighedOn', says: 'weighed on', typed: '2026-08-14', day: true },
			{ name: 'note', says: 'note', typed: '', day: false },
			{ name: 'rows', says: 'rows', typed: '1, 2', day: false },
			{ name: 'offTypes[0].kind', says: 'off types 1: kind', typed: 'white silks', day: false },
			{ name: 'offTypes[0].plants', says: 'off types 1: plants', typed: '20', day: false }
		]);
	});
	it('is mended where it was typed anew, and whole otherwise', () => {
		const parts = partsOf(body);
		parts[0].typed = '40';
		parts[1].typed = '2026-08-13';
		parts[3].typed = '1, 2 4';
		parts[5].typed = '2';
		expect(mended(body, parts)).toEqual({
			...body,
			mass: 40,
			weighedOn: '2026-08-13',
			rows: [1, 2, 4],
			offTypes: [{ kind: 'white silks', plants: 2, fate: 'PULLED' }]
		});
	});
	it('tells whether something in it was chosen', () => {
		expect(wasChosen(body)).toBe(true);
		expect(wasChosen({ note: 'DRY spell', plants: 3, rows: [1], stage: null })).toBe(false);
	});
	it('lets the server refuse what is no number', () => {
		const parts = partsOf({ mass: 4000 });
		parts[0].typed = 'a handful';
		expect(mended({ mass: 4000 }, parts)).toEqual({ mass: 'a handful' });
	});
});
