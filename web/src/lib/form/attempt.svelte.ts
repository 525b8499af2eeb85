import { Problem } from '$lib/api/api';

/** One act that the server may refuse: what went wrong stays until the next try, and so does what was typed. */
export class Attempt {
	problem = $state<Problem>();
	busy = $state(false);

	async run<T>(act: () => Promise<T>): Promise<T | undefined> {
		if (this.busy) return undefined;
		this.busy = true;
		this.problem = undefined;
		try {
			return await act();
		} catch (wrong) {
			if (!(wrong instanceof Problem)) throw wrong;
			this.problem = wrong;
			return undefined;
		} finally {
			this.busy = false;
		}
	}
}
