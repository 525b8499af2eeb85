import { ask, GET, POST } from '$lib/api/api';

/** Cautions that whoever is signed in has read this season. */
class Cautions {
	#read = $state.raw<string[]>();

	/** Whether a caution need not stand in the way; until it is known which, all do. */
	known(caution: string): boolean {
		return this.#read?.includes(caution) ?? false;
	}

	async look() {
		this.#read = await ask(GET('/api/cautions'));
	}

	async read(caution: string) {
		this.#read = await ask(POST('/api/cautions', { body: { caution } }));
	}
}

export const cautions = new Cautions();
