import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { flushSync } from 'svelte';
import { ask, beforeReading, GET } from '$lib/api/api';
import { box } from './box';
import { known } from './known';
import { outbox } from './outbox.svelte';
import { OfflinePage } from './page.svelte';
import { signal } from './signal.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { account: { name: 'hand' } } }));

describe('a page of the rows', () => {
	let asked = 0;
	const page = () =>
		new OfflinePage('/stand/p', { kept: '/api/plantings/p/stand', ask: async () => ({ times: ++asked }) });

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
	it('is not asked again because the signal comes and goes', async () => {
		beforeReading(async () => void signal.lost);
		vi.stubGlobal('fetch', async () => new Response(JSON.stringify({ times: ++asked })));
		const rows = new OfflinePage('/stand/p', {
			kept: '/api/plantings/p/stand',
			ask: () =>
				ask<unknown>(
					GET('/api/plantings/{id}/stand', { baseUrl: 'http://farm', params: { path: { id: 'p' } } })
				)
		});
		const stop = $effect.root(() => {
			$effect(() => void rows.found);
		});
		flushSync();
		await rows.found;
		signal.lose();
		flushSync();
		signal.heard();
		flushSync();
		expect(await rows.found).toEqual({ times: 1 });
		stop();
	});
	it('keeps an answer and lets go of what stands in it together, and no older answer in its place', async () => {
		const clock = vi.spyOn(Date, 'now').mockReturnValue(1000);
		let answer: (late: unknown) => void = () => {};
		const older = known('/api/plantings/p/stand', new Promise((late) => (answer = late)));
		clock.mockReturnValue(2000);
		await page().keep('POST', '/api/plantings/p/counts', 'count', { id: 'c1' });
		await box.waiting.toCollection().modify({ state: 'arrived', arrivedAt: 2000 });
		clock.mockReturnValue(3000);
		const rows = page();
		const stop = $effect.root(() => {
			$effect(() => void rows.found);
		});
		flushSync();
		await rows.found;
		expect(await box.waiting.count()).toBe(0);
		answer({ times: 0 });
		await older;
		clock.mockRestore();
		expect((await box.answers.get('/api/plantings/p/stand'))?.value).toEqual({ times: 1 });
		stop();
	});
	it('keeps what is done on the phone under the record’s own id and the page it was made on', async () => {
		await page().keep(
			'POST',
			'/api/plantings/p/counts',
			'count',
			{ id: 'c1', plants: 7 },
			{ dayTyped: true }
		);
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
		await outbox.settle(box, '/stand/other', 2000);
		await outbox.settle(box, '/stand/p', 999);
		expect(await box.waiting.count()).toBe(1);
		await outbox.settle(box, '/stand/p', 1000);
		expect(await box.waiting.count()).toBe(0);
	});
	it('gives a record without an id one of its own', async () => {
		await page().keep('PUT', '/api/flowers/f/took', 'flower', { took: true });
		expect((await box.waiting.toArray())[0].id).toMatch(/^[0-9a-f-]{36}$/);
	});
});
