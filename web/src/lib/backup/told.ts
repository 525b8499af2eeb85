import type { Schemas } from '$lib/api/api';
import { written } from '$lib/units/units';

type Event = Schemas['EventView'];

const HAPPENED: Record<Event['what'], [good: string, bad: string]> = {
	MADE: ['Made, put back beside the farm, and the same', 'Not made'],
	ELSEWHERE: ['Copied to the other disk', 'Not copied to the other disk'],
	TRIED: ['Put back on trial, and the same as it was', 'Put back on trial, and no good']
};

export const happened = (event: Pick<Event, 'what' | 'good'>): string =>
	HAPPENED[event.what][event.good ? 0 : 1];

/** A size of a file as people say it. */
export function megabytes(bytes: number): string {
	const size = bytes / 1_000_000;
	return size < 0.1 ? `${written(Math.ceil(bytes / 1000))} kB` : `${written(Number(size.toPrecision(2)))} MB`;
}
