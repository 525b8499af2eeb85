import type { Schemas } from '$lib/api/api';

type OffType = Schemas['OffTypeRequest'];

interface Counted {
	lookedAt: number;
	sick: number;
	offTypes: Record<string, number>;
}

const NOTHING: Counted = { lookedAt: 0, sick: 0, offTypes: {} };

/**
 * What was counted on this walk so far. Kept on the phone after every tap, so that nothing is lost when the page is; every
 * tap can be taken back.
 */
export class WalkCount {
	#counted = $state<Counted>(NOTHING);
	#before = $state<Counted[]>([]);

	/** @param place where this walk is kept on the phone */
	constructor(private readonly place: string) {
		const kept = localStorage.getItem(place);
		if (kept) this.#counted = JSON.parse(kept) as Counted;
	}

	get lookedAt() {
		return this.#counted.lookedAt;
	}
	get sick() {
		return this.#counted.sick;
	}
	get offTypesInAll() {
		return Object.values(this.#counted.offTypes).reduce((sum, plants) => sum + plants, 0);
	}
	get canUndo() {
		return this.#before.length > 0;
	}
	of(kind: string) {
		return this.#counted.offTypes[kind] ?? 0;
	}
	get offTypes(): OffType[] {
		return Object.entries(this.#counted.offTypes)
			.filter(([, plants]) => plants > 0)
			.map(([kind, plants]) => ({ kind, plants }));
	}

	/** Looked at so many more; never fewer in all than what was found off or sick. */
	look(plants: number) {
		const least = Math.max(this.offTypesInAll, this.sick, 0);
		this.#become({ ...this.#counted, lookedAt: Math.max(least, this.lookedAt + plants) });
	}

	/** An off-type is also a plant looked at. */
	mark(kind: string) {
		const offTypes = { ...this.#counted.offTypes, [kind]: this.of(kind) + 1 };
		this.#become({ ...this.#counted, offTypes, lookedAt: this.lookedAt + 1 });
	}

	/** A sick plant is looked at too, but is no off-type. */
	markSick() {
		this.#become({ ...this.#counted, sick: this.sick + 1, lookedAt: this.lookedAt + 1 });
	}

	undo() {
		const before = this.#before.at(-1);
		if (!before) return;
		this.#before = this.#before.slice(0, -1);
		this.#keep(before);
	}

	/** The walk is recorded: the next begins at nothing. */
	finish() {
		this.#before = [];
		this.#counted = NOTHING;
		localStorage.removeItem(this.place);
	}

	#become(counted: Counted) {
		this.#before = [...this.#before.slice(-49), this.#counted];
		this.#keep(counted);
	}
	#keep(counted: Counted) {
		this.#counted = counted;
		localStorage.setItem(this.place, JSON.stringify(counted));
	}
}
