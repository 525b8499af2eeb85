import type { Schemas } from '$lib/api/api';
import type { Waiting } from '$lib/offline/box';
import type { Counted } from './walk.svelte';

type Request = Schemas['WalkRequest'];

/** A walk as it is sent. */
export function asRequest(counted: Counted, today: string): Request {
	const {
		id,
		stage,
		rowsInAll,
		row,
		rows,
		inRow,
		others,
		lookedAt,
		offTypes,
		sick,
		stressed,
		bolted,
		sheddingSince,
		notFlowered,
		note
	} = counted;
	return {
		id,
		stage,
		walkedOn: counted.walkedOn || today,
		lookedAt,
		// The row that is walked now was walked in part.
		rows: inRow && !rows.includes(row) ? [...rows, row].sort((a, b) => a - b) : rows,
		rowsInAll,
		...(others ? { others } : {}),
		offTypes,
		sick,
		stressed,
		bolted,
		...(sheddingSince ? { sheddingSince } : {}),
		...(notFlowered ? { notFlowered } : {}),
		note
	};
}

/** Whether off-types found on the day of the walk are taken to have flowered with the stand, unless somebody says otherwise. */
export function inFlower(counted: Counted, flowersFrom: string | undefined, today: string) {
	return flowersFrom !== undefined && (counted.walkedOn || today) >= flowersFrom;
}

/** A recorded walk as it would be sent again, to be corrected in part. */
export function asItStands(walk: Schemas['WalkView']): Request {
	const { id, stage, walkedOn, lookedAt, rows, rowsInAll, offTypes, sick, stressed, bolted, note } = walk;
	const { others, sheddingSince, notFlowered } = walk;
	return {
		...{ id, stage, walkedOn, lookedAt, rows, rowsInAll, offTypes, sick, stressed, bolted, note },
		...{ others, sheddingSince, notFlowered }
	};
}

/** A walk that was refused, as it can be gone on with. */
export function asCounted(request: Request): Partial<Counted> {
	return {
		...request,
		sheddingSince: request.sheddingSince ?? '',
		others: request.others ?? false,
		notFlowered: request.notFlowered ?? false,
		photos: []
	};
}

/** Walks of a stage that have not arrived at the server yet. */
export function notArrived(walk: Schemas['WalkPage'], stage: string, waiting: Waiting[]): Request[] {
	const ids = new Set(walk.walks.map((one) => one.id));
	return waiting
		.filter((one) => one.path === `/api/plantings/${walk.planting.id}/walks` && !ids.has(one.id))
		.map((one) => one.body as Request)
		.filter((one) => one.stage === stage);
}
