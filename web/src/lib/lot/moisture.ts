import type { Schemas } from '$lib/api/api';
import { tenth } from '$lib/units/units';
import { STEP } from '$lib/words/words';

type Moisture = Schemas['SeedMoisture'];

const BY: Record<Moisture['by'], string> = {
	MEASURED: 'measured',
	WEIGHT: 'by its weights',
	AIR: 'by the air it settled in'
};

/** "between 7.0 and 9.0, by its weights" */
export function known(moisture: Moisture): string {
	return `between ${tenth(moisture.low)} and ${tenth(moisture.high)}, ${BY[moisture.by]}`;
}

/** Where a moisture was told: "dried", "tested". */
export function told(entry: Schemas['MoistureKnown']): string {
	switch (entry.told) {
		case 'TRANSFER':
			return 'as it was transferred';
		case 'TEST':
			return 'tested';
		case 'STORE':
			return 'open in store for a month';
		case 'STEP':
			return STEP[entry.step!].done;
	}
}
