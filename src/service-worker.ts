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

/** Pages come from the network while it answers and from the shell when it does not; built files from the cache. */
async function answer(request: Request): Promise<Response> {
	const cache = await caches.open(CACHE);
	if (request.mode === 'navigate') {
		try {
			return await fetch(request);
		} catch {
			return (await cache.match(SHELL)) ?? Response.error();
		}
	}
	return (await cache.match(request)) ?? fetch(request);
}
