import { ask, GET } from '$lib/api/api';
import type { FirstLot } from './firstLot';

const LEFT = 'theriseed.beginning.left';

/** How far the farm is on its way to its first lot, while somebody wants to be led. */
class Beginning {
	first = $state.raw<FirstLot>();
	/** Whether whoever sits here wants no leading. */
	left = $state(globalThis.localStorage?.getItem(LEFT) === 'yes');

	/** Whether there is something to lead to. */
	get on() {
		return this.first !== undefined && !this.first.over && !this.left;
	}

	/** Asks how far it is; once it is over nobody asks again. */
	async look() {
		if (this.left || this.first?.over) return;
		this.first = await ask(GET('/api/first-lot')).catch(() => this.first);
	}

	leave() {
		this.left = true;
		localStorage.setItem(LEFT, 'yes');
	}

	comeBack() {
		this.left = false;
		localStorage.removeItem(LEFT);
		void this.look();
	}
}

export const beginning = new Beginning();
