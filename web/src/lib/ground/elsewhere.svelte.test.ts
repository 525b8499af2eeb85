import { waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { answers, forget, sent } from '$lib/api/pretend';
import { Elsewhere } from './elsewhere.svelte';

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const planting = { id: 'k', plotId: 'p1', variety: {}, rows: [] } as unknown as Schemas['PlantingView'];
const place = { plotId: 'p2', ground: 'Plot 2', then: { plotId: 'p2' } } as Schemas['PlaceView'];
const there = [{ ...planting, plotId: 'p2' }];

describe('a planting that is tried elsewhere', () => {
	beforeEach(() => {
		forget();
		answers.set('GET /api/plantings/{id}/places', [place]);
		answers.set('POST /api/plantings/{id}/tried', there);
	});
	const begun = async () => {
		const elsewhere = new Elsewhere();
		await elsewhere.lookFor('k');
		return elsewhere;
	};

	it('is judged where it is dragged, and put where it is dropped on a plot with room', async () => {
		const elsewhere = await begun();
		elsewhere.dragged(planting, 12, -3);
		expect(elsewhere.moving).toBe(true);
		await waitFor(() => expect(elsewhere.tried.answer).toEqual(there));
		expect(sent()[0].body).toMatchObject({ east: 12, north: -3 });
		elsewhere.dropped(planting, 'p2');
		expect(elsewhere.at).toEqual(place);
		expect(elsewhere.moving).toBe(false);
		await waitFor(() => expect(sent()[1]?.body).toEqual({ planting: place.then, east: 0, north: 0 }));
	});
	it('is told why it cannot stand where it was dropped, and not where it stands already', async () => {
		const elsewhere = await begun();
		elsewhere.dropped(planting, 'p3');
		expect(elsewhere.nowhere).toMatch(/no free room/);
		elsewhere.dropped(planting, undefined);
		expect(elsewhere.nowhere).toMatch(/no plot/);
		elsewhere.leave();
		elsewhere.dropped(planting, 'p1');
		expect(elsewhere.nowhere).toBe('');
	});
	it('hears nothing of places it was asked for before', async () => {
		const elsewhere = new Elsewhere();
		const before = elsewhere.lookFor('k');
		await elsewhere.lookFor(undefined);
		await before;
		expect(elsewhere.places).toEqual([]);
	});
});
