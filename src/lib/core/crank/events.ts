import type { Feed } from '../bench/machine/slot';
import type { HandWork, YarnPlace } from './row-by-row';
import type { TailUse } from './tails';

/** A tail left hanging, and what it is left for. Waste and the contrast strand are pulled out again. */
export interface TailLeft {
	readonly cm: number;
	readonly use: TailUse | 'pull';
}

/** Something the hands do, once `after` rows of the whole run are done. */
export type RunSheetEvent = { readonly after: number } & (
	| {
			readonly kind: 'cast-on';
			readonly yarn: number;
			readonly method: CastOn;
			/** What is left before the first loop. */
			readonly tail: TailLeft;
			/** The tail hangs from the first main row instead, after waste. */
			readonly mainTail: { readonly yarn: number; readonly tail: TailLeft } | null;
			readonly place: YarnPlace;
			/** Pins that take the yarn, from 0, both included. */
			readonly low: number;
			readonly high: number;
			/** A pin beside them that holds the tail. */
			readonly holder: number | null;
			/** How the yarn is fed; null for what comes off again. */
			readonly feed: Feed | null;
	  }
	| {
			readonly kind: 'slow';
			readonly until: number;
			readonly why: 'first' | 'loose' | 'join' | 'panel' | 'hem';
	  }
	| {
			readonly kind: 'hands';
			readonly work: readonly HandWork[];
			/** The yarn broken beside a held group: what is left there, and of what is threaded anew, null where another comes in. */
			readonly broken: {
				readonly yarn: number;
				readonly old: TailLeft;
				readonly new: TailLeft | null;
				/** The new edge pin, from 0. */
				readonly pin: number;
			} | null;
	  }
	| {
			readonly kind: 'join';
			readonly from: number;
			readonly to: number;
			readonly first: boolean;
			/** Of the yarn that is cut, null where it is broken already, and of the one that comes in. */
			readonly old: TailLeft | null;
			readonly new: TailLeft;
			readonly place: YarnPlace;
			/** How the new one is fed; null where nothing is set anew. */
			readonly feed: Feed | null;
	  }
	| {
			readonly kind: 'tie';
			readonly rows: number;
			readonly in: YarnPlace['in'];
			readonly since: 'change' | 'ball';
	  }
	/** A marker hung in the edge after so many main rows: a panel's rows are counted by hand on most machines. */
	| { readonly kind: 'mark'; readonly mainRow: number }
	/** The fabric reaches the table; and again every so many rows, which is no event of its own. */
	| { readonly kind: 'roll'; readonly every: number; readonly in: YarnPlace['in'] }
	| { readonly kind: 'clog' }
	/** All that is on hand of a yarn, or one ball of several, from 1. */
	| {
			readonly kind: 'runs-out';
			readonly yarn: number;
			readonly place: YarnPlace;
			readonly ball: number | null;
	  }
	/** The main yarn's last tail: cut now, or hanging from the row before the waste. */
	| {
			readonly kind: 'take-off';
			readonly method: 'needle' | 'crank';
			readonly yarn: number;
			readonly tail: TailLeft;
			/** On the needle, where the loops are not threaded with their own tail: of which yarn, and how long, cm. */
			readonly thread?: { readonly yarn: number; readonly cm: number };
			readonly place: YarnPlace;
			/** Loops that hang there, and waste rows under them. */
			readonly loops: number;
			readonly wasteRows: number;
	  }
);

export type CastOn = 'weave' | 'e-wrap' | 'rag';
