// The maker's data is in the browser: pages are drawn there, and the server sends one shell for all of them.
export const ssr = false;
export const prerender = false;
