import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import type { Waiting } from '$lib/offline/box';
import { ahead } from './ahead';

const bench = {
	mass: 36_200,
	left: ['EXTRACT', 'FERMENT', 'RINSE', 'DRY'],
	next: 'EXTRACT',
	clean: false,
	steps: []
} as unknown as Schemas['BenchView'];
const step = (id: string, kind: string, massOut?: number, more: Partial<Waiting> = {}) =>
	({
		id,
		from: '/bench/26-TOM-01-X',
		method: 'POST',
		path: '/api/lots/26-TOM-01-X/steps',
		state: 'waiting',
		body: { kind, massIn: 36_200, ...(massOut === undefined ? {} : { massOut }) },
		...more
	}) as unknown as Waiting;
const stands = (...kept: Waiting[]) => ahead(bench, kept);

describe('a lot at the bench without a signal', () => {
	it('is as the farm knows it while nothing waits', () => {
		expect(stands()).toBe(bench);
		expect(stands(step('a', 'EXTRACT', 6100, { path: '/api/steps/1/readings' }))).toBe(bench);
	});
	it('goes on with what came out of the step before', () => {
		expect(stands(step('a', 'EXTRACT', 6100))).toMatchObject({ next: 'FERMENT', mass: 6100, clean: false });
	});
	it('has a step under way that was begun here, until it is weighed out', () => {
		const begun = [step('a', 'EXTRACT', 6100), step('b', 'FERMENT')];
		expect(stands(...begun)).toMatchObject({ underWay: { id: 'b', kind: 'FERMENT', version: 0 } });
		const out = step('c', 'FERMENT', 5900, { method: 'PUT', path: '/api/steps/b' });
		expect(stands(...begun, out)).toMatchObject({ underWay: undefined, next: 'RINSE', mass: 5900 });
	});
	it('is clean after the last step, and a correction changes nothing before the farm has it', () => {
		const dried = step('a', 'DRY', 204);
		expect(stands(dried)).toMatchObject({ next: undefined, clean: true });
		const corrected = step('b', 'EXTRACT', 6200, { method: 'PUT', path: '/api/steps/x' });
		corrected.body = { ...corrected.body, reason: 'read anew' };
		expect(stands(corrected)).toBe(bench);
	});
});
