import type { Act, Shape } from './acts';
import type { Before } from './rule';
import type { HandOnly } from '../written';
import type { FoundGauge } from './gauge';
import type { Token } from './tokens';

/** How a stretch of the text was read. */
export type ReadAs = 'taken' | 'guess' | 'needs-you' | 'words' | 'not-here';
/** A stretch of a pattern's text, and what it became. */
export interface Instruction {
	readonly from: number;
	/** Not included. */
	readonly to: number;
	readonly as: ReadAs;
	readonly acts: readonly Act[];
	/** At the same time as the one before it. */
	readonly meanwhile: boolean;
	/** Of what is not done here: what it is; of a guess or a question: why. */
	readonly why: Why | null;
	/** The maker said how it is meant. */
	readonly corrected?: true;
	/** What it says is the pattern's gauge. */
	readonly gauge?: FoundGauge;
}
export type Why =
	| { readonly code: 'unread' }
	| { readonly code: 'count-differs'; readonly said: number; readonly is: number }
	| {
			readonly code: 'never-reached';
			readonly to: number;
			readonly below: number | null;
			readonly above: number | null;
	  }
	| { readonly code: 'rows-differ'; readonly said: number; readonly is: number }
	| { readonly code: 'used-up'; readonly left: number }
	| { readonly code: 'too-many'; readonly n: number; readonly most: number }
	| { readonly code: 'by-hand'; readonly what: HandOnly }
	/** Guesses: it does not say what is done, or that it is the cast-on. */
	| { readonly code: 'no-verb' | 'bare-cast-on' };

/** A pattern's text as it was read: every stretch of it that holds a number belongs to an instruction. */
export interface ReadPattern {
	readonly instructions: readonly Instruction[];
	/** Sizes that its bracketed lists have; 1 where there are none. Lists of another length are pointed at. */
	readonly sizes: number;
	readonly oddLists: readonly {
		readonly from: number;
		readonly to: number;
		readonly sizes: number;
	}[];
	/** Its gauge, where it says it. */
	readonly gauge: FoundGauge | null;
}

export interface State {
	readonly tokens: readonly Token[];
	readonly text: string;
	/** Where each token begins in `text`. */
	readonly at: readonly number[];
	readonly out: Instruction[];
	/** What all of them ask, in order. */
	readonly acts: Act[];
	/** Stitches on the needle; null where nobody said. */
	on: number | null;
	/** Rows of the piece; null once they hang by a length. */
	rows: number | null;
	done: number;
	meanwhile: boolean;
	shape: Before['shape'];
	divided: number | null;
	group: Before['group'];
}

export const before = (s: State): Before => ({
	shape: s.shape,
	group: s.group,
	divided: s.divided,
	last: s.acts.at(-1) ?? null,
	done: s.done
});

/** Rows that a shaping takes. */
export const rowsOfShape = ({ first, every, times }: Shape): number =>
	first + every * Math.max(0, (times ?? 1) - 1);
/** Stitches that it takes at each of its rows; below zero for what it adds. */
export const stepOf = ({ way, n, edge }: Shape): number =>
	n * (edge === 'both' ? 2 : 1) * (way === 'dec' ? 1 : -1);

/** A shaping until so many are left, as so many times; what cannot be is said. */
function solved(
	shape: Shape,
	on: number | null
): { readonly shape: Shape; readonly why: Why | null } {
	if (shape.to === null || on === null) return { shape, why: null };
	const step = stepOf(shape);
	const off = on - shape.to;
	const times = off / step;
	if (Number.isInteger(times) && times >= 1)
		return { shape: { ...shape, times, to: null }, why: null };
	const low = Math.max(1, Math.floor(times));
	const at = (t: number) => (on - t * step >= 1 ? on - t * step : null);
	return {
		shape: { ...shape, times: low, to: null },
		why: { code: 'never-reached', to: shape.to, above: at(low), below: at(low + 1) }
	};
}

interface Followed {
	readonly act: Act;
	readonly why: Why | null;
}
function knit(s: State, rows: number): void {
	if (s.meanwhile) return;
	s.done += rows;
	if (s.rows !== null) s.rows += rows;
}
function begin(s: State, on: number | null): void {
	s.on = on;
	s.rows = 0;
	s.done = 0;
	s.divided = null;
}
const less = (s: State, stitches: number): void => {
	if (s.on !== null) s.on -= stitches;
};
/** More stitches or rows than this are no piece of anyone's. */
const MOST = 2000;
const usedUp = (s: State): Why | null => {
	const most = Math.max(s.on ?? 0, s.rows ?? 0);
	if (most > MOST) return { code: 'too-many', n: most, most: MOST };
	return s.on !== null && s.on < 1 ? { code: 'used-up', left: s.on } : null;
};
/** A group may take all that is left: it is closed then. */
const closed = (s: State): Why | null => {
	if (s.on === 0) s.on = null;
	return usedUp(s);
};

function shaped(s: State, act: Shape): Followed {
	const { shape, why } = solved(act, s.on);
	s.shape = shape;
	if (s.on !== null && shape.to !== null) s.on = shape.to;
	else less(s, stepOf(shape) * (shape.times ?? 0));
	knit(s, rowsOfShape(shape));
	return { act: shape, why: usedUp(s) ?? why };
}
/** What the text says of itself, held against what was read. */
function stated(s: State, act: Extract<Act, { do: 'count' | 'total' }>): Why | null {
	if (act.do === 'count') {
		const is = s.on;
		s.on = act.n;
		return is !== null && is !== act.n ? { code: 'count-differs', said: act.n, is } : null;
	}
	const is = s.rows;
	s.rows = act.n;
	s.done = act.n;
	const differs = is !== null && (act.reach ? is > act.n : is !== act.n);
	return differs ? { code: 'rows-differ', said: act.n, is } : null;
}

/** What an act leaves on the needle, and the rows it takes; what it contradicts is said. */
export function follow(s: State, act: Act): Followed {
	switch (act.do) {
		case 'piece':
			begin(s, null);
			break;
		case 'on':
		case 'band':
			begin(s, act.n);
			break;
		case 'rows':
			knit(s, act.n);
			break;
		case 'to':
			s.rows = null;
			break;
		case 'groups':
			s.group = act;
			less(s, act.n * act.rows);
			knit(s, act.rows);
			return { act, why: closed(s) };
		case 'group':
			s.group = act;
			less(s, act.n * (act.edge === 'both' ? 2 : 1));
			return { act, why: closed(s) };
		case 'shape':
			return shaped(s, act);
		case 'centre':
		case 'hold':
			// Of a piece that is divided they are none of those that are worked.
			if (s.divided === null) less(s, act.n);
			break;
		case 'divide':
			s.on = act.n;
			s.divided = act.n;
			break;
		case 'rejoin':
			s.divided = null;
			s.on = null;
			s.rows = null;
			break;
		case 'same':
		case 'reverse':
			s.on = null;
			s.rows = null;
			break;
		case 'count':
		case 'total':
			return { act, why: stated(s, act) };
		case 'off-all':
		case 'hold-all':
			s.on = null;
			break;
		default:
	}
	return { act, why: usedUp(s) };
}
