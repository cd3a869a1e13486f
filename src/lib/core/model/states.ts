import type { SwatchState } from './bench';

/** Which state of a swatch speaks first: washed before rested, fresh off the machine last. */
export const STATES_BEST_FIRST: readonly SwatchState[] = ['washed', 'rested', 'fresh'];
