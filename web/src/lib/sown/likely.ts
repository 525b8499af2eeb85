import { session } from '$lib/api/session.svelte';

/** The day on which something was most likely sown: by its plan, once that day has come. */
export const likelyDay = (plannedOn: string) => (plannedOn < session.today ? plannedOn : session.today);
