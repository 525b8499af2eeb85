import { v7 as newId } from 'uuid';

/** Ids of requests under way in this page. */
const underWay = new Set<string>();

const kept = (request: Request) => `theriseed.unanswered ${request.method} ${request.url}`;

/**
 * The id a request is sent with. What was sent to the same place and never answered may have arrived: the next keeps its
 * id, so that the server does it once, even when the page was closed meanwhile.
 */
export function idFor(request: Request): string {
	const before = sessionStorage.getItem(kept(request));
	const id = before && !underWay.has(before) ? before : newId();
	sessionStorage.setItem(kept(request), id);
	underWay.add(id);
	return id;
}

/** @param heard whether the server said what it did; nobody knows what a server did that failed */
export function answered(request: Request, heard: boolean) {
	const id = request.headers.get('Idempotency-Key') ?? '';
	underWay.delete(id);
	if (heard && sessionStorage.getItem(kept(request)) === id) sessionStorage.removeItem(kept(request));
}
