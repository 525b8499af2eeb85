import { describe, expect, it } from 'vitest';
import { Undo } from './undo.svelte';

describe('the last act', () => {
	it('is taken back once', async () => {
		const undo = new Undo();
		let back = 0;
		undo.done('Kept: cage it.', async () => back++);
		expect(undo.says).toBe('Kept: cage it.');
		await undo.back();
		await undo.back();
		expect(back).toBe(1);
		expect(undo.says).toBe('');
	});
	it('gives way to the one after it', async () => {
		const undo = new Undo();
		const taken: string[] = [];
		undo.done('first', async () => taken.push('first'));
		undo.done('second', async () => taken.push('second'));
		await undo.back();
		expect(taken).toEqual(['second']);
	});
	it('can be forgotten', async () => {
		const undo = new Undo();
		let back = 0;
		undo.done('drawn', async () => back++);
		undo.forget();
		await undo.back();
		expect(back).toBe(0);
	});
});
