import type { Picture } from '$lib/photo/small';
import type { Schemas } from '$lib/api/api';
import { noRoom } from '$lib/offline/noRoom';
import { store } from '$lib/offline/store';
import { v7 as newId } from 'uuid';

type OffType = Schemas['OffTypeRequest'];
export type Fate = OffType['fate'];

/** What a walk under way has come to. */
export interface Counted {
	/** Id the walk will have. */
	id: string;
	stage: string;
	/** Typed when it was not today. */
	walkedOn: string;
	rowsInAll: number;
	/** The row walked now, and those done. */
	row: number;
	rows: number[];
	lookedAt: number;
	/** Of them in the row walked now. */
	inRow: number;
	/** No earlier walk of the stage looked at these plants; said where the rows do not tell. */
	others: boolean;
	offTypes: OffType[];
	/** What is done with the next off-type. */
	fate: Fate;
	sick: number;
	stressed: number;
	bolted: number;
	sheddingSince: string;
	/** Somebody looked: none of the off-types had flowered. */
	notFlowered: boolean;
	note: string;
	photos: Picture[];
}

/** No off-types, but worth counting. */
export type Apart = 'sick' | 'stressed' | 'bolted';

function fresh(stage: string, rowsInAll: number): Counted {
	return {
		id: newId(),
		stage,
		walkedOn: '',
		rowsInAll,
		row: 1,
		rows: [],
		lookedAt: 0,
		inRow: 0,
		others: false,
		offTypes: [],
		fate: 'PULLED',
		sick: 0,
		stressed: 0,
		bolted: 0,
		sheddingSince: '',
		notFlowered: false,
		note: '',
		photos: []
	};
}

/**
 * The walk under way in one planting. Kept on the phone after every tap, so that nothing is lost when the page is; every
 * tap can be taken back.
 */
export class WalkCount {
	#counted = $state.raw<Counted>(fresh('', 1));
	#before = $state.raw<Counted[]>([]);
	/** Why the latest tap stands only on the screen. */
	unkept = $state('');

	private constructor(
		/** The draft it is kept as. */
		readonly key: string,
		counted: Counted
	) {
		this.#counted = counted;
	}

	/** The walk that was begun in this planting, or a new one. */
	static async in(planting: string, stage: string, rowsInAll: number): Promise<WalkCount> {
		const key = `walk ${planting}`;
		const kept = await (await store()).drafts.get(key);
		const counted = { ...fresh(stage, rowsInAll), ...(kept?.value as Partial<Counted> | undefined) };
		return new WalkCount(key, counted);
	}

	/**
	 * Puts a walk that could not be kept back where it was made, out of the outbox.
	 *
	 * @returns whether there was room for it: another walk of the planting may be under way
	 */
	static async takeUp(planting: string, walk: Partial<Counted>, seq: number): Promise<boolean> {
		const key = `walk ${planting}`;
		const box = await store();
		return box.transaction('rw', box.waiting, box.drafts, async () => {
			const underWay = (await box.drafts.get(key))?.value as Counted | undefined;
			if (underWay?.lookedAt) return false;
			await box.drafts.put({ key, value: { ...fresh('', 1), ...walk } });
			await box.waiting.delete(seq);
			return true;
		});
	}

	get now() {
		return this.#counted;
	}
	get begun() {
		return this.#counted.lookedAt > 0;
	}
	get offTypesInAll() {
		return this.#counted.offTypes.reduce((sum, kind) => sum + kind.plants, 0);
	}
	get pulled() {
		return this.#counted.offTypes.reduce((sum, kind) => sum + (kind.fate === 'PULLED' ? kind.plants : 0), 0);
	}
	get canUndo() {
		return this.#before.length > 0;
	}
	of(kind: string) {
		return this.#counted.offTypes.reduce((sum, one) => sum + (one.kind === kind ? one.plants : 0), 0);
	}

	/** Looked at so many more; never fewer in all than what was found. */
	look(plants: number) {
		const { lookedAt, inRow, sick, stressed, bolted } = this.#counted;
		const least = Math.max(this.offTypesInAll, sick, stressed, bolted);
		const now = Math.max(least, lookedAt + plants);
		this.#become({ lookedAt: now, inRow: Math.max(0, inRow + now - lookedAt) });
	}

	/** An off-type is also a plant looked at. */
	mark(kind: string) {
		const { fate, offTypes, lookedAt, inRow } = this.#counted;
		const same = offTypes.find((one) => one.kind === kind && one.fate === fate);
		const others = offTypes.filter((one) => one !== same);
		const found = same ? { ...same, plants: same.plants + 1 } : { kind, plants: 1, fate, reason: '' };
		this.#become({ offTypes: [...others, found], lookedAt: lookedAt + 1, inRow: inRow + 1 });
	}

	/** A sick plant, a freak of stress or an early bolter is looked at too, but is no off-type. */
	markApart(what: Apart) {
		const { lookedAt, inRow } = this.#counted;
		this.#become({ [what]: this.#counted[what] + 1, lookedAt: lookedAt + 1, inRow: inRow + 1 });
	}

	/** The row is walked; the next that is not walked yet comes. */
	endRow() {
		const { row, rowsInAll } = this.#counted;
		const rows = [...this.#counted.rows.filter((one) => one !== row), row].sort((a, b) => a - b);
		const after = [...Array(rowsInAll).keys()].map((i) => ((row + i) % rowsInAll) + 1);
		const next = after.find((one) => !rows.includes(one)) ?? row;
		this.#become({ rows, row: next, inRow: 0 });
	}

	/** The whole row was looked at, so many plants. */
	wholeRow(plants: number) {
		this.look(Math.max(0, plants - this.#counted.inRow));
		this.endRow();
	}

	goTo(row: number) {
		if (row !== this.#counted.row) this.#become({ row, inRow: 0 });
	}

	set(change: Partial<Counted>) {
		this.#become(change);
	}

	undo() {
		const before = this.#before.at(-1);
		if (!before) return;
		this.#before = this.#before.slice(0, -1);
		this.#keep(before);
	}

	/** The walk is recorded and its draft ended: the next begins at nothing. */
	finish() {
		this.#before = [];
		this.#counted = fresh(this.#counted.stage, this.#counted.rowsInAll);
	}

	#become(change: Partial<Counted>) {
		this.#before = [...this.#before.slice(-99), this.#counted];
		this.#keep({ ...this.#counted, ...change });
	}
	#keep(counted: Counted) {
		this.#counted = counted;
		store()
			.then((box) => box.drafts.put({ key: this.key, value: counted }))
			.then(
				() => (this.unkept = ''),
				(failed: unknown) => (this.unkept = noRoom(failed)?.message ?? String(failed))
			);
	}
}
