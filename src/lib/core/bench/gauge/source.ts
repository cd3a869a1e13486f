import type { Fed, SwatchState } from '../../model/bench';

/** Where a density comes from. */
export type GaugeSource =
	| {
			kind: 'learned';
			pieces: number;
			/** Readings of swatches that it joins. */
			readings: number;
			state: SwatchState;
			projects: readonly string[];
			discord: number;
			/** How that was fed which it is carried from; left out where something was knitted as it is to be fed. */
			carried?: Fed;
	  }
	| {
			kind: 'swatch';
			readings: number;
			state: SwatchState;
			otherColour: boolean;
			discord: number;
			carried?: Fed;
	  }
	| { kind: 'fresh-unused'; readings: number; onMachine: number; ofYarn: number }
	| { kind: 'prior'; onMachine: number; ofYarn: number };
