import { fitOf, type Fit, type HeldBy } from '../assembly/tolerance';

/** An edge of a piece as a joint takes it: so many loops, or so many rows. */
export interface JointEnd {
	readonly piece: string;
	readonly name: string;
	readonly edge: 'cast-on' | 'cast-off' | 'side' | 'surface' | 'points';
	readonly count: number;
	readonly of: 'loops' | 'rows' | 'cm';
}

/** Two edges that come together, and whether they agree. */
export interface Joint {
	readonly id: string;
	readonly kind: 'side' | 'attach' | 'handle' | 'border' | 'hang';
	readonly a: JointEnd;
	readonly b: JointEnd;
	readonly times: number;
	readonly verdict: Fit;
}

/** Loops that crochet stands on are held against its stitches; all else like against like. */
const heldBy = ({ kind, a }: Omit<Joint, 'verdict'>): HeldBy =>
	kind === 'border' ? 'crochet' : a.of === 'cm' ? 'length' : a.of;

export const joint = (j: Omit<Joint, 'verdict'>): Joint => ({
	...j,
	verdict: fitOf(heldBy(j), j.a.count, j.b.count)
});
