import { Problem } from '$lib/api/api';

/** The answer to the latest of several questions, asked while somebody types; answers that come late are dropped. */
export class Latest<T> {
	answer = $state.raw<T>();
	/** Why the latest question was refused. */
	problem = $state.raw<Problem>();
	#asked = 0;

	async ask(question: Promise<T>): Promise<void> {
		const mine = ++this.#asked;
		try {
			const answer = await question;
			if (mine === this.#asked) this.#become(answer, undefined);
		} catch (wrong) {
			if (!(wrong instanceof Problem)) throw wrong;
			if (mine === this.#asked) this.#become(undefined, wrong);
		}
	}

	/** There is nothing to ask about any more. */
	forget() {
		this.#asked++;
		this.#become(undefined, undefined);
	}

	#become(answer?: T, problem?: Problem) {
		this.answer = answer;
		this.problem = problem;
	}
}
