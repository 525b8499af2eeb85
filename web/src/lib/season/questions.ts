import type { Schemas } from '$lib/api/api';

type Planting = Schemas['PlantingView'];

/** A planting of the farm's own, and those of its seed crops that cross with it as planned. */
export interface Question {
	of: Planting;
	crossed: Planting[];
}

/** Which plantings the plan would be cleaner without: those that cross most of the others first. */
export function asked(plantings: Planting[]): Question[] {
	return plantings
		.map((of) => ({
			of,
			crossed: plantings.filter((one) =>
				one.isolation?.threats.some((threat) => threat.sourceId === of.id && threat.verdict === 'CROSSES')
			)
		}))
		.filter(({ crossed }) => crossed.length > 0)
		.sort((a, b) => b.crossed.length - a.crossed.length);
}
