import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/api/api';
import { Latest } from './latest.svelte';

function later<T>() {
	let answer: (value: T) => void = () => {};
	let refuse: (wrong: unknown) => void = () => {};
	const question = new Promise<T>((done, failed) => {
		answer = done;
		refuse = failed;
	});
	return { question, answer, refuse };
}

describe('the latest question', () => {
	it('is the one that counts, whichever is answered last', async () => {
		const latest = new Latest<string>();
		const [first, second] = [later<string>(), later<string>()];
		const both = [latest.ask(first.question), latest.ask(second.question)];
		second.answer('for 80 plants');
		first.answer('for 8 plants');
		await Promise.all(both);
		expect(latest.answer).toBe('for 80 plants');
	});
	it('leaves no old answer standing beside a refusal', async () => {
		const latest = new Latest<string>();
		await latest.ask(Promise.resolve('fine'));
		await latest.ask(Promise.reject(new Problem('too many', 400)));
		expect(latest.answer).toBeUndefined();
		expect(latest.problem?.message).toBe('too many');
		await latest.ask(Promise.resolve('fine again'));
		expect(latest.problem).toBeUndefined();
	});
	it('is forgotten with its answer', async () => {
		const latest = new Latest<string>();
		const slow = later<string>();
		const asking = latest.ask(slow.question);
		latest.forget();
		slow.answer('too late');
		await asking;
		expect(latest.answer).toBeUndefined();
	});
	it('does not hide what is no refusal', async () => {
		const latest = new Latest<string>();
		await expect(latest.ask(Promise.reject(new TypeError('broken')))).rejects.toThrow('broken');
	});
});
