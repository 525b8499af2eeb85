import type { Schemas } from '$lib/api/api';

export interface Told {
	mark: Schemas['WalkVerdict']['mark'];
	lookedAt: number;
	offTypes: number;
	upper: number;
	/** Still to look at, with no more off-types; 0 when it is shown or over. */
	more: number;
	/** Whether every plant was looked at; then the chance that one was overlooked. */
	whole: boolean;
	overlooked: number;
}

/** What the server's table says of a count; nothing before the first plant, nor beyond the table. */
export function tell(table: Schemas['VerdictTable'], lookedAt: number, offTypes: number): Told | undefined {
	const row = table.rows[offTypes];
	const plants = Math.min(lookedAt, table.stand);
	if (!row || plants < 1 || offTypes > plants) return undefined;
	const whole = plants === table.stand;
	const mark = whole
		? offTypes <= table.letPass
			? 'SHOWN'
			: 'OVER'
		: plants >= row.shownFrom
			? 'SHOWN'
			: plants <= row.overUpTo
				? 'OVER'
				: 'NOT_YET';
	return {
		mark,
		lookedAt: plants,
		offTypes,
		upper: between(table.at, row.upper, plants),
		more: mark === 'NOT_YET' ? row.shownFrom - plants : 0,
		whole,
		overlooked: whole ? row.overlooked : 0
	};
}

/** Limits stand at some numbers of plants; between two of them they lie on a straight line in 1/plants. */
function between(at: number[], upper: number[], plants: number): number {
	const i = at.findIndex((number) => number >= plants);
	if (at[i] === plants || i === 0) return upper[i];
	const part = (1 / plants - 1 / at[i - 1]) / (1 / at[i] - 1 / at[i - 1]);
	return upper[i - 1] + part * (upper[i] - upper[i - 1]);
}
