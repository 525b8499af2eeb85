import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '$lib/api/api';
import { box } from './box';
import { known } from './known';
import { outbox } from './outbox.svelte';
import { signal } from './signal.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { account: { name: 'hand' } } }));

type Sent = { path: string; body: Record<string, unknown> };

function server(answer: (path: string) => Response | undefined) {
	const sent: Sent[] = [];
	vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
		const said = answer(path);
		if (!said) throw new TypeError('no network');
		sent.push({ path, body: JSON.parse(String(init.body)) as Record<string, unknown> });
		return said;
	});
	return sent;
}
const ok = () => new Response('{}', { status: 200 });
const said = (status: number, body: object) => new Response(JSON.stringify(body), { status });
const record = (id: string, path = '/api/x') =>
	({ id, method: 'POST', path, body: { id }, says: `record ${id}`, from: '/today' }) as const;
const left = async () => (await box.waiting.orderBy('seq').toArray()).map((one) => [one.id, one.state]);

describe('what was done in the rows', () => {
	beforeEach(async () => {
		await box.waiting.clear();
		await box.drafts.clear();
		await box.answers.clear();
		signal.heard();
	});

	it('stays on the phone without a network and is sent in order when it returns', async () => {
		server(() => undefined);
		await outbox.add(record('a'));
		await outbox.add(record('b'));
		expect(await left()).toEqual([
			['a', 'waiting'],
			['b', 'waiting']
		]);
		expect(signal.lost).toBe(true);
		const sent = server(ok);
		await outbox.send();
		expect(sent.map((one) => one.body.id)).toEqual(['a', 'b']);
		expect(await left()).toEqual([]);
		expect(signal.lost).toBe(false);
	});
	it('is sent before a page asks for what it may change, and asking waits for nothing else', async () => {
		let answer!: (response: Response) => void;
		const slow = new Promise<Response>((come) => (answer = come));
		vi.stubGlobal('fetch', () => slow);
		const added = outbox.add(record('a'));
		await vi.waitFor(async () => expect(await left()).toHaveLength(1));
		let asked = false;
		const asking = outbox.sendFirst().then(() => (asked = true));
		await new Promise((over) => setTimeout(over, 20));
		expect(asked).toBe(false);
		answer(ok());
		await asking;
		await added;
		expect(await left()).toEqual([]);
		await outbox.sendFirst();
		server(() => undefined);
		await outbox.add(record('b'));
		expect(signal.lost).toBe(true);
		await outbox.sendFirst();
		expect(await left()).toEqual([['b', 'waiting']]);
	});
	it('tells when it was made and when it is sent, by the same clock', async () => {
		const sent = server(ok);
		await outbox.add(record('a'));
		const made = sent[0].body.made as { madeAt: string; sentAt: string };
		expect(Date.parse(made.sentAt)).toBeGreaterThanOrEqual(Date.parse(made.madeAt));
	});
	it('keeps what the server refuses, with the reason, and sends the rest', async () => {
		const sent = server((path) => (path === '/api/bad' ? said(400, { detail: 'too many off-types' }) : ok()));
		await outbox.add(record('bad', '/api/bad'));
		await outbox.add(record('good'));
		expect(sent.map((one) => one.path)).toEqual(['/api/bad', '/api/x']);
		const [kept] = await box.waiting.toArray();
		expect(kept).toMatchObject({ id: 'bad', state: 'refused', because: 'too many off-types' });
	});
	it('shows what stands there instead when two changed the same', async () => {
		server(() => said(409, { detail: 'changed meanwhile', current: { took: true } }));
		await outbox.add(record('a'));
		const [kept] = await box.waiting.toArray();
		expect(kept).toMatchObject({ state: 'clash', current: { took: true } });
	});
	it('waits with a picture until its walk has arrived', async () => {
		const sent = server((path) => (path === '/api/bad' ? said(400, { detail: 'no' }) : ok()));
		await outbox.add(record('walk', '/api/bad'));
		await outbox.add({ ...record('picture'), after: 'walk' });
		expect(sent).toHaveLength(1);
		expect(await left()).toEqual([
			['walk', 'refused'],
			['picture', 'waiting']
		]);
	});
	it('ends the draft together with keeping the record, before anything is sent', async () => {
		await box.drafts.put({ key: 'walk a', value: { lookedAt: 5 } });
		const there: unknown[] = [];
		vi.stubGlobal('fetch', async () => {
			there.push(await box.waiting.count(), await box.drafts.count());
			throw new TypeError('no network');
		});
		await outbox.add(record('a'), 'walk a');
		expect(there).toEqual([1, 0]);
	});
	it('keeps the draft, and says so, when the phone has no room for the record', async () => {
		await box.drafts.put({ key: 'walk a', value: { lookedAt: 5 } });
		const full = vi
			.spyOn(box.waiting, 'bulkAdd')
			.mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
		await expect(outbox.add(record('a'), 'walk a')).rejects.toThrow('no room left');
		expect(outbox.full).toContain('no room left');
		full.mockRestore();
		expect(await box.drafts.count()).toBe(1);
		server(ok);
		await outbox.add(record('a'), 'walk a');
		expect(outbox.full).toBe('');
		expect(await box.drafts.count()).toBe(0);
	});
	it('goes on without an answer that does not come, and asks again under the same id', async () => {
		vi.useFakeTimers({ toFake: ['setTimeout'] });
		const ids: unknown[] = [];
		vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
			ids.push((init.headers as Record<string, string>)['Idempotency-Key']);
			expect(init.signal).toBeInstanceOf(AbortSignal);
			return new Promise(() => {});
		});
		const added = outbox.add(record('a'));
		await vi.waitFor(() => expect(ids).toHaveLength(1));
		await vi.advanceTimersByTimeAsync(4000);
		await added;
		vi.useRealTimers();
		expect(await left()).toEqual([['a', 'waiting']]);
		expect(ids).toEqual(['a']);
	});
	it('is not held up by a record that the server fails on, unless it rests on it', async () => {
		const sent = server((path) => (path === '/api/bad' ? said(500, { detail: 'Something is wrong' }) : ok()));
		await outbox.add(record('bad', '/api/bad'));
		await outbox.add(record('rests', '/api/flowers/bad/took'));
		await outbox.add(record('good'));
		expect(sent.filter((one) => one.path === '/api/x')).toHaveLength(1);
		expect(sent.some((one) => one.path.endsWith('took'))).toBe(false);
		const [kept] = await box.waiting.toArray();
		expect(kept).toMatchObject({ id: 'bad', state: 'waiting', failed: 3, because: 'Something is wrong' });
		server(ok);
		await outbox.send();
		expect(await left()).toEqual([]);
	});
	it('asks the day when only that is missing, and sends it with the day', async () => {
		const day = { kind: 'AgainstRule', rule: 'made.clock', figures: {} };
		server(() => said(400, { detail: 'The clock was changed', field: 'madeAt', refusal: day }));
		await outbox.add(record('a'));
		const [kept] = await box.waiting.toArray();
		expect(kept).toMatchObject({ state: 'refused', asksDay: true });
		const sent = server(ok);
		await outbox.sendAgain(kept, { day: '2026-08-13' });
		expect(sent[0].body.made).toMatchObject({ day: '2026-08-13' });
		expect(await left()).toEqual([]);
	});
	it('gets an id of its own, with what rests on it, when another record was kept under the one it had', async () => {
		server(() => said(409, { detail: 'kept before', current: { id: 'a' } }));
		await outbox.add(record('first'));
		await outbox.add({ ...record('picture'), after: 'first' });
		await outbox.add(record('took', '/api/flowers/first/took'));
		await outbox.setAside((await box.waiting.toArray())[0]);
		const [kept] = await box.waiting.toArray();
		const sent = server(ok);
		await outbox.sendAgain(kept, { body: { id: 'first', plants: 7 } });
		expect(sent[0].body).toMatchObject({ plants: 7 });
		const anew = String(sent[0].body.id);
		expect(anew).not.toBe('first');
		expect(sent.map((one) => one.path)).toEqual(['/api/x', '/api/x', `/api/flowers/${anew}/took`]);
		expect(await left()).toEqual([]);
	});
	it('stops where the server fails, and loses nothing', async () => {
		const sent = server(() => said(503, { detail: 'the database is gone' }));
		await outbox.add(record('a'));
		await outbox.add(record('b'));
		expect(sent.every((one) => one.body.id === 'a')).toBe(true);
		expect(await left()).toHaveLength(2);
	});
	it('stands there still when it has arrived, where its page shows it, and is not sent again', async () => {
		const sent = server(ok);
		await outbox.add({ ...record('flower'), shown: true });
		await outbox.add(record('walk'));
		await outbox.send();
		expect(sent).toHaveLength(2);
		expect(await left()).toEqual([['flower', 'arrived']]);
		await outbox.add({ ...record('picture'), after: 'flower' });
		expect(sent).toHaveLength(3);
	});
	it('is not sent in somebody else’s name', async () => {
		const sent = server(ok);
		await box.waiting.add({ ...record('theirs'), madeAt: 1, by: 'grower', state: 'waiting' });
		await outbox.send();
		expect(sent).toEqual([]);
		expect(await left()).toEqual([['theirs', 'waiting']]);
	});
});

describe('what is known', () => {
	beforeEach(async () => {
		await box.answers.clear();
		signal.heard();
	});

	it('is the latest answer when the server cannot be asked', async () => {
		expect(await known('/api/today', Promise.resolve({ acts: 3 }))).toEqual({ acts: 3 });
		const gone = Promise.reject(new Problem('no answer', 0));
		expect(await known('/api/today', gone)).toEqual({ acts: 3 });
		expect(signal.lost).toBe(true);
		expect(signal.asOf).toBeGreaterThan(0);
	});
	it('is no old answer when the server says no', async () => {
		await known('/api/today', Promise.resolve({ acts: 3 }));
		await expect(known('/api/today', Promise.reject(new Problem('sign in', 401)))).rejects.toThrow('sign in');
	});
	it('is nothing where nothing was ever heard', async () => {
		await expect(known('/api/new', Promise.reject(new Problem('no answer', 0)))).rejects.toThrow('no answer');
	});
});
