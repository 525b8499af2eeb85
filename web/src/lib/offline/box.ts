import Dexie, { liveQuery, type EntityTable } from 'dexie';

/** Something done in the rows that has not arrived at the farm's server yet. */
export interface Waiting {
	/** Order in which it was made, and is sent. */
	seq: number;
	/** Its id, under which the server keeps it once however often it is sent. */
	id: string;
	method: 'POST' | 'PUT';
	path: string;
	body?: object;
	photo?: Blob;
	/** What it is, in words. */
	says: string;
	/** Where it was made, to be opened again. */
	from: string;
	/** By the phone's own clock. */
	madeAt: number;
	/** How far that clock was ahead of the server's, in milliseconds, when it was heard last before. */
	ahead?: number;
	/** The visit to the screens it was made in, and how long that had lasted, in milliseconds; no clock's change moves it. */
	visit?: number;
	into?: number;
	/** The day it was done, typed because the clock cannot tell. */
	day?: string;
	/** Whether its day was typed, and the clock does not matter. */
	dayTyped?: boolean;
	/** Who made it. */
	by: string;
	/** A record it belongs to, which must have arrived before. */
	after?: string;
	state: 'waiting' | 'refused' | 'clash' | 'aside' | 'arrived';
	/** Whether it is shown as done until its page was looked up anew. */
	shown?: boolean;
	/** When the server said that it keeps it; by the phone's clock. */
	arrivedAt?: number;
	/** What the server said against it. */
	because?: string;
	/** Whether only the day it was done is missing. */
	asksDay?: boolean;
	/** How often the server failed on it. */
	failed?: number;
	/** What stands on the server instead, where two changed the same. */
	current?: unknown;
}

/** The latest answer to a question, for when the server cannot be asked. */
interface Answer {
	path: string;
	value: unknown;
	askedAt: number;
}

/** Something begun and not finished: the count of a walk under way. */
interface Draft {
	key: string;
	value: unknown;
}

/** The phone's own store. It survives reload, a dead battery and a new version of the screens. */
export class Box extends Dexie {
	declare waiting: EntityTable<Waiting, 'seq'>;
	declare answers: EntityTable<Answer, 'path'>;
	declare drafts: EntityTable<Draft, 'key'>;

	constructor() {
		super('theriseed', { chromeTransactionDurability: 'strict' });
		this.version(1).stores({ waiting: '++seq, id, state', answers: 'path', drafts: 'key' });
		// The server's answers have other names in them since: they are heard anew. What was done stays.
		this.version(2)
			.stores({})
			.upgrade((kept) => kept.table('answers').clear());
	}
}

export const box = new Box();
export { liveQuery };
