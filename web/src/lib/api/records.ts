import { invalidate } from '$app/navigation';
import { session } from './session.svelte';

/** What pages show of the farm's records: all of it is looked up anew at once. */
export const RECORDS = 'farm:records';

/** What a page loads by: its parameters, its address, and what it is looked up anew by. */
interface Loading {
	depends: (...on: `${string}:${string}`[]) => void;
}

/**
 * What a page shows, asked once somebody is in, and again whenever it is refreshed. The page stands meanwhile; what is
 * refused it says itself.
 */
export function records<T>({ depends }: Loading, look: () => Promise<T>): Promise<T> {
	depends(RECORDS);
	const found = session.entered.then(look);
	found.catch(() => undefined);
	return found;
}

/** The season that a page is asked for, else the one that grows now. */
export const seasonOf = (asked: string | null) => Number(asked) || session.season;

/** Looks up anew what the page shows. */
export const refresh = () => void invalidate(RECORDS);
