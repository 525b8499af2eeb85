import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { box } from '$lib/offline/box';
import { WalkCount } from './walk.svelte';

const begin = (planting = 'a') => WalkCount.in(planting, 'tassel', 4);

describe('counting on a walk', () => {
	beforeEach(async () => {
		await box.drafts.clear();
	});

	it('counts an off-type as a plant looked at, and a sick one as no off-type', async () => {
		const count = await begin();
		count.look(10);
		count.mark('white silks');
		count.mark('white silks');
		count.markApart('sick');
		expect(count.now.lookedAt).toBe(13);
		expect(count.now.offTypes).toEqual([{ kind: 'white silks', plants: 2, fate: 'PULLED', reason: '' }]);
		expect(count.offTypesInAll).toBe(2);
		expect(count.now.sick).toBe(1);
	});
	it('keeps what is pulled apart from what is left', async () => {
		const count = await begin();
		count.mark('tall');
		count.set({ fate: 'LEFT' });
		count.mark('tall');
		count.mark('tall');
		expect(count.of('tall')).toBe(3);
		expect(count.pulled).toBe(1);
	});
	it('never looks at fewer than it found', async () => {
		const count = await begin();
		count.mark('tall');
		count.look(-5);
		expect(count.now.lookedAt).toBe(1);
	});
	it('ticks a row and goes on to the next that is not walked', async () => {
		const count = await begin();
		count.look(30);
		count.goTo(3);
		count.wholeRow(40);
		expect(count.now).toMatchObject({ lookedAt: 70, rows: [3], row: 4, inRow: 0 });
		count.look(12);
		count.wholeRow(40);
		expect(count.now).toMatchObject({ lookedAt: 110, rows: [3, 4], row: 1 });
		count.endRow();
		expect(count.now.row).toBe(2);
	});
	it('takes back every tap', async () => {
		const count = await begin();
		count.look(1);
		count.mark('tall');
		count.endRow();
		count.undo();
		count.undo();
		count.undo();
		expect(count.now).toMatchObject({ lookedAt: 0, rows: [] });
		expect(count.canUndo).toBe(false);
	});
	it('is still there after the page was lost, under the same id, and begins anew once recorded', async () => {
		const count = await begin();
		count.look(7);
		const again = await begin();
		expect(again.now).toMatchObject({ lookedAt: 7, id: count.now.id });
		expect((await begin('b')).now.lookedAt).toBe(0);
		const before = count.now.id;
		count.finish();
		expect(count.now.lookedAt).toBe(0);
		expect(count.now.id).not.toBe(before);
	});
	it('says so when the phone has no room for a tap', async () => {
		const count = await begin();
		const full = vi
			.spyOn(box.drafts, 'put')
			.mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
		count.look(1);
		await vi.waitFor(() => expect(count.unkept).toContain('no room'));
		full.mockRestore();
		count.look(1);
		await vi.waitFor(() => expect(count.unkept).toBe(''));
	});
	it('takes up a walk that was refused, but never in the place of one under way', async () => {
		const seq = await box.waiting.add({
			id: 'refused',
			method: 'POST',
			path: '/api/plantings/a/walks',
			says: 'walk',
			from: '/walk/a',
			madeAt: 1,
			by: 'hand',
			state: 'refused'
		});
		const count = await begin();
		count.look(3);
		await vi.waitFor(async () => expect((await begin()).now.lookedAt).toBe(3));
		expect(await WalkCount.takeUp('a', { id: 'refused', lookedAt: 50 }, seq)).toBe(false);
		expect((await begin()).now.lookedAt).toBe(3);
		expect(await box.waiting.get(seq)).toBeDefined();
		await box.drafts.delete(count.key);
		expect(await WalkCount.takeUp('a', { id: 'refused', lookedAt: 50 }, seq)).toBe(true);
		expect((await begin()).now).toMatchObject({ id: 'refused', lookedAt: 50 });
		expect(await box.waiting.get(seq)).toBeUndefined();
	});
	it('can read a walk that an older version of the screens began', async () => {
		await box.drafts.put({ key: 'walk a', value: { lookedAt: 5, stage: 'ear' } });
		const count = await begin();
		expect(count.now).toMatchObject({ lookedAt: 5, stage: 'ear', offTypes: [], rowsInAll: 4 });
	});
});
