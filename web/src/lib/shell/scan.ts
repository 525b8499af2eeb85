const WHOLE = /^\d\d-?[A-Z]{3}-?\d{2,4}-?[0-9A-Z]$/;
const PAUSE_MS = 1500;

/**
 * Gathers keys pressed outside any field. A lot number typed or scanned there begins with a digit; until the pause that
 * ends it, letters belong to it and not to the keys of the page.
 */
export class Scan {
	#signs = '';
	#last = -Infinity;

	/** Takes a key; says whether it belongs to a number, and gives the number when Enter ends a whole one. */
	take(key: string, at: number): { taken: boolean; number?: string } {
		if (at - this.#last > PAUSE_MS) this.#signs = '';
		if (key === 'Enter') {
			const number = this.#signs.toUpperCase();
			this.#signs = '';
			return WHOLE.test(number) ? { taken: true, number } : { taken: false };
		}
		const starts = this.#signs === '' && /^\d$/.test(key);
		const goesOn = this.#signs !== '' && /^[0-9a-zA-Z-]$/.test(key);
		if (!starts && !goesOn) return { taken: false };
		this.#signs += key;
		this.#last = at;
		return { taken: true };
	}
}
