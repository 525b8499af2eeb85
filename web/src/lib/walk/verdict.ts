import type { Schemas } from '$lib/api/api';
import type { Waiting } from '$lib/offline/box';
import { asRequest, notArrived } from './record';
import type { Counted } from './walk.svelte';

type Table = Schemas['VerdictTable'];

export interface Told {
	mark: Schemas['WalkVerdict']['mark'];
	lookedAt: number;
	offTypes: number;
	/** Off-types that may still stand at 95 %, and the same as a share of what stands. */
	most: number;
	upper: number;
	/** Still to look at, with no more off-types; 0 when it is shown or over, or when this walk cannot show it. */
	more: number;
	/** Whether every plant this walk can count was looked at. */
	whole: boolean;
}

/**
 * What the server's table says of a count; nothing before the first plant, nor beyond the table.
 *
 * @param left off-types of the count that were not pulled
 */
export function tell(table: Table, lookedAt: number, offTypes: number, left = 0): Told | undefined {
	const row = table.rows[offTypes];
	const plants = Math.min(lookedAt, table.reach);
	if (!row || plants < 1 || offTypes > plants) return undefined;
	const most = row.most[table.at.findLastIndex((at) => at <= plants)] + left;
	const standing = table.standing - (offTypes - left);
	const over = plants <= row.overUpTo || left > table.tolerance * standing + 1e-9;
	const shown = left
		? most <= table.tolerance * standing + 1e-9
		: row.shownFrom > 0 && plants >= row.shownFrom;
	const mark = shown ? 'SHOWN' : over ? 'OVER' : 'NOT_YET';
	return {
		mark,
		lookedAt: plants,
		offTypes,
		most,
		upper: standing ? most / standing : 0,
		more: mark === 'NOT_YET' && !left ? Math.max(0, row.shownFrom - plants) : 0,
		whole: plants === table.reach
	};
}

/** Walks of a stage that the server knows, and those still on the phone. */
export function walkedBefore(walk: Schemas['WalkPage'], stage: string, waiting: Waiting[]) {
	return [...walk.walks.filter((one) => one.stage === stage), ...notArrived(walk, stage, waiting)];
}

/**
 * The table that a walk under way is judged by: that of plants nobody looked at at this stage, or that of the same again.
 * Rows tell which; where they are not known, whoever walks says so.
 */
export function tableFor(walk: Schemas['WalkPage'], counted: Counted, waiting: Waiting[]): Table | undefined {
	const [unwalked] = walk.tables;
	const tables = walk.tables.find((one) => one.stage === counted.stage) ?? unwalked;
	const before = walkedBefore(walk, counted.stage, waiting);
	const { rows, others } = asRequest(counted, '');
	const inRows = before.every((one) => one.rows.length && one.rowsInAll === counted.rowsInAll);
	const elsewhere =
		counted.rowsInAll > 1 && rows.length && inRows
			? !before.some((one) => one.rows.some((row) => rows.includes(row)))
			: others;
	return (elsewhere && tables.others) || tables.again || tables.others || undefined;
}
