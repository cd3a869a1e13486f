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
	/** `eases`: off by so little that it is eased in; `off`: by more. */
	readonly verdict: 'meets' | 'eases' | 'off';
}

/** What is eased in without a pucker: one in twenty, or one (from memory). */
const EASED = 0.05;

export function joint(j: Omit<Joint, 'verdict'>): Joint {
	const off = Math.abs(j.a.count - j.b.count);
	const most = Math.max(j.a.count, j.b.count);
	const whole = j.a.of === 'cm' ? off < 0.05 : off < 1e-9;
	return { ...j, verdict: whole ? 'meets' : off <= Math.max(1, EASED * most) ? 'eases' : 'off' };
}
