import { quotient, scale, exact, type Estimate } from '../quantity/estimate';

/** A tube as it lies, finished. Lengths in cm. */
export interface FinishedTube {
	readonly flatLength: Estimate;
	readonly circumference: Estimate;
	/** What it goes round, and how far it stretches to, as a share; null where it goes round nothing. */
	readonly round: {
		readonly cm: number;
		readonly by: 'length' | 'width';
		readonly stretch: number;
	} | null;
	/** Pieces like it. */
	readonly copies: number;
	/** How it is pictured: lying along its length, or hanging. */
	readonly hangs: 'lying' | 'cast-on-up' | 'cast-on-down';
	/** The ends as the assembly leaves them. */
	readonly closed: {
		readonly castOn: 'flat' | 'gather' | 'open' | 'ring';
		readonly castOff: 'flat' | 'gather' | 'open' | 'ring';
	};
}

interface Input {
	readonly flatLength: Estimate;
	readonly pins: number;
	readonly stitchesPerCm: Estimate;
	readonly around: { readonly cm: number; readonly by: 'length' | 'width' } | null;
	readonly copies: number;
	readonly closed: FinishedTube['closed'];
	readonly hangs: FinishedTube['hangs'];
}

/** Lays a tube out as it is used: along its length round something, or pulled over it by its width. */
export function finishTube(input: Input): FinishedTube {
	const circumference = quotient(exact(input.pins), input.stitchesPerCm);
	const { around } = input;
	const has = around?.by === 'length' ? input.flatLength.mean : circumference.mean;
	return {
		flatLength: input.flatLength,
		circumference,
		round: around && { ...around, stretch: around.cm / has - 1 },
		copies: input.copies,
		closed: input.closed,
		hangs: input.hangs
	};
}

/** Width as it lies, cm. */
export const flatWidth = (t: Pick<FinishedTube, 'circumference'>): Estimate =>
	scale(t.circumference, 0.5);
