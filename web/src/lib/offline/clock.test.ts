import { afterEach, describe, expect, it, vi } from 'vitest';
import { ahead, compare } from './clock';

const answer = (date: string) => new Response(null, { headers: { Date: date } });

describe('this phone’s clock', () => {
	afterEach(() => vi.restoreAllMocks());

	it('is compared with the server’s whenever it answers', () => {
		vi.spyOn(Date, 'now').mockReturnValue(Date.parse('2026-08-15T12:00:00Z'));
		compare(answer('Fri, 14 Aug 2026 12:00:00 GMT'));
		expect(ahead()).toBe(24 * 3600 * 1000);
		compare(answer('Fri, 14 Aug 2026 12:00:01 GMT'));
		expect(ahead()).toBe(24 * 3600 * 1000);
		compare(answer('Sat, 15 Aug 2026 12:00:00 GMT'));
		expect(ahead()).toBe(0);
		expect(localStorage.getItem('theriseed.clock')).toBe('0');
	});
	it('is not compared with an answer that says no time', () => {
		const before = ahead();
		compare(new Response());
		expect(ahead()).toBe(before);
	});
});
