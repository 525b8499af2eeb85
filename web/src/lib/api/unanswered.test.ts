import { beforeEach, describe, expect, it } from 'vitest';
import { answered, idFor } from './unanswered';

const JSON_TYPE = { 'Content-Type': 'application/json' };
const sale = (path = '/api/lots/1/sales') => new Request(`${location.origin}${path}`, { method: 'POST' });
const change = (body: string, headers: HeadersInit = JSON_TYPE) =>
	new Request(`${location.origin}/api/walks/1`, { method: 'PUT', body, headers });
async function sent(request: Request) {
	request.headers.set('Idempotency-Key', await idFor(request));
	return request;
}
const id = (request: Request) => request.headers.get('Idempotency-Key');

describe('the id of a request', () => {
	beforeEach(() => sessionStorage.clear());

	it('is another for each that was answered', async () => {
		const first = await sent(sale());
		answered(first, true);
		expect(id(await sent(sale()))).not.toBe(id(first));
	});
	it('stays the same until an answer was heard', async () => {
		const first = await sent(sale());
		answered(first, false);
		const second = await sent(sale());
		expect(id(second)).toBe(id(first));
		answered(second, true);
		expect(id(await sent(sale()))).not.toBe(id(first));
	});
	it('is not that of another place, nor of one still under way', async () => {
		const first = await sent(sale());
		expect(id(await sent(sale()))).not.toBe(id(first));
		expect(id(await sent(sale('/api/lots/2/sales')))).not.toBe(id(first));
	});
	it('stays for the same change sent again, and is another for another change of the record', async () => {
		const first = await sent(change('{"lookedAt":5}'));
		answered(first, false);
		const again = await sent(change('{"lookedAt":5}'));
		expect(id(again)).toBe(id(first));
		answered(again, false);
		expect(id(await sent(change('{"lookedAt":6}')))).not.toBe(id(first));
	});
	it('is another for every file', async () => {
		const first = await sent(change('bytes', { 'Content-Type': 'application/zip' }));
		answered(first, false);
		expect(id(await sent(change('bytes', { 'Content-Type': 'application/zip' })))).not.toBe(id(first));
	});
});
