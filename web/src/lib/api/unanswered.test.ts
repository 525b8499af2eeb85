import { beforeEach, describe, expect, it } from 'vitest';
import { answered, idFor } from './unanswered';

const sale = (path = '/api/lots/1/sales') => new Request(`http://farm${path}`, { method: 'POST' });
function sent(request: Request) {
	request.headers.set('Idempotency-Key', idFor(request));
	return request;
}
const id = (request: Request) => request.headers.get('Idempotency-Key');

describe('the id of a request', () => {
	beforeEach(() => sessionStorage.clear());

	it('is another for each that was answered', () => {
		const first = sent(sale());
		answered(first, true);
		expect(id(sent(sale()))).not.toBe(id(first));
	});
	it('stays the same until an answer was heard', () => {
		const first = sent(sale());
		answered(first, false);
		const second = sent(sale());
		expect(id(second)).toBe(id(first));
		answered(second, true);
		expect(id(sent(sale()))).not.toBe(id(first));
	});
	it('is not that of another place, nor of one still under way', () => {
		const first = sent(sale());
		expect(id(sent(sale()))).not.toBe(id(first));
		expect(id(sent(sale('/api/lots/2/sales')))).not.toBe(id(first));
	});
});
