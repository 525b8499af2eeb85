import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { asked } from './questions';

const planting = (id: string, ...threats: [string, 'CROSSES' | 'TIGHT'][]) =>
	({
		id,
		isolation: { threats: threats.map(([sourceId, verdict]) => ({ sourceId, verdict })) }
	}) as unknown as Schemas['PlantingView'];

describe('what a plan asks of itself', () => {
	it('is what would be without each planting that others cross with, the worst first', () => {
		const plan = [
			planting('chard', ['beet', 'CROSSES'], ['mangel', 'CROSSES']),
			planting('mangel', ['beet', 'CROSSES']),
			planting('beet', ['chard', 'TIGHT'], ['over the fence', 'CROSSES'])
		];
		expect(asked(plan).map(({ of, crossed }) => [of.id, crossed.map((one) => one.id)])).toEqual([
			['beet', ['chard', 'mangel']],
			['mangel', ['chard']]
		]);
	});
});
