import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { box } from './box';
import { carry } from './carry';
import { signal } from './signal.svelte';

const LOT = '/api/lots/26-PEA-01-X';
const TODAY = ['/lot/26-PEA-01-X/tests', '/lot/26-PEA-01-X', '/desk?planting=p'];
const asked = vi.hoisted(() => vi.fn(async () => ({ known: 'lot' })));
vi.mock('$lib/api/session.svelte', () => ({ session: { works: false } }));
vi.mock('./questions', () => ({
	questionAt: (path: string) =>
		path.startsWith('/lot') ? { kept: '/api/lots/26-PEA-01-X', ask: asked } : undefined
}));

describe('taking along what today needs', () => {
	beforeEach(async () => {
		await box.answers.clear();
		asked.mockClear();
		signal.heard();
	});

	it('keeps the answer of each page that can be opened without a signal', async () => {
		await carry(TODAY);
		expect(await box.answers.toCollection().primaryKeys()).toEqual([LOT]);
	});
	it('asks once while it is fresh, and anew when it is not', async () => {
		await carry(TODAY);
		await carry(TODAY);
		expect(asked).toHaveBeenCalledTimes(1);
		const now = Date.now();
		vi.spyOn(Date, 'now').mockReturnValue(now + 3 * 60_000);
		await carry(TODAY);
		vi.restoreAllMocks();
		expect(asked).toHaveBeenCalledTimes(2);
	});
	it('asks nothing where nobody would answer', async () => {
		signal.lose();
		await carry(TODAY);
		expect(asked).not.toHaveBeenCalled();
	});
});
