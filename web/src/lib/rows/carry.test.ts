import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { GET } from '$lib/api/api';
import { box } from './box';
import { carry } from './carry';
import { signal } from './signal.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { works: false } }));
vi.mock('$lib/api/api', async (original) => ({
	...(await original<typeof import('$lib/api/api')>()),
	GET: vi.fn(async () => ({ data: { known: 'lot' }, response: new Response() }))
}));

const LOT = '/api/lots/26-PEA-01-X';
const TODAY = ['/lot/26-PEA-01-X/tests', '/lot/26-PEA-01-X', '/desk?planting=p'];
const asked = vi.mocked(GET).mock.calls;

describe('taking along what today needs', () => {
	beforeEach(async () => {
		await box.answers.clear();
		vi.mocked(GET).mockClear();
		signal.heard();
	});

	it('keeps the answer of each page that can be opened without a signal', async () => {
		await carry(TODAY);
		expect(await box.answers.toCollection().primaryKeys()).toEqual([LOT]);
	});
	it('asks once while it is fresh, and anew when it is not', async () => {
		await carry(TODAY);
		await carry(TODAY);
		expect(asked).toHaveLength(1);
		const now = Date.now();
		vi.spyOn(Date, 'now').mockReturnValue(now + 3 * 60_000);
		await carry(TODAY);
		vi.restoreAllMocks();
		expect(asked).toHaveLength(2);
	});
	it('asks nothing where nobody would answer', async () => {
		signal.lose();
		await carry(TODAY);
		expect(asked).toHaveLength(0);
	});
});
