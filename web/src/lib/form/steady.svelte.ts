import { Problem } from '$lib/api/api';

/** Questions asked faster than they are answered: one is under way at a time, and after it only the newest. */
export class Steady<T> {
	answer = $state.raw<T>();
	problem = $state.raw<Problem>();
	#busy = false;
	#next?: () => Promise<T>;
	#forgotten = 0;

	ask(question: () => Promise<T>) {
		this.#next = question;
		if (!this.#busy) void this.#run();
	}

	/** There is nothing to ask about any more; what is still under way is not heard. */
	forget() {
		this.#next = undefined;
		this.#forgotten++;
		this.#become(undefined, undefined);
	}

	async #run() {
		this.#busy = true;
		try {
			for (let question = this.#take(); question; question = this.#take()) {
				const before = this.#forgotten;
				try {
					const answer = await question();
					if (before === this.#forgotten) this.#become(answer, undefined);
				} catch (wrong) {
					if (!(wrong instanceof Problem)) throw wrong;
					if (before === this.#forgotten) this.#become(undefined, wrong);
				}
			}
		} finally {
			this.#busy = false;
		}
	}

	#take() {
		const next = this.#next;
		this.#next = undefined;
		return next;
	}

	#become(answer?: T, problem?: Problem) {
		this.answer = answer;
		this.problem = problem;
	}
}
