import { isSpare, LEAST_GROUP, type Edge, type Op, type Program } from '../program/program';

/** Rows knitted one like the other: on the same pins, the same way. Pins and rows from 0; `high` is included. */
export interface Stretch {
	readonly from: number;
	/** Not included. */
	readonly to: number;
	readonly low: number;
	readonly high: number;
	readonly mode: 'tube' | 'switch' | 'hand';
	/** The edge of a panel at which its first row begins. */
	readonly yarnAt: Edge;
}

/** What the hands do to loops between two rows. Pins from 0, from the edge inward. */
export type HandWork =
	| {
			readonly do: 'decrease';
			readonly edge: Edge;
			readonly way: 'single' | 'double';
			readonly edgeStitches: 1 | 2;
			readonly pins: readonly number[];
	  }
	| {
			readonly do: 'hold';
			readonly edge: Edge;
			readonly pins: readonly number[];
			/** The yarn is broken here, and threaded anew beside the group, or another yarn comes in there. */
			readonly breaks: 'again' | 'for-another' | null;
	  }
	| {
			readonly do: 'move-in' | 'take-back' | 'cast-off';
			readonly edge: Edge;
			readonly pins: readonly number[];
	  }
	| {
			readonly do: 'decrease-inside';
			readonly edge: Edge;
			readonly pin: number;
			readonly pins: readonly number[];
	  }
	| {
			readonly do: 'drop' | 'latch' | 'repair' | 'latch-extension';
			readonly pin: number;
			readonly pins: readonly number[];
	  }
	| {
			readonly do: 'extend';
			readonly pin: number;
			readonly columns: number;
			readonly pins: readonly number[];
	  }
	| { readonly do: 'spare-strand'; readonly pins: readonly number[] }
	| {
			readonly do: 'hang-hem';
			/** The row hung, of the main yarn, from 0. */
			readonly row: number;
			readonly pins: readonly number[];
	  };

export interface RowByRow {
	readonly stretches: readonly Stretch[];
	/** Work at the pins, by the rows done before it; in order. */
	readonly works: readonly { readonly after: number; readonly work: readonly HandWork[] }[];
}

interface Walk {
	low: number;
	high: number;
	mode: Stretch['mode'];
	yarnAt: Edge;
	row: number;
	/** Rows of waste before the first main row. */
	spare: number;
}

const inward = (edge: Edge): 1 | -1 => (edge === 'low' ? 1 : -1);
const span = (from: number, step: number, n: number): number[] =>
	Array.from({ length: n }, (_, i) => from + step * i);

/** Takes `n` pins at an edge out of work, or puts them back in. */
function narrow(at: Walk, edge: Edge, n: number): void {
	if (edge === 'low') at.low += n;
	else at.high -= n;
}

function handWork(at: Walk, o: Op): HandWork | undefined {
	switch (o.op) {
		case 'decrease': {
			const down = o.way === 'single' ? 1 : 2;
			const pins = span(at[o.edge], inward(o.edge), o.edgeStitches + down + 1);
			narrow(at, o.edge, down);
			const { edge, way, edgeStitches } = o;
			return { do: 'decrease', edge, way, edgeStitches, pins };
		}
		case 'move-in': {
			const pins = span(at[o.edge], inward(o.edge), 2);
			narrow(at, o.edge, 1);
			return { do: o.op, edge: o.edge, pins };
		}
		case 'hold':
		case 'cast-off': {
			const pins = span(at[o.edge], inward(o.edge), o.count);
			narrow(at, o.edge, o.count);
			const { edge } = o;
			return o.op === 'hold' ? { do: o.op, edge, pins, breaks: null } : { do: o.op, edge, pins };
		}
		case 'take-back': {
			const pins = span(at[o.edge] - inward(o.edge), -inward(o.edge), o.count);
			narrow(at, o.edge, -o.count);
			return { do: o.op, edge: o.edge, pins };
		}
		case 'decrease-inside': {
			const pins = span(at[o.edge], inward(o.edge), o.lifted + 2);
			narrow(at, o.edge, 1);
			return { do: o.op, edge: o.edge, pin: o.pin, pins };
		}
		case 'drop':
		case 'latch':
		case 'repair':
		case 'latch-extension':
			return { do: o.op, pin: o.pin, pins: [o.pin] };
		case 'extend':
			return { do: o.op, pin: o.pin, columns: o.columns, pins: [o.pin, o.pin + 1] };
		case 'spare-strand':
			return { do: o.op, pins: span(o.from, 1, o.to - o.from) };
		case 'hang-hem':
			return { do: o.op, row: o.row - at.spare, pins: span(at.low, 1, at.high - at.low + 1) };
		default:
			return undefined;
	}
}

type Works = { after: number; work: HandWork[] }[];

/** Yarn that comes in where a group was just held: it is broken beside that, unless it is so small that the yarn passes it. */
function breakAt(works: Works, row: number, breaks: 'again' | 'for-another'): void {
	const here = works.at(-1);
	if (here?.after === row)
		here.work = here.work.map((w) =>
			w.do === 'hold' && w.pins.length >= LEAST_GROUP ? { ...w, breaks } : w
		);
}

/**
 * What the maker at the crank needs to know of a program, row by row: which pins are in work, which way, where the yarn is
 * and what the hands do. Holds for programs that the machine can knit; those with faults are not brought to the crank.
 */
export function rowByRowOf(program: Program, pins: number): RowByRow {
	const at: Walk = { low: 0, high: pins - 1, mode: 'tube', yarnAt: 'low', row: 0, spare: 0 };
	let feeds = 0;
	let main = false;
	const stretches: Stretch[] = [];
	const works: Works = [];
	const knit = (rows: number) => {
		const last = stretches.at(-1);
		const same =
			last && last.low === at.low && last.high === at.high && last.mode === at.mode && last;
		if (same) stretches[stretches.length - 1] = { ...same, to: at.row + rows };
		else {
			const { low, high, mode, yarnAt } = at;
			stretches.push({ from: at.row, to: at.row + rows, low, high, mode, yarnAt });
		}
		if (at.mode !== 'tube' && rows % 2 === 1) at.yarnAt = at.yarnAt === 'low' ? 'high' : 'low';
		at.row += rows;
	};
	for (const o of program) {
		if (o.op === 'cast-on') {
			at.low = o.from ?? 0;
			at.high = (o.to ?? pins) - 1;
			feeds = o.yarn;
		} else if (o.op === 'join') {
			breakAt(works, at.row, o.yarn === feeds ? 'again' : 'for-another');
			feeds = o.yarn;
		} else if (o.op === 'work') at.mode = o.as === 'tube' ? 'tube' : o.by;
		else if (o.op === 'rows') {
			main ||= !isSpare(feeds);
			if (!main) at.spare += o.count;
			knit(o.count);
		}
		const work = handWork(at, o);
		if (work) {
			const here = works.at(-1);
			if (here?.after === at.row) here.work.push(work);
			else works.push({ after: at.row, work: [work] });
		}
		if (o.op === 'hang-hem') knit(1);
	}
	return { stretches, works };
}

/** Where the hands are for one row. */
export interface RowAtHand {
	/** Counted from 1. */
	readonly row: number;
	readonly even: boolean;
	readonly mode: Stretch['mode'];
	readonly low: number;
	readonly high: number;
	/** In a panel: the edge at which this row begins, and where it ends. */
	readonly yarnAt: Edge;
}

/** The row that comes after `done` rows; undefined past the end. */
export function rowAtHand(
	rowByRow: Pick<RowByRow, 'stretches'>,
	done: number
): RowAtHand | undefined {
	const s = rowByRow.stretches.find((x) => done >= x.from && done < x.to);
	if (!s) return undefined;
	const turned = s.mode !== 'tube' && (done - s.from) % 2 === 1;
	const other = s.yarnAt === 'low' ? 'high' : 'low';
	return {
		row: done + 1,
		even: done % 2 === 1,
		mode: s.mode,
		low: s.low,
		high: s.high,
		yarnAt: turned ? other : s.yarnAt
	};
}

/** Where the yarn is when nothing is being cranked: a round ends at the marker, a row of a panel at one of its edges. */
export type YarnPlace =
	| { readonly in: 'tube' }
	/** The pin of that edge, from 0, and how many are in work. */
	| { readonly in: 'panel'; readonly edge: Edge; readonly pin: number; readonly pins: number };

/** Where the yarn is after `done` rows, before the next or at the end. */
export function yarnPlace(rowByRow: Pick<RowByRow, 'stretches'>, done: number): YarnPlace {
	const next = rowAtHand(rowByRow, done);
	const last = rowByRow.stretches.at(-1);
	const row = next ?? (last && rowAtHand(rowByRow, last.to - 1));
	if (!row || row.mode === 'tube') return { in: 'tube' };
	const other = row.yarnAt === 'low' ? 'high' : 'low';
	const edge = next ? row.yarnAt : other;
	return { in: 'panel', edge, pin: row[edge], pins: row.high - row.low + 1 };
}
