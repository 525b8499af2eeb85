import { v7 as newId } from 'uuid';
import { known } from './known';
import { outbox } from './outbox.svelte';
import type { Question } from './questions';
import { signal } from './signal.svelte';

/** A page of the rows: what the server said last, and what is done on it, kept on the phone before it is sent. */
export class OfflinePage<T> {
	#from: string;
	#question: Question<T>;
	#turn = $state(0);
	readonly found = $derived.by(() => {
		void this.#turn;
		const asked = Date.now();
		return known(this.#question.kept, this.#question.ask(), (box) => outbox.settle(box, this.#from, asked));
	});

	/** @param from the page's own path */
	constructor(from: string, question: Question<T>) {
		this.#from = from;
		this.#question = question;
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
