import type { Schemas } from '$lib/api/api';

type Regeneration = Schemas['RegenerationView'];

/** Whether it must be sown by that season and is not planned yet. */
export const mustGrow = (one: Regeneration, season: number) =>
	one.sowBy !== undefined && one.sowBy <= season && one.planned.length === 0;

/** Where a planting of it is planned: in the season it must be sown, or now when that is over. */
export function planPath(one: Regeneration, year: number): string {
	const season = Math.max(one.sowBy ?? year + 1, year) + one.lead - 1;
	return `/desk/plantings/new?season=${season}&variety=${one.varietyId}&plants=${one.plants}`;
}
