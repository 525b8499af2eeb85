import { v7 as newId } from 'uuid';
import { known } from './known';
import { outbox } from './outbox.svelte';
import { signal } from './signal.svelte';

/** A page of the rows: what the server said last, and what is done on it, kept on the phone before it is sent. */
export class RowsPage<T> {
	#from: string;
	#path: string;
	#ask: () => Promise<T>;
	#turn = $state(0);
	readonly found = $derived.by(() => {
		void this.#turn;
		const asked = Date.now();
		return known(this.#path, this.#ask(), () => outbox.settle(this.#from, asked));
	});

	/**
	 * @param from the page's own path
	 * @param path under which the answer is kept for when there is no signal
	 */
	constructor(from: string, path: string, ask: () => Promise<T>) {
		this.#from = from;
		this.#path = path;
		this.#ask = ask;
	}

	/** Looks it up anew. */
	again = () => {
		this.#turn++;
	};

	/**
	 * Keeps a record on the phone; what the server made of it is looked up once it has arrived.
	 *
	 * @param draft it was made from, and that ends with it
	 */
	async keep(
		method: 'POST' | 'PUT',
		path: string,
		says: string,
		body: Record<string, unknown>,
		{ dayTyped = false, draft }: { dayTyped?: boolean; draft?: string } = {}
	) {
		const id = method === 'POST' ? String(body.id ?? newId()) : newId();
		await outbox.add({ id, method, path, body, says, from: this.#from, dayTyped, shown: true }, draft);
		if (!signal.lost) this.again();
	}
}
