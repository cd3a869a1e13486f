import type { RunEvent } from '../model/project';
import { foldRun, type RunState } from './run';

/** What has to be known of a piece to put its copies in order. */
export interface Countable {
	readonly id: string;
	readonly name: string;
	readonly count: number;
	readonly sheet: { readonly totalRows: number };
}

/** One thing to be cranked: a piece, or one copy of it. */
export interface Make<P extends Countable = Countable> {
	/** What its events are filed under: the piece's id, from its second copy on with a point and the copy's number. */
	readonly key: string;
	readonly piece: P;
	/** From 1. */
	readonly copy: number;
}

export const makeKey = (piece: string, copy: number): string =>
	copy === 1 ? piece : `${piece}.${copy}`;

/** Every copy of every piece, in the order of making. */
export const makesOf = <P extends Countable>(pieces: readonly P[]): Make<P>[] =>
	pieces.flatMap((piece) =>
		Array.from({ length: piece.count }, (_, i) => ({
			key: makeKey(piece.id, i + 1),
			piece,
			copy: i + 1
		}))
	);

/** `Flag 3 of 7`, or just its name where there is one. */
export const nameMake = ({ piece, copy }: Make): string =>
	piece.count > 1 ? `${piece.name} ${copy} of ${piece.count}` : piece.name;

export interface Progress<P extends Countable = Countable> {
	readonly makes: readonly { readonly make: Make<P>; readonly run: RunState }[];
	readonly rowsDone: number;
	readonly rowsTotal: number;
	/** Whether anything was begun, and whether all of it is off the machine. */
	readonly started: boolean;
	readonly off: boolean;
	/** Index of the one at hand: begun and not off, else the first not off, else the last. */
	readonly current: number;
}

/** How far a project of several pieces is. */
export function progressOf<P extends Countable>(
	pieces: readonly P[],
	events: readonly RunEvent[]
): Progress<P> {
	const makes = makesOf(pieces).map((make) => ({ make, run: foldRun(events, make.key) }));
	const begun = (run: RunState) => run.started || run.done > 0;
	const on = makes.findIndex(({ run }) => begun(run) && !run.off);
	const open = makes.findIndex(({ run }) => !run.off);
	return {
		makes,
		rowsDone: makes.reduce(
			(t, { make, run }) =>
				t + (run.off ? make.piece.sheet.totalRows : Math.min(run.done, make.piece.sheet.totalRows)),
			0
		),
		rowsTotal: makes.reduce((t, { make }) => t + make.piece.sheet.totalRows, 0),
		started: makes.some(({ run }) => begun(run)),
		off: makes.length > 0 && open < 0,
		current: on >= 0 ? on : open >= 0 ? open : makes.length - 1
	};
}
