import { describe, expect, it } from 'vitest';
import { ask, Problem, problemOf } from './api';

const answer = (status: number, data?: unknown, error?: unknown) =>
	Promise.resolve({ data, error, response: new Response(null, { status }) });

describe('asking the server', () => {
	it('gives the record', async () => {
		expect(await ask(answer(200, { plants: 60 }))).toEqual({ plants: 60 });
	});
	it('throws the problem with its field, its value and why', async () => {
		const refused = ask(
			answer(400, undefined, {
				detail: 'plants: 0',
				field: 'plants',
				value: '0',
				refusal: { kind: 'Missing' }
			})
		);
		await expect(refused).rejects.toMatchObject({
			message: 'plants: 0',
			status: 400,
			field: 'plants',
			value: '0',
			refusal: { kind: 'Missing' }
		});
	});
	it('says plainly that no server answers', async () => {
		await expect(ask(Promise.reject(new TypeError('Failed to fetch')))).rejects.toThrow('does not answer');
	});
	it('makes a sentence of what is no problem detail', () => {
		expect(problemOf('<html>', 502)).toBeInstanceOf(Problem);
		expect(problemOf(undefined, 502).message).toBe('The server refused this (502).');
	});
});
