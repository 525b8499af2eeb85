/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
/// <reference types="@sveltejs/kit" />
import { build, files, version } from '$service-worker';

/** Keeps the screens themselves on the phone, so that they open without a network. Records are kept elsewhere. */
const worker = self as unknown as ServiceWorkerGlobalScope;
const NAME = 'theriseed-screens-';
const CURRENT = NAME + version;
const PAGE = '/';

worker.addEventListener('install', (event) => {
	event.waitUntil(keep().then(() => worker.skipWaiting()));
});

worker.addEventListener('activate', (event) => {
	event.waitUntil(forgetOld().then(() => worker.clients.claim()));
});

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== location.origin || url.pathname.startsWith('/api/')) return;
	event.respondWith(request.mode === 'navigate' ? page(request) : file(request));
});

/** Every file of this version, and the script that starts the page, which the page itself names. */
async function keep() {
	const cache = await caches.open(CURRENT);
	const shown = await fetch(PAGE, { cache: 'no-cache' });
	const html = await shown.clone().text();
	await cache.put(PAGE, shown);
	const start = [...html.matchAll(/<script src="([^"]+)"/g)].map((found) => found[1]);
	await cache.addAll([...start, ...build, ...files]);
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

async function file(request: Request): Promise<Response> {
	return (await caches.match(request)) ?? fetch(request);
}
