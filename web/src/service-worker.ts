/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/// <reference types="@sveltejs/kit" />
import { files, version } from '$service-worker';

/**
 * Keeps the screens themselves on the phone, so that they open without a network: those all need at once, those of somebody's
 * work when the screens name them, any other once it was opened. Records are kept elsewhere.
 */
const worker = self as unknown as ServiceWorkerGlobalScope;
const NAME = 'theriseed-screens-';
const CURRENT = NAME + version;
const PAGE = '/';
/** Which files each page needs, by its route. */
const FILES_OF_PAGES = '/files-of-pages.json';

worker.addEventListener('install', (event) => {
	event.waitUntil(keep().then(() => worker.skipWaiting()));
});

worker.addEventListener('activate', (event) => {
	event.waitUntil(forgetOld().then(() => worker.clients.claim()));
});

worker.addEventListener('message', (event) => {
	const { take } = event.data as { take?: string[] };
	if (take) event.waitUntil(takeAlong(take));
});

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== location.origin || url.pathname.startsWith('/api/')) return;
	event.respondWith(request.mode === 'navigate' ? page(request) : file(request, url.pathname));
});

async function keep() {
	const cache = await caches.open(CURRENT);
	await cache.addAll([
		new Request(PAGE, { cache: 'no-cache' }),
		new Request(FILES_OF_PAGES, { cache: 'no-cache' }),
		...files
	]);
	await takeAlong(['all']);
}

/** Fetches the files of these pages that do not lie here yet. */
async function takeAlong(routes: string[]) {
	const cache = await caches.open(CURRENT);
	const listed = await cache.match(FILES_OF_PAGES);
	const of = (await listed?.json()) as Record<string, string[]> | undefined;
	const wanted = new Set(routes.flatMap((route) => of?.[route] ?? []));
	const here = new Set((await cache.keys()).map(({ url }) => new URL(url).pathname));
	await cache.addAll([...wanted].filter((path) => !here.has(path)));
}

/** A page that is still open goes on with the files of the version before. */
async function forgetOld() {
	const mine = (await caches.keys()).filter((name) => name.startsWith(NAME) && name !== CURRENT);
	await Promise.all(mine.slice(0, -1).map((name) => caches.delete(name)));
}

/** The newest page where there is a network, else the one that is kept. */
async function page(request: Request): Promise<Response> {
	try {
		return await fetch(request);
	} catch (unreachable) {
		const kept = await caches.match(PAGE);
		if (kept) return kept;
		throw unreachable;
	}
}

/** A file whose name changes with its content is fetched once. */
async function file(request: Request, path: string): Promise<Response> {
	const kept = await caches.match(request);
	if (kept) return kept;
	const fetched = await fetch(request);
	if (fetched.ok && path.startsWith('/_app/immutable/')) {
		const cache = await caches.open(CURRENT);
		await cache.put(request, fetched.clone());
	}
	return fetched;
}
