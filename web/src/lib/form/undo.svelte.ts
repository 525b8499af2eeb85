/** The last act that can be taken back, and how. */
export class Undo {
	says = $state('');
	#back?: () => Promise<unknown>;

	/** Remembers an act that was done; the one before it can no longer be taken back. */
	done(says: string, back: () => Promise<unknown>) {
		this.says = says;
		this.#back = back;
	}

	async back() {
		const back = this.#back;
		this.#back = undefined;
		this.says = '';
		await back?.();
	}

	forget() {
		this.#back = undefined;
		this.says = '';
	}
}
