import { liveQuery } from 'dexie';
import { problemOf, type Problem } from '$lib/api/api';
import { session } from '$lib/api/session.svelte';
import { box, type Waiting } from './box';
import { signal } from './signal.svelte';

/** A phone says that it is online before it is: the first tries come soon, later ones seldom. */
const FIRST_RETRY_MS = 1000;
const LONGEST_RETRY_MS = 15_000;
const SIGN_IN_AGAIN = 401;
const SHOWN_FOR_MS = 24 * 3600 * 1000;

/**
 * What was done in the rows: written to the phone first, then sent in the order it was made. A record leaves only when
 * the server has said that it keeps it, and where its page shows it, when the page has heard of it; one the server
 * refuses stays, with the reason.
 */
class Outbox {
	all = $state.raw<Waiting[]>([]);
	/** Whether it is known yet what lies on the phone. */
	known = $state(false);
	/** While records are under way. */
	sending = $state(false);
	#retry?: ReturnType<typeof setTimeout>;
	#delay = FIRST_RETRY_MS;
	#on = false;

	/** All but what has arrived already. */
	get kept() {
		return this.all.filter((one) => one.state !== 'arrived');
	}
	/** Records still to be sent. */
	get waiting() {
		return this.all.filter((one) => one.state === 'waiting');
	}
	/** Records that did not get through; those just on their way are no news. */
	get late() {
		return this.sending ? [] : this.waiting;
	}
	/** Records that need somebody to look at them. */
	get troubled() {
		return this.all.filter((one) => one.state === 'refused' || one.state === 'clash');
	}

	/** Watches the store and the network; sends what an earlier visit left. */
	open() {
		if (this.#on) return;
		this.#on = true;
		liveQuery(() => box.waiting.orderBy('seq').toArray()).subscribe((all) => {
			this.all = all;
			this.known = true;
		});
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
		await box.waiting
			.where('state')
			.equals('arrived')
			.filter((one) => one.arrivedAt! < old)
			.delete();
	}

	/** Keeps a record on the phone and tries to send it. It is safe once this returns. */
	async add(record: Omit<Waiting, 'seq' | 'madeAt' | 'by' | 'state' | 'because' | 'current'>) {
		await box.waiting.add({
			...record,
			madeAt: Date.now(),
			by: session.account?.name ?? '',
			state: 'waiting'
		});
		await this.send();
	}

	/** Sends all that waits, oldest first; only one page of this phone does so at a time. */
	async send() {
		this.#delay = FIRST_RETRY_MS;
		await this.#try();
	}

	async #try() {
		clearTimeout(this.#retry);
		await alone(async () => {
			this.sending = true;
			await this.#sendAll().finally(() => (this.sending = false));
		});
		if (await box.waiting.where('state').equals('waiting').count()) {
			clearTimeout(this.#retry);
			this.#retry = setTimeout(() => void this.#try(), this.#delay);
			this.#delay = Math.min(2 * this.#delay, LONGEST_RETRY_MS);
		}
	}

	/** What had arrived when a page was asked for stands in its answer: it need not be shown from here any longer. */
	async settle(from: string, asked: number) {
		await box.waiting
			.where('state')
			.equals('arrived')
			.filter((one) => one.from === from && one.arrivedAt! <= asked)
			.delete();
	}

	/** Takes a refused record out, to be made again where it was made. */
	async takeBack(record: Waiting) {
		await box.waiting.delete(record.seq);
	}

	/** A record nobody can do anything about: kept, but no longer pressed. */
	async setAside(record: Waiting) {
		await box.waiting.update(record.seq, { state: 'aside' });
	}

	async #sendAll() {
		const stuck: string[] = [];
		for (const record of await box.waiting.orderBy('seq').toArray()) {
			const mine = record.by === session.account?.name;
			if (record.state === 'arrived') continue;
			if (record.state !== 'waiting' || !mine || (record.after && stuck.includes(record.after))) {
				stuck.push(record.id);
				continue;
			}
			const problem = await post(record);
			if (!problem) {
				if (record.shown) await box.waiting.update(record.seq, { state: 'arrived', arrivedAt: Date.now() });
				else await box.waiting.delete(record.seq);
				signal.heard();
			} else if (mayGoBetter(problem)) {
				if (problem.status === 0 || problem.status >= 500) signal.lose();
				return;
			} else {
				stuck.push(record.id);
				await box.waiting.update(record.seq, {
					state: problem.current === undefined ? 'refused' : 'clash',
					because: problem.message,
					current: problem.current
				});
			}
		}
	}
}

/** Nobody answered, nobody is signed in, or the token is old: the record is as good as before. */
function mayGoBetter(problem: Problem): boolean {
	return problem.status === 0 || problem.status >= 500 || [SIGN_IN_AGAIN, 408, 429].includes(problem.status);
}

/** What the server said against it; nothing when it keeps it. */
async function post(record: Waiting): Promise<Problem | undefined> {
	const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
	const made = { madeAt: new Date(record.madeAt).toISOString(), sentAt: new Date().toISOString() };
	let response: Response;
	try {
		response = await fetch(record.path, {
			method: record.method,
			headers: {
				'Content-Type': record.photo ? record.photo.type : 'application/json',
				'X-XSRF-TOKEN': token ? decodeURIComponent(token) : ''
			},
			body: record.photo ?? JSON.stringify(record.dayTyped ? record.body : { ...record.body, made })
		});
	} catch {
		return problemOf({ detail: 'no signal' }, 0);
	}
	if (response.ok) return undefined;
	const said: unknown = await response.json().catch(() => undefined);
	const oldToken = response.status === 403 && said === undefined;
	return problemOf(said, oldToken ? SIGN_IN_AGAIN : response.status);
}

/** Two open pages must not send the same record at once; without locks the server's own guard is enough. */
async function alone(work: () => Promise<void>) {
	if (!navigator.locks) return work();
	await navigator.locks.request('theriseed-outbox', work);
}

export const outbox = new Outbox();
