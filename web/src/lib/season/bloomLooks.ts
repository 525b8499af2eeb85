import type { Schemas } from '$lib/api/api';

/** What may be seen of a bloom, as it is said. */
export const SEEN: Record<Schemas['BloomLookRequest']['seen'], string> = {
	NOT_YET: 'no flower yet',
	IN_BLOOM: 'in bloom',
	OVER: 'bloom over'
};
