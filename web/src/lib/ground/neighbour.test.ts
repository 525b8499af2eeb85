import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { aboutNeighbour } from './neighbour';

const seen = (more: Partial<Schemas['NeighbourView']>) =>
	({ kind: 'TENDED', season: 2027, sure: true, ...more }) as Schemas['NeighbourView'];

describe('a neighbour’s crop', () => {
	it('is told with its bloom and what was agreed', () => {
		const croft = seen({ bloomFirst: '2027-07-01', bloomLast: '2027-08-05', agreedBy: '2027-06-20' });
		expect(aboutNeighbour({ neighbour: croft, cropName: 'Kale' })).toBe(
			'kale, in bloom 1 Jul to 5 Aug, to be cut by 20 Jun 2027'
		);
		expect(aboutNeighbour({ neighbour: { ...croft, keptOn: '2027-06-22' }, cropName: 'Kale' })).toContain(
			'seen cut 22 Jun'
		);
	});
	it('is told by what is not known of it', () => {
		expect(aboutNeighbour({ neighbour: seen({ kind: 'NOT_TOLD', sure: false }) })).toBe(
			'the owner will not tell what it is'
		);
		expect(aboutNeighbour({ neighbour: seen({ kind: 'GARDEN', sure: false }) })).toBe(
			'a garden, its plants not known'
		);
		expect(aboutNeighbour({ neighbour: seen({ kind: 'WILD', sure: false }), cropName: 'Carrot' })).toBe(
			'carrot, grows wild, not sure'
		);
	});
});
