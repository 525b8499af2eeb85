import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { flushSync } from 'svelte';
import { box } from './box';
import { outbox } from './outbox.svelte';
import { RowsPage } from './page.svelte';
import { signal } from './signal.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { account: { name: 'hand' } } }));

describe('a page of the rows', () => {
	let asked = 0;
	const page = () => new RowsPage('/stand/p', '/api/plantings/p/stand', async () => ({ times: ++asked }));

	beforeEach(async () => {
		asked = 0;
		signal.heard();
		await box.answers.clear();
		await box.waiting.clear();
		vi.spyOn(outbox, 'send').mockResolvedValue();
	});

	it('looks itself up anew only when it is told to', async () => {
		const rows = page();
		const stop = $effect.root(() => {
			$effect(() => void rows.found);
		});
		flushSync();
		expect(await rows.found).toEqual({ times: 1 });
		rows.again();
		flushSync();
		expect(await rows.found).toEqual({ times: 2 });
		stop();
	});
	it('keeps what is done on the phone under the record’s own id and the page it was made on', async () => {
		await page().keep('POST', '/api/plantings/p/counts', 'count', { id: 'c1', plants: 7 }, true);
		expect(await box.waiting.toArray()).toMatchObject([
			{
				id: 'c1',
				method: 'POST',
				path: '/api/plantings/p/counts',
				says: 'count',
				from: '/stand/p',
				dayTyped: true,
				body: { plants: 7 },
				by: 'hand',
				state: 'waiting'
			}
		]);
	});
	it('shows a record that has arrived until its page was asked for after that', async () => {
		const rows = page();
		await rows.keep('POST', '/api/plantings/p/counts', 'count', { id: 'c1' });
		const [kept] = await box.waiting.toArray();
		expect(kept.shown).toBe(true);
		await box.waiting.update(kept.seq, { state: 'arrived', arrivedAt: 1000 });
		await outbox.settle('/stand/other', 2000);
		await outbox.settle('/stand/p', 999);
		expect(await box.waiting.count()).toBe(1);
		await outbox.settle('/stand/p', 1000);
		expect(await box.waiting.count()).toBe(0);
	});
	it('gives a record without an id one of its own', async () => {
		await page().keep('PUT', '/api/flowers/f/took', 'flower', { took: true });
		expect((await box.waiting.toArray())[0].id).toMatch(/^[0-9a-f-]{36}$/);
	});
});
