import type { Schemas } from '$lib/api/api';

type Planting = Schemas['PlantingView'];

/** A planting as it stands, ready to be sent otherwise. */
export function asRequest(planting: Planting): Schemas['PlantingRequest'] {
	return {
		season: planting.season,
		varietyId: planting.variety.id,
		plotId: planting.plotId,
		stretches: planting.stretches,
		rootPlotId: planting.rootPlotId,
		rootStretches: planting.rootStretches,
		purpose: planting.purpose,
		grade: planting.grade,
		flowers: planting.flowers,
		sownOn: planting.sownOn,
		setOutOn: planting.setOutOn,
		liftedOn: planting.liftedOn,
		replantedOn: planting.replantedOn,
		clearedOn: planting.clearedOn,
		plants: planting.plants,
		inRow: planting.inRow,
		betweenRows: planting.betweenRows,
		germination: planting.germination,
		selected: planting.selected,
		control: planting.control,
		everyFlower: planting.everyFlower,
		dropped: planting.dropped,
		volunteersPulled: planting.volunteersPulled,
		turns: planting.turns,
		flowersFrom: planting.flowersFrom,
		flowersUntil: planting.flowersUntil,
		restOverruled: planting.restOverruled,
		version: planting.version
	};
}

/** The plantings of a season as they would be: those that were tried in place of those that stand. */
export function otherwise(plantings: Planting[], tried: Planting[] | undefined): Planting[] {
	if (!tried) return plantings;
	const then = new Map(tried.map((planting) => [planting.id, planting]));
	return plantings
		.map((planting) => then.get(planting.id) ?? planting)
		.filter((planting) => planting.season === plantings[0].season);
}
