import type { Schemas } from './api';

/** Who was signed in when the server was heard last, for when it cannot be asked: read before anything else is. */
const KEPT_AS = 'theriseed.session';

interface Kept {
	session: Schemas['Session'];
	/** By this device's clock, in milliseconds. */
	askedAt: number;
}

export function keepSession(session: Schemas['Session']) {
	try {
		localStorage.setItem(KEPT_AS, JSON.stringify({ session, askedAt: Date.now() } satisfies Kept));
	} catch {
		// A full device, or one that keeps nothing: what was asked is answered all the same.
	}
}

export function forgetSession() {
	localStorage.removeItem(KEPT_AS);
}

export function keptSession(): Kept | undefined {
	const kept = localStorage.getItem(KEPT_AS);
	return kept === null ? undefined : (JSON.parse(kept) as Kept);
}
