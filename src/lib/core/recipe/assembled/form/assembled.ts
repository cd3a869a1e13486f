import type { FoldedBag } from './bag';
import type { Solved } from './garland';
import type { MadePart } from './toy';
import type { Border, CordKind, Eyes, Fill, ItemKind, ToyAge } from '../../../model/kinds';

/** Something that hangs on a garland. Lengths in cm. */
export interface HungItem {
	readonly kind: ItemKind;
	/** Piece it is made of; null for a pom-pom. */
	readonly piece: string | null;
	readonly yarn: number;
	/** Across the cord and down from it. */
	readonly widthCm: number;
	readonly heightCm: number;
	/** Of a pom-pom; 0 for what is knitted. */
	readonly wraps: number;
	readonly fillGrams: number;
}

/** What a project of several pieces comes to, by the mean gauge. Lengths in cm. */
export type Assembled =
	| {
			readonly kind: 'folded';
			readonly bag: FoldedBag;
			readonly strip: string;
			readonly handle: {
				readonly piece: string;
				readonly rows: number;
				/** Along its closings, and along its rows, cm. */
				readonly longCm: number;
				readonly wideCm: number;
			};
			readonly rows: number;
			/** Whole rows that come nearest to three widths, in thirds. */
			readonly idealRows: number;
			readonly bands: readonly { readonly yarn: number; readonly rows: number }[];
			readonly handleYarn: number;
	  }
	| {
			readonly kind: 'side-by-side';
			readonly across: number;
			readonly tubeCm: number;
			readonly lengthCm: number;
			readonly rows: number;
			/** Bands of each tube, left to right. */
			readonly tubes: readonly {
				readonly bands: readonly { readonly yarn: number; readonly rows: number }[];
			}[];
			readonly border: {
				readonly kind: Border;
				readonly loops: number;
				readonly stitches: number;
				readonly of: number;
			};
	  }
	| {
			readonly kind: 'stuffed';
			readonly age: ToyAge;
			readonly fill: Fill;
			readonly eyes: { readonly kind: Eyes; readonly part: string; readonly count: number };
			readonly stands: 'upright' | 'lying';
			readonly parts: readonly MadePart[];
			readonly cm3: number;
	  }
	| {
			readonly kind: 'hung';
			readonly solved: Solved;
			readonly items: readonly HungItem[];
			readonly cordCm: number;
			readonly cord: CordKind;
			readonly cordYarn: number;
			readonly loopCm: number;
			readonly fillGrams: number;
			/** Of each pom-pom, and the card they are wound on; 0 where there are none. */
			readonly wraps: number;
			readonly cardCm: number;
	  }
	| {
			readonly kind: 'wound';
			readonly count: number;
			readonly cardCm: number;
			readonly wraps: number;
			readonly usual: number;
			/** Of the strand that ties one. */
			readonly tieCm: number;
			readonly cm: number;
			readonly yarns: readonly number[];
	  };
export type AssembledOf<K extends Assembled['kind']> = Extract<Assembled, { kind: K }>;
