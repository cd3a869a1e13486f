import { getContext, setContext } from 'svelte';

const KEY = Symbol('dialog theme');

/** Dialogs are drawn outside of what opened them; inside the dark crank view they are to be dark too. */
export const darkDialogs = (): unknown => setContext(KEY, 'night');
export const dialogTheme = (): string | undefined => getContext<string | undefined>(KEY);
