import { SvelteSet } from 'svelte/reactivity';
import { v7 as newId } from 'uuid';
import {
	beforeReading,
	problemOf,
	REQUEST_ID,
	SIGN_IN_AGAIN,
	token,
	type Problem,
	type Schemas
} from '$lib/api/api';
import { session } from '$lib/api/session.svelte';
import type { Box, Waiting } from './box';
import { ahead, compare } from './clock';
import { noRoom } from './noRoom';
import { signal } from './signal.svelte';
import { store, watchStore } from './store';

/** A phone says that it is online before it is: the first tries come soon, later ones seldom. */
const FIRST_RETRY_MS = 1000;
const LONGEST_RETRY_MS = 15_000;
/** An answer that does not come is no answer. */
const RECORD_TAKES_MS = 20_000;
const PICTURE_TAKES_MS = 60_000;
/** A page is not kept waiting by a network that hangs. */
const PAGE_WAITS_MS = 4000;
/** Whoever reads the answer to what was typed waits longer, as long as the server was heard just before. */
const ANSWER_WAITS_MS = 12_000;
const FAILS_OFTEN = 3;
const NO_ROOM = 507;
const NOTHING_SAID_YET = 204;
const SHOWN_FOR_MS = 24 * 3600 * 1000;

type NewRecord = Pick<
	Waiting,
	'id' | 'method' | 'path' | 'body' | 'photo' | 'says' | 'from' | 'dayTyped' | 'after' | 'shown'
>;

/**
 * What was done in the rows: written to the phone first, then sent in the order it was made. A record leaves only when
 * the server has said that it keeps it, and where its page shows it, when the page has heard of it; one the server
 * refuses stays, with the reason.
 */
class Outbox {
	all = $state.raw<Waiting[]>([]);
	/** Whether it is known yet what lies on the phone. */
	known = $state(false);
	/** What to say while the phone has no room for what was done last. */
	full = $state('');
	/** While records are under way. */
	sending = $state(false);
	#retry?: ReturnType<typeof setTimeout>;
	#delay = FIRST_RETRY_MS;
	#on = false;
	/** Whether something may wait, as far as this page knows. */
	#mayWait = true;
	/** What a page waits for an answer to, and the answer once it is there. */
	#handed = new Map<string, Response | undefined>();
	/** What a page waits for, or was answered already: no news to it. */
	#answered = new SvelteSet<string>();

	/** What lies here of a page that has gone on without an answer. */
	keptOf(from: string) {
		return this.kept.filter(
			(one) => one.from === from && one.state !== 'aside' && !one.shown && !this.#answered.has(one.id)
		);
	}
	/** All but what has arrived already. */
	get kept() {
		return this.all.filter((one) => one.state !== 'arrived');
	}
	/** Records still to be sent. */
	get waiting() {
		return this.all.filter((one) => one.state === 'waiting');
	}
	/** Of them those that the server has nothing against, as far as is known. */
	get fine() {
		return this.waiting.filter((one) => !failsAlways(one));
	}
	/** Records that did not get through; those just on their way are no news. */
	get late() {
		return this.sending ? [] : this.fine;
	}
	/** Records that need somebody to look at them: refused, in a clash, or such that the server fails on them each time. */
	get troubled() {
		return this.all.filter((one) => one.state === 'refused' || one.state === 'clash' || failsAlways(one));
	}

	/** Watches the store and the network; sends what an earlier visit left. */
	open() {
		if (this.#on) return;
		this.#on = true;
		beforeReading(() => this.sendFirst());
		void watchStore(
			(box) => box.waiting.orderBy('seq').toArray(),
			(all) => {
				this.all = all;
				this.known = true;
			}
		);
		addEventListener('online', () => void this.send());
		document.addEventListener('visibilitychange', () => {
			if (!document.hidden) void this.send();
		});
		void this.#forgetOld();
		void this.send();
	}

	/** What arrived long ago and whose page nobody opened since. */
	async #forgetOld() {
		const old = Date.now() - SHOWN_FOR_MS;
		const { waiting } = await store();
		await waiting
			.where('state')
			.equals('arrived')
			.filter((one) => one.arrivedAt! < old)
			.delete();
	}

	/**
	 * Keeps records on the phone, and ends the draft they were made from, both or neither. They are safe before anything is
	 * sent; the page goes on when they were sent, or when that takes long.
	 *
	 * @throws Problem when the phone has no room
	 */
	async add(records: NewRecord | NewRecord[], draft?: string, wait = PAGE_WAITS_MS) {
		const made = {
			madeAt: Date.now(),
			ahead: ahead(),
			visit: performance.timeOrigin,
			into: performance.now(),
			by: session.account?.name ?? '',
			state: 'waiting' as const
		};
		const box = await store();
		try {
			await box.transaction('rw', box.waiting, box.drafts, async () => {
				await box.waiting.bulkAdd([records].flat().map((record) => ({ ...record, ...made })));
				if (draft) await box.drafts.delete(draft);
			});
		} catch (failed) {
			const full = noRoom(failed);
			this.full = full?.message ?? '';
			throw full ?? failed;
		}
		this.full = '';
		this.#mayWait = true;
		await Promise.race([this.send(), pause(wait)]);
	}

	/**
	 * Sends a request as the screens do, but keeps it first: what the server says is answered, and what it refused is left to
	 * the page it came from; when nobody answers soon the answer is empty, and it is sent later.
	 */
	async hand(
		request: Request,
		{ says, dayTyped, inOrder }: { says: string; dayTyped: boolean; inOrder: boolean }
	): Promise<Response> {
		const body = (await request.json()) as { id?: string };
		const id = body.id ?? request.headers.get(REQUEST_ID) ?? newId();
		const from = location.pathname;
		const before = inOrder ? await lastMadeAt(from) : undefined;
		this.#handed.set(id, undefined);
		this.#answered.add(id);
		try {
			const record = {
				id,
				method: request.method as Waiting['method'],
				path: new URL(request.url).pathname,
				body,
				says,
				from,
				dayTyped,
				...(before ? { after: before } : {})
			};
			await this.add(record, undefined, signal.lost ? PAGE_WAITS_MS : ANSWER_WAITS_MS);
			const answer = this.#handed.get(id);
			if (!answer) this.#answered.delete(id);
			return answer ?? new Response(null, { status: NOTHING_SAID_YET });
		} finally {
			this.#handed.delete(id);
		}
	}

	/** Sends all that waits, oldest first; only one page of this phone does so at a time. */
	async send() {
		this.#delay = FIRST_RETRY_MS;
		await this.#try();
	}

	/** What was done here just now is in what a page shows next; nobody waits long for it, nor without a signal. */
	async sendFirst() {
		if (signal.lost || !this.#mayWait) return;
		await Promise.race([this.send(), pause(PAGE_WAITS_MS)]);
	}

	async #try() {
		clearTimeout(this.#retry);
		await alone(async () => {
			this.sending = true;
			await this.#sendAll().finally(() => (this.sending = false));
		});
		this.#mayWait = (await (await store()).waiting.where('state').equals('waiting').count()) > 0;
		if (this.#mayWait) {
			clearTimeout(this.#retry);
			this.#retry = setTimeout(() => void this.#try(), this.#delay);
			this.#delay = Math.min(2 * this.#delay, LONGEST_RETRY_MS);
		}
	}

	/** What had arrived when a page was asked for stands in its answer: it need not be shown from here any longer. */
	async settle(box: Box, from: string, asked: number) {
		await box.waiting
			.where('state')
			.equals('arrived')
			.filter((one) => one.from === from && one.arrivedAt! <= asked)
			.delete();
	}

	/** Sends a record again, mended where the server refused it. */
	async sendAgain(record: Waiting, mended: Partial<Pick<Waiting, 'body' | 'day'>> = {}) {
		// What stands on the server under its id is another record; what rests on this one goes with it.
		const id = record.current !== undefined && record.method === 'POST' ? newId() : record.id;
		const box = await store();
		await box.transaction('rw', box.waiting, async () => {
			await box.waiting.update(record.seq, {
				...mended,
				...(mended.body && 'id' in mended.body ? { body: { ...mended.body, id } } : {}),
				id,
				state: 'waiting',
				failed: 0,
				asksDay: false,
				current: undefined
			});
			await box.waiting
				.filter((other) => restsOn(other, record.id))
				.modify((other) => {
					if (other.after === record.id) other.after = id;
					other.path = other.path.replace(record.id, id);
				});
		});
		await this.send();
	}

	/** A record nobody can do anything about: kept, but no longer pressed. */
	async setAside(record: Waiting) {
		await (await store()).waiting.update(record.seq, { state: 'aside' });
	}

	async #sendAll() {
		const stuck: string[] = [];
		const box = await store();
		for (const record of await box.waiting.orderBy('seq').toArray()) {
			const mine = record.by === session.account?.name;
			if (record.state === 'arrived') continue;
			if (record.state !== 'waiting' || !mine || stuck.some((id) => restsOn(record, id))) {
				stuck.push(record.id);
				continue;
			}
			const { problem, response } = await post(record);
			const asked = this.#handed.has(record.id);
			if (asked && response && !(problem && mayArriveLater(problem))) this.#handed.set(record.id, response);
			if (!problem) {
				if (record.shown) await box.waiting.update(record.seq, { state: 'arrived', arrivedAt: Date.now() });
				else await box.waiting.delete(record.seq);
				signal.heard();
			} else if (nobodyThere(problem)) {
				if (problem.status === 0 || problem.status >= 500) signal.lose();
				if (problem.status === NO_ROOM) await box.waiting.update(record.seq, { because: problem.message });
				return;
			} else if (problem.status >= 500) {
				stuck.push(record.id);
				const failed = (record.failed ?? 0) + 1;
				await box.waiting.update(record.seq, { failed, because: problem.message });
			} else if (asked) {
				await box.waiting.delete(record.seq);
			} else {
				stuck.push(record.id);
				await box.waiting.update(record.seq, {
					state: problem.current === undefined ? 'refused' : 'clash',
					because: problem.message,
					asksDay: problem.refusal?.kind === 'AgainstRule' && problem.refusal.rule === 'made.clock',
					current: problem.current
				});
			}
		}
	}
}

/** The id of what was made last on a page and has not arrived. */
async function lastMadeAt(from: string): Promise<string | undefined> {
	const { waiting } = await store();
	const made = await waiting
		.where('state')
		.noneOf(['arrived', 'aside'])
		.filter((one) => one.from === from)
		.sortBy('seq');
	return made.at(-1)?.id;
}

/** Whether a record is nothing without another: a picture of a walk, what became of a flower. */
function restsOn(record: Waiting, id: string): boolean {
	return record.after === id || record.path.includes(id);
}

function failsAlways(record: Waiting): boolean {
	return record.state === 'waiting' && (record.failed ?? 0) >= FAILS_OFTEN;
}

/** Nobody answered, nobody is signed in, or the token is old: every record is as good as before. */
function nobodyThere(problem: Problem): boolean {
	return [0, SIGN_IN_AGAIN, 408, 429, 502, 503, 504, NO_ROOM].includes(problem.status);
}

/** The server does not keep it now, and may well do so when it is sent again. */
function mayArriveLater(problem: Problem): boolean {
	return nobodyThere(problem) || problem.status >= 500;
}

/** What the server answered, and what it said against it; no problem when it keeps it. */
async function post(record: Waiting): Promise<{ problem?: Problem; response?: Response }> {
	let response: Response;
	try {
		response = await fetch(record.path, {
			method: record.method,
			headers: {
				'Content-Type': record.photo ? record.photo.type : 'application/json',
				...token(),
				[REQUEST_ID]: record.id
			},
			body:
				record.photo ??
				JSON.stringify(record.dayTyped ? record.body : { ...record.body, made: made(record) }),
			signal: AbortSignal.timeout(record.photo ? PICTURE_TAKES_MS : RECORD_TAKES_MS)
		});
	} catch {
		return { problem: problemOf({ detail: 'no signal' }, 0) };
	}
	compare(response);
	if (response.ok) return { response };
	const said: unknown = await response
		.clone()
		.json()
		.catch(() => undefined);
	const oldToken = response.status === 403 && said === undefined;
	return { problem: problemOf(said, oldToken ? SIGN_IN_AGAIN : response.status), response };
}

/** When it was made, with all this phone knows of it. */
function made(record: Waiting): Schemas['Made'] {
	return {
		madeAt: new Date(record.madeAt).toISOString(),
		sentAt: new Date().toISOString(),
		ahead: record.ahead,
		lived: record.visit === performance.timeOrigin ? Math.round(performance.now() - record.into!) : undefined,
		day: record.day
	};
}

/** Two open pages must not send the same record at once; without locks the server's own guard is enough. */
async function alone(work: () => Promise<void>) {
	if (!navigator.locks) return work();
	await navigator.locks.request('theriseed-outbox', work);
}

function pause(ms: number) {
	return new Promise<void>((over) => setTimeout(over, ms));
}

export const outbox = new Outbox();
