/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';

const worker = globalThis.self as unknown as ServiceWorkerGlobalScope;
const CACHE = `tomble-${version}`;
const SHELL = '/';
// Latin letters are what the interface is written in; other scripts' font files are fetched when needed.
const PRECACHE = [
	SHELL,
	...build.filter((f) => !/-(vietnamese|latin-ext|cyrillic|greek)[^/]*\.woff2$/.test(f)),
	...files
];

worker.addEventListener('install', (event) => {
	event.waitUntil(caches.open(CACHE).then((cache) => cache.addAll(PRECACHE)));
});

worker.addEventListener('activate', (event) => {
	event.waitUntil(
		caches
			.keys()
			.then((keys) => Promise.all(keys.filter((k) => k !== CACHE).map((k) => caches.delete(k))))
			.then(() => worker.clients.claim())
	);
});

worker.addEventListener('fetch', (event) => {
	const url = new URL(event.request.url);
	if (event.request.method !== 'GET' || url.origin !== worker.location.origin) return;
	if (url.pathname.startsWith('/api/') || url.pathname === '/healthz') return;
	event.respondWith(answer(event.request));
});

/** A server that takes longer than this is not waited for where the application is at hand, ms. */
const PATIENCE_MS = 3000;

/** Built files come from the cache; pages from the network while it answers soundly and in time, else from the shell. */
async function answer(request: Request): Promise<Response> {
	const cache = await caches.open(CACHE);
	if (request.mode !== 'navigate') return (await cache.match(request)) ?? fetch(request);
	const shell = await cache.match(SHELL);
	if (!shell) return fetch(request);
	const ended = new AbortController();
	const patience = setTimeout(() => ended.abort(), PATIENCE_MS);
	try {
		const page = await fetch(request, { signal: ended.signal });
		// A gateway's error is no page of ours.
		return page.status >= 500 ? shell : page;
	} catch {
		return shell;
	} finally {
		clearTimeout(patience);
	}
}
