import { beforeEach, describe, expect, it } from 'vitest';
import { WalkCount } from './walk.svelte';

describe('counting on a walk', () => {
	beforeEach(() => localStorage.clear());

	it('counts an off-type as a plant looked at, and a sick one as no off-type', () => {
		const count = new WalkCount('a');
		count.look(10);
		count.mark('white silks');
		count.mark('white silks');
		count.markSick();
		expect(count.lookedAt).toBe(13);
		expect(count.offTypes).toEqual([{ kind: 'white silks', plants: 2 }]);
		expect(count.offTypesInAll).toBe(2);
		expect(count.sick).toBe(1);
	});
	it('never looks at fewer than it found', () => {
		const count = new WalkCount('a');
		count.mark('tall');
		count.look(-5);
		expect(count.lookedAt).toBe(1);
	});
	it('takes back every tap', () => {
		const count = new WalkCount('a');
		count.look(1);
		count.mark('tall');
		count.undo();
		count.undo();
		expect(count.lookedAt).toBe(0);
		expect(count.canUndo).toBe(false);
	});
	it('is still there after the page was lost, and gone once recorded', () => {
		const count = new WalkCount('a');
		count.look(7);
		expect(new WalkCount('a').lookedAt).toBe(7);
		expect(new WalkCount('b').lookedAt).toBe(0);
		count.finish();
		expect(new WalkCount('a').lookedAt).toBe(0);
	});
});
