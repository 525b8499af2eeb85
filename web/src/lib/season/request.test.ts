import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { asRequest, otherwise } from './request';

const planting = (id: string, season = 2027, verdict = 'CROSSES') =>
	({
		id,
		season,
		version: 3,
		variety: { id: `variety of ${id}` },
		plotId: 'plot 8',
		stretches: [],
		purpose: 'SEED',
		grade: 'MARKET',
		flowers: true,
		sownOn: '2027-04-22',
		plants: 16,
		control: 'OPEN',
		isolation: { verdict }
	}) as unknown as Schemas['PlantingView'];

describe('a planting that is sent otherwise', () => {
	it('carries what it was planned with, and the version it was read at', () => {
		const request = asRequest(planting('ferry'));
		expect(request.varietyId).toBe('variety of ferry');
		expect(request.version).toBe(3);
		expect(request.sownOn).toBe('2027-04-22');
		expect('isolation' in request).toBe(false);
	});
	it('stands in its season in place of the plan while it is tried', () => {
		const season = [planting('ferry'), planting('moon')];
		const shown = otherwise(season, [planting('moon', 2027, 'CLEAR')]);
		expect(shown.map((one) => one.isolation?.verdict)).toEqual(['CROSSES', 'CLEAR']);
		expect(otherwise(season, undefined)).toBe(season);
	});
	it('is gone from its season when it would be grown in another', () => {
		const shown = otherwise([planting('ferry'), planting('moon')], [planting('moon', 2028)]);
		expect(shown.map((one) => one.id)).toEqual(['ferry']);
	});
});
