import { Problem } from '$lib/api/api';

/** What to say when the phone's store is full; nothing when something else went wrong. */
export function noRoom(failed: unknown): Problem | undefined {
	const full = (one: unknown): boolean => {
		const { name, inner } = (one ?? {}) as { name?: string; inner?: unknown };
		return name === 'QuotaExceededError' || (inner !== undefined && full(inner));
	};
	return full(failed)
		? new Problem(
				'This phone has no room left, so this is not kept yet. What you typed is still here: make room on the phone, then try again.',
				507
			)
		: undefined;
}
