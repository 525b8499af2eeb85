import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/api/api';
import { Steady } from './steady.svelte';

function slow() {
	const asked: string[] = [];
	const answers: (() => void)[] = [];
	const question = (name: string) => () =>
		new Promise<string>((done) => {
			asked.push(name);
			answers.push(() => done(name));
		});
	const answer = async () => {
		answers.shift()?.();
		await new Promise((done) => setTimeout(done));
	};
	return { asked, question, answer };
}

describe('questions asked while dragging', () => {
	it('never queue up: after the one under way only the newest is asked', async () => {
		const { asked, question, answer } = slow();
		const steady = new Steady<string>();
		for (const name of ['a', 'b', 'c', 'd']) steady.ask(question(name));
		expect(asked).toEqual(['a']);
		await answer();
		expect(steady.answer).toBe('a');
		expect(asked).toEqual(['a', 'd']);
		await answer();
		expect(steady.answer).toBe('d');
		expect(asked).toHaveLength(2);
	});
	it('are not heard once they are forgotten', async () => {
		const { question, answer } = slow();
		const steady = new Steady<string>();
		steady.ask(question('a'));
		steady.forget();
		await answer();
		expect(steady.answer).toBeUndefined();
	});
	it('go on after a refusal', async () => {
		const steady = new Steady<string>();
		steady.ask(() => Promise.reject(new Problem('too far', 400)));
		await new Promise((done) => setTimeout(done));
		expect(steady.problem?.message).toBe('too far');
		steady.ask(() => Promise.resolve('near'));
		await new Promise((done) => setTimeout(done));
		expect(steady.answer).toBe('near');
		expect(steady.problem).toBeUndefined();
	});
});
