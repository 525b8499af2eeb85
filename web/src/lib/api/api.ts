import createClient from 'openapi-fetch';
import { compare } from '$lib/offline/clock';
import { answered, idFor } from './unanswered';
import type { components, paths } from './schema';

/** The records of the farm, as the server describes them. */
export type Schemas = components['schemas'];

/** Why a value is not taken, with its figures; an end that is infinite is no end. */
export type Refusal =
	| {
			kind: 'Outside';
			low: number | string;
			lowIncluded: boolean;
			high: number | string;
			highIncluded: boolean;
			unit: string;
			because?: string | null;
	  }
	| { kind: 'OutsideDays'; low?: string | null; high?: string | null }
	| { kind: 'Missing' }
	| { kind: 'AgainstRule'; rule: string; figures: Record<string, unknown> };

/** Something the server refused: a sentence, and where it fits the field, what was given and why. */
export class Problem extends Error {
	constructor(
		message: string,
		readonly status: number,
		readonly field?: string,
		readonly value?: string,
		readonly refusal?: Refusal,
		readonly current?: unknown
	) {
		super(message);
	}
}

/** The header in which every request that changes something carries its id. */
export const REQUEST_ID = 'Idempotency-Key';
/** What the server answers when nobody is signed in. */
export const SIGN_IN_AGAIN = 401;
/** An answer that does not come is no answer; only files may take longer. */
const ANSWER_TAKES_MS = 30_000;

const client = createClient<paths>({
	baseUrl: '/',
	fetch: (request) =>
		request.headers.get('Content-Type')?.startsWith('application/json') || request.method === 'GET'
			? fetch(request, { signal: AbortSignal.any([request.signal, AbortSignal.timeout(ANSWER_TAKES_MS)]) })
			: fetch(request)
});

/** The header that shows that a request comes from these screens; none before the server was heard. */
export function token(): Record<string, string> {
	const cookie = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
	return cookie ? { 'X-XSRF-TOKEN': decodeURIComponent(cookie) } : {};
}

let signedOut = () => {};
/** Says what to do when the server knows nobody here any more, though somebody was signed in. */
export function whenSignedOut(act: () => void) {
	signedOut = act;
}

let changed = () => {};
/** Says what to do when records were changed here. */
export function whenChanged(act: () => void) {
	changed = act;
}
/** What only asks changes nothing. */
const ONLY_ASKS = /\/(preview|plan|tried|asked)(\?|$)/;

let sendFirst: () => Promise<unknown> = async () => {};
/** Says what to send before a page asks for what it may change. */
export function beforeReading(act: () => Promise<unknown>) {
	sendFirst = act;
}

client.use({
	async onRequest({ request }) {
		if (request.method === 'GET') {
			// What is read here is not what a page hangs on that asks: it would ask anew whenever the signal comes or goes.
			await Promise.resolve();
			await sendFirst();
			return request;
		}
		for (const [name, value] of Object.entries(token())) request.headers.set(name, value);
		request.headers.set(REQUEST_ID, await idFor(request));
		return request;
	},
	onResponse({ request, response }) {
		compare(response);
		if (response.status === SIGN_IN_AGAIN && !request.url.endsWith('/api/session')) signedOut();
		if (request.method === 'GET') return;
		answered(request, response.status < 500);
		if (response.ok && !ONLY_ASKS.test(request.url)) changed();
	},
	onError({ request }) {
		if (request.method !== 'GET') answered(request, false);
	}
});

export const { GET, POST, PUT, DELETE } = client;

interface Answer<T> {
	data?: T;
	error?: unknown;
	response: Response;
}

/** The answer's data, or its problem thrown. */
export async function ask<T>(request: Promise<Answer<T>>): Promise<NonNullable<T>> {
	let answer: Answer<T>;
	try {
		answer = await request;
	} catch (failed) {
		if (failed instanceof Problem) throw failed;
		throw new Problem(
			'The farm’s server does not answer. What you typed is still here: try again in a moment.',
			0
		);
	}
	if (answer.response.ok) return answer.data as NonNullable<T>;
	throw problemOf(answer.error, answer.response.status);
}

/** Reads a problem detail; what is none becomes a plain sentence. */
export function problemOf(body: unknown, status: number): Problem {
	const detail = (body ?? {}) as Record<string, unknown>;
	const text = (key: string) => (typeof detail[key] === 'string' ? (detail[key] as string) : undefined);
	return new Problem(
		text('detail') ??
			(status === SIGN_IN_AGAIN ? 'You are signed out here.' : `The server refused this (${status}).`),
		status,
		text('field'),
		text('value'),
		detail.refusal as Refusal | undefined,
		detail.current
	);
}
