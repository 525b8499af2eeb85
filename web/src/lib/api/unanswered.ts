import { v7 as newId } from 'uuid';

/** Ids of requests under way in this page. */
const underWay = new Set<string>();

interface Unanswered {
	id: string;
	body: string;
}

const place = (request: Request) => `theriseed.unanswered ${request.method} ${request.url}`;

function unanswered(request: Request): Unanswered | undefined {
	const kept = sessionStorage.getItem(place(request));
	return kept ? (JSON.parse(kept) as Unanswered) : undefined;
}

/**
 * The id a request is sent with. What was sent to the same place and never answered may have arrived: the next keeps its
 * id, so that the server does it once, even when the page was closed meanwhile. Something new under that id is a clash that
 * shows what is kept already; a record that is changed once more is another change.
 */
export async function idFor(request: Request): Promise<string> {
	const changes = request.method !== 'POST';
	const json = request.headers.get('Content-Type')?.startsWith('application/json') ?? false;
	const body = changes && json ? await request.clone().text() : '';
	const before = unanswered(request);
	const same = before && !underWay.has(before.id) && before.body === body && !(changes && !json);
	const id = same ? before.id : newId();
	sessionStorage.setItem(place(request), JSON.stringify({ id, body }));
	underWay.add(id);
	return id;
}

/** @param heard whether the server said what it did; nobody knows what a server did that failed */
export function answered(request: Request, heard: boolean) {
	const id = request.headers.get('Idempotency-Key') ?? '';
	underWay.delete(id);
	if (heard && unanswered(request)?.id === id) sessionStorage.removeItem(place(request));
}
