import type { Handle } from '@sveltejs/kit';

/** Headers that keep the page to itself; the content security policy comes from the kit's configuration. */
export const handle: Handle = async ({ event, resolve }) => {
	const response = await resolve(event);
	response.headers.set('x-content-type-options', 'nosniff');
	response.headers.set('referrer-policy', 'no-referrer');
	response.headers.set('cross-origin-opener-policy', 'same-origin');
	response.headers.set('permissions-policy', 'camera=(), geolocation=(), microphone=(self)');
	return response;
};
