import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { describe, expect, it } from 'vitest';
import { Box } from './box';

describe('a phone of the version before', () => {
	it('keeps what was done and what is half typed, and hears the answers anew', async () => {
		const before = new Dexie('theriseed');
		before.version(1).stores({ waiting: '++seq, id, state', answers: 'path', drafts: 'key' });
		await before.table('waiting').add({ id: 'walk', state: 'waiting' });
		await before.table('drafts').put({ key: 'count', value: 3 });
		await before.table('answers').put({ path: '/api/lots/26-PEA-01-V', value: {}, askedAt: 1 });
		before.close();

		const now = new Box();
		expect(await now.answers.count()).toBe(0);
		expect((await now.waiting.toArray()).map((one) => one.id)).toEqual(['walk']);
		expect((await now.drafts.get('count'))?.value).toBe(3);
		now.close();
	});
});
