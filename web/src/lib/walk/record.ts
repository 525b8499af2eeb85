import type { Schemas } from '$lib/api/api';
import type { Waiting } from '$lib/rows/box';
import type { Counted } from './walk.svelte';

type Request = Schemas['WalkRequest'];

/** A walk as it is sent. */
export function asRequest(counted: Counted, today: string): Request {
	const {
		id,
		stage,
		rowsInAll,
		rows,
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
		rows,
		rowsInAll,
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
	const { sheddingSince, notFlowered } = walk;
	return {
		...{ id, stage, walkedOn, lookedAt, rows, rowsInAll, offTypes, sick, stressed, bolted, note },
		...{ sheddingSince, notFlowered }
	};
}

/** A walk that was refused, as it can be gone on with. */
export function asCounted(request: Request): Partial<Counted> {
	return {
		...request,
		sheddingSince: request.sheddingSince ?? '',
		notFlowered: request.notFlowered ?? false,
		photos: []
	};
}

/** What walks of a stage found before: those the server knows, and those that have not arrived yet. */
export function sameStage(walk: Schemas['WalkPage'], stage: string, waiting: Waiting[]) {
	const known = walk.walks.filter((one) => one.stage === stage);
	const ids = new Set(known.map((one) => one.id));
	const kept = waiting
		.filter((one) => one.path === `/api/plantings/${walk.planting.id}/walks` && !ids.has(one.id))
		.map((one) => one.body as Request)
		.filter((one) => one.stage === stage);
	const off = (kinds: { plants: number }[]) => kinds.reduce((sum, kind) => sum + kind.plants, 0);
	return [...known, ...kept].reduce(
		(sum, one) => ({ lookedAt: sum.lookedAt + one.lookedAt, offTypes: sum.offTypes + off(one.offTypes) }),
		{ lookedAt: 0, offTypes: 0 }
	);
}
