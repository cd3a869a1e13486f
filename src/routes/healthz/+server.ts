import { text } from '@sveltejs/kit';

/** Alive: for scripts that wait for the server. */
export const GET = () => text('ok');
