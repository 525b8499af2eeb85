import { Problem } from '$lib/api/api';

/** One act that the server may refuse: what went wrong stays until that field is changed or it is tried again; what was typed stays. */
export class Attempt {
	problem = $state<Problem>();
	busy = $state(false);

	#done: (() => void)[] = [];

	/** Says what follows each time it was done; answers how to say so no longer. */
	whenDone(act: () => void): () => void {
		this.#done.push(act);
		return () => (this.#done = this.#done.filter((one) => one !== act));
	}

	/** A field was typed into: what was wrong with it may be right now. */
	typed(name: string) {
		const wrong = this.problem;
		if (wrong?.status === 400 && wrong.field?.split('[')[0] === name) this.problem = undefined;
	}

	async run<T>(act: () => Promise<T>): Promise<T | undefined> {
		if (this.busy) return undefined;
		this.busy = true;
		this.problem = undefined;
		try {
			const answer = await act();
			this.#done.forEach((follow) => follow());
			return answer;
		} catch (wrong) {
			if (!(wrong instanceof Problem)) throw wrong;
			this.problem = wrong;
			return undefined;
		} finally {
			this.busy = false;
		}
	}
}
