import type { Assembly } from '../../assemble/assembly';
import type { TubeKindId } from '../../model/kinds';
import type { PlainTubeWish } from '../../model/wish';

/** A tube that is worn or used as it comes off: what it goes round, how long that makes it, and what becomes of its ends. */
export interface TubeKind {
	readonly id: TubeKindId;
	readonly name: string;
	/** One of them, as its piece is called. */
	readonly piece: string;
	readonly copies: number;
	/** What it goes round and the usual of that, cm; null for what goes round nothing. */
	readonly around: {
		readonly what: string;
		readonly usualCm: number;
		/** Whether its length lies round it, or its width does. */
		readonly by: 'length' | 'width';
	} | null;
	/** Length off the machine, flat, cm, that fits. `source` says where the figure is from. */
	readonly fitCm: (aroundCm: number) => number;
	readonly fitSource: string;
	readonly stripes: string;
	/** Machines it is usual on, by pins. */
	readonly pins: { readonly least: number; readonly most: number };
	readonly assembly: (wish: PlainTubeWish) => Assembly;
}

export const TUBE = 'tube';
export const flatEnds = (): Assembly => [
	{ do: 'close-flat', piece: TUBE, edge: 'cast-off' },
	{ do: 'close-flat', piece: TUBE, edge: 'cast-on' }
];
