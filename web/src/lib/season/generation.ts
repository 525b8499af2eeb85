import type { Schemas } from '$lib/api/api';
import { percent } from '$lib/units/units';

/** A generation of a line bred out of a hybrid, with what is still mixed in it. */
export function generationWords({ generation, mixed }: Schemas['BreedingOut']): string {
	return generation === 1
		? 'F1, the hybrid itself'
		: `F${generation}, about ${percent(mixed)} of what the hybrid mixed still is`;
}
