import type { Assembly, AssemblyStep } from '../../assembly/assembly';
import type { PlainTubeOptions, TubeAsks } from './options';
import type { FabricUse } from '../../model/kinds';
import type { StretchLimits } from '../../bench/size/stretch';

/** What is known of the tube when its ends are seen to. */
export interface MadeTube {
	readonly rows: number;
	/** Stitches to the centimetre. */
	readonly stitchesPerCm: number;
	/** In its cord, strap or ties; 0 where it has none. */
	readonly chains: number;
}

/** A tube that is worn or used as it comes off: what it goes round, how long that makes it, and what becomes of its ends. */
export interface TubeKind extends TubeAsks {
	/** Its order slip, up to what all tubes are asked: `{machine}`, yarns, stripes and length follow it. */
	readonly called: string;
	/** What only it is asked, in its order slip after that. */
	readonly asks?: string;
	/** One of them, as its piece is called. */
	readonly piece: string;
	readonly copies: number;
	/**
	 * Length off the machine, flat and finished, cm, that fits. `worn` is what a cm flat becomes where the tube is stretched
	 * to go round. `fitSource` says where the figure is from.
	 */
	readonly fitCm: (aroundCm: number, worn: number, options: PlainTubeOptions) => number;
	readonly fitSource: string | ((options: PlainTubeOptions) => string);
	readonly stripes: string;
	/** Its height is asked for by what it goes round: a hat covers so much of a head. */
	readonly covers?: true;
	/** How it is pictured; lying along its length where not said. */
	readonly hangs?: 'cast-on-up' | 'cast-on-down';
	/** Stretch it is still worn with; what most fabric gives where not said. */
	readonly stretch?: StretchLimits;
	/** What its fabric is for; left out where it may be open. */
	readonly use?: FabricUse;
	/** Machines it is usual on, by pins. */
	readonly pins: { readonly least: number; readonly most: number };
	/** Where it is worn, where that asks for a caution. */
	readonly worn?: 'foot';
	/** What is done with it after the machine, its tails apart; `rows` are its main rows. */
	readonly assembly: (options: PlainTubeOptions, made: MadeTube) => Assembly;
}

/** Rows of a warmer up to its thumb: two thirds, since more of it lies below the thumb than above (from memory). */
const THUMB_AT = 2 / 3;

/** Where the thumb comes out, and over how many stitches; null for none. */
export const thumbOf = (
	options: Pick<PlainTubeOptions, 'thumbCm'>,
	made: MadeTube
): { atRow: number; stitches: number } | null =>
	options.thumbCm === null || options.thumbCm === undefined
		? null
		: {
				atRow: Math.round(THUMB_AT * made.rows),
				stitches: Math.max(2, Math.round(options.thumbCm * made.stitchesPerCm))
			};

export const TUBE = 'tube';
export const flatEnds = ({
	closing = 'slip'
}: Pick<PlainTubeOptions, 'closing'>): AssemblyStep[] => [
	{ do: 'close-flat', piece: TUBE, edge: 'cast-off', how: closing },
	{ do: 'close-flat', piece: TUBE, edge: 'cast-on', how: closing }
];
