import type { Attempt } from './attempt.svelte';
import { Latest } from './latest.svelte';

/** A file that is read in: what it would do is asked as often as something is said of it, and it is kept once. */
export class FileRead<T extends { kept: boolean }> {
	readonly #preview = new Latest<T>();
	readonly #attempt: Attempt;
	readonly #send: (keep: boolean) => Promise<T>;
	#kept = $state.raw<T>();

	/** @param send asks the server, or has it kept */
	constructor(attempt: Attempt, send: (keep: boolean) => Promise<T>) {
		this.#attempt = attempt;
		this.#send = send;
		$effect(() => {
			attempt.problem = this.#preview.problem;
		});
	}

	/** What it does, or would do; nothing while no file is asked about. */
	get answer(): T | undefined {
		return this.#kept ?? this.#preview.answer;
	}

	/** Asks what it would do; only the latest answer counts. */
	look() {
		this.#kept = undefined;
		void this.#preview.ask(this.#send(false));
	}

	forget() {
		this.#kept = undefined;
		this.#preview.forget();
	}

	/** @param done called once it is kept */
	keep(done: () => void = () => {}) {
		void this.#attempt.run(async () => {
			const answer = await this.#send(true);
			if (!answer.kept) return void this.#preview.ask(Promise.resolve(answer));
			this.#kept = answer;
			done();
		});
	}
}
