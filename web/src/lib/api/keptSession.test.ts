import { afterEach, describe, expect, it, vi } from 'vitest';
import { forgetSession, keepSession, keptSession } from './keptSession';
import type { Schemas } from './api';

const someone = { today: '2026-08-14', firstRun: false } as Schemas['Session'];

describe('who was signed in last', () => {
	afterEach(() => {
		localStorage.clear();
		vi.restoreAllMocks();
	});

	it('is known before anything is asked, and since when', () => {
		expect(keptSession()).toBeUndefined();
		vi.spyOn(Date, 'now').mockReturnValue(5000);
		keepSession(someone);
		expect(keptSession()).toEqual({ session: someone, askedAt: 5000 });
	});

	it('is nobody once what was heard belongs to somebody else', () => {
		keepSession(someone);
		forgetSession();
		expect(keptSession()).toBeUndefined();
	});

	it('is answered all the same where a device keeps nothing', () => {
		vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
			throw new DOMException('full', 'QuotaExceededError');
		});
		expect(() => keepSession(someone)).not.toThrow();
	});
});
