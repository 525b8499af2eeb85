const KEPT_AS = 'theriseed.clock';
const WORTH_KEEPING_MS = 2000;

let known: number | undefined = read();

/**
 * How far this phone's clock is ahead of the server's, in milliseconds, as it was when an answer was heard last. Nothing
 * before any was. A phone's clock may be wrong, and may be put right at any moment.
 */
export function ahead(): number | undefined {
	return known;
}

/** Compares the clocks whenever the server answers. */
export function compare(response: Response) {
	const there = Date.parse(response.headers.get('Date') ?? '');
	if (Number.isNaN(there)) return;
	const now = Date.now() - there;
	if (known !== undefined && Math.abs(now - known) < WORTH_KEEPING_MS) return;
	known = now;
	localStorage.setItem(KEPT_AS, String(now));
}

function read() {
	const kept = Number.parseInt(globalThis.localStorage?.getItem(KEPT_AS) ?? '', 10);
	return Number.isNaN(kept) ? undefined : kept;
}
