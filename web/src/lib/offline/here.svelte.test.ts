import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ask, POST, type Problem } from '$lib/api/api';
import { box } from './box';
import { here } from './here';
import { takeAside } from './numbersAside';
import { outbox } from './outbox.svelte';
import { signal } from './signal.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { works: true, account: { name: 'hand' } } }));

const SAYS = 'moisture of 26-PEA-01-X';
const measure = (options = {}) =>
	ask<unknown>(
		POST('/api/lots/{number}/moisture', {
			baseUrl: 'http://farm',
			params: { path: { number: '26-PEA-01-X' } },
			body: { measuredOn: '2026-08-14', readings: [8, 8.1] },
			...here(SAYS, options)
		})
	);
type Sent = { path: string; body: Record<string, unknown>; id: string };
function server(answer: () => Response | undefined) {
	const sent: Sent[] = [];
	vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
		const said = answer();
		if (!said) throw new TypeError('no network');
		const headers = init.headers as Record<string, string>;
		sent.push({
			path,
			body: JSON.parse(String(init.body)) as Record<string, unknown>,
			id: headers['Idempotency-Key']
		});
		return said;
	});
	return sent;
}
const json = (status: number, body: object) =>
	new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

describe('what is done on a page with a signal or without', () => {
	beforeEach(async () => {
		await box.waiting.clear();
		await box.answers.clear();
		sessionStorage.clear();
		signal.heard();
	});

	it('is answered by the server and leaves nothing on the phone', async () => {
		const sent = server(() => json(200, { id: 'm1' }));
		const listed = vi.fn();
		const stop = $effect.root(() => {
			$effect(() => listed(outbox.keptOf(location.pathname).length));
		});
		outbox.open();
		expect(await measure()).toEqual({ id: 'm1' });
		stop();
		expect(listed.mock.calls.flat(), 'no page lists what it is told at once').not.toContain(1);
		expect(sent).toMatchObject([{ path: '/api/lots/26-PEA-01-X/moisture', body: { readings: [8, 8.1] } }]);
		expect(sent[0].body.made).toBeUndefined();
		expect(await box.waiting.count()).toBe(0);
	});
	it('is kept where nobody answers, and sent later under the same id', async () => {
		server(() => undefined);
		outbox.open();
		expect(await measure({ made: true })).toBeUndefined();
		await vi.waitFor(() => expect(outbox.keptOf(location.pathname)).toHaveLength(1));
		const [kept] = await box.waiting.toArray();
		expect(kept).toMatchObject({ says: SAYS, method: 'POST', state: 'waiting', by: 'hand' });
		const sent = server(() => json(200, {}));
		await outbox.send();
		expect(sent.map(({ id }) => id)).toEqual([kept.id]);
		expect(sent[0].body.made).toBeDefined();
		expect(await box.waiting.count()).toBe(0);
	});
	it('goes back to its page where the server refuses it, and is not kept', async () => {
		server(() => json(400, { detail: 'readings: too far apart', field: 'readings' }));
		const refused = await measure().catch((problem: Problem) => problem);
		expect(refused).toMatchObject({ message: 'readings: too far apart', field: 'readings', status: 400 });
		expect(await box.waiting.count()).toBe(0);
	});
	it('waits where the server fails, and is refused on the list where it comes late', async () => {
		server(() => json(500, { detail: 'failed' }));
		expect(await measure()).toBeUndefined();
		server(() => json(400, { detail: 'too far apart' }));
		await outbox.send();
		expect(await box.waiting.toArray()).toMatchObject([{ state: 'refused', because: 'too far apart' }]);
	});
	it('follows what was done before on its page where it is nothing without', async () => {
		server(() => undefined);
		await measure({ inOrder: true });
		await measure({ inOrder: true });
		await measure();
		const [first, second, third] = await box.waiting.orderBy('seq').toArray();
		expect([first.after, second.after, third.after]).toEqual([undefined, first.id, undefined]);
	});
});

describe('lot numbers that lie on the phone', () => {
	const aside = (planting: string, value: string[]) =>
		box.answers.put({ path: `/api/plantings/${planting}/numbers-aside`, value, askedAt: 1 });

	beforeEach(async () => {
		await box.waiting.clear();
		await box.answers.clear();
	});

	it('are taken once, whichever planting they are for', async () => {
		await aside('p', ['26-PEA-03-A', '26-PEA-04-B']);
		await aside('q', ['26-PEA-03-A', '26-PEA-04-B']);
		expect(await takeAside('p')).toBe('26-PEA-03-A');
		expect(await takeAside('q')).toBe('26-PEA-04-B');
		expect(await takeAside('p')).toBeUndefined();
		expect(await takeAside('r')).toBeUndefined();
	});
	it('are not taken while a lot with it has not arrived, though the server does not know', async () => {
		server(() => undefined);
		await outbox.add({
			id: 'x',
			method: 'POST',
			path: '/api/lots',
			body: { plantingId: 'p', number: '26-PEA-03-A' },
			says: 'number',
			from: '/harvest/p'
		});
		await aside('p', ['26-PEA-03-A', '26-PEA-04-B']);
		expect(await takeAside('p')).toBe('26-PEA-04-B');
	});
});
