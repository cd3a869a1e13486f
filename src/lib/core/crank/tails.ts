import { entryAt } from '../quantity/sure';
import type { Edge } from '../assembly/assembly';
import type { YarnRun } from '../simulate/fabric';
import { own, worked, type Working } from '../quantity/working';

/** A tail to go through all loops: 1.5 to 2 times round the machine; the middle is planned (common practice). */
const ROUNDS_TO_GATHER = 1.75;
/** A tail at a join: 6 to 10 in (common practice). */
export const JOIN_TAIL_CM = 20;
/** Waste yarn at a join hangs loose until it is pulled: enough to find and hold (from memory). */
export const WASTE_TAIL_CM = 15;
/** A chain through every loop takes about three times the width, and half of that lies along the pins already (from memory). */
const WIDTHS_TO_BIND = 1.5;

/** What a tail is left for: each technique that works with one declares its own. */
export interface TailUses {
	'weave-in': true;
	gather: true;
	crown: true;
	zip: true;
	close: true;
	'close-crown': true;
	toe: true;
	bind: true;
	'join-ring': true;
	tip: true;
	'cord-end': true;
	'sew-on': true;
}
export type TailUse = keyof TailUses;

export interface Tail {
	readonly id: 'cast-on' | 'cast-off' | 'join';
	readonly yarn: number;
	/** Held together: each is an end of its own. */
	readonly strands: number;
	readonly lengthCm: number;
	/** Main row (from 0) before which the tail is left. */
	readonly atRow: number;
	readonly use: TailUse;
	readonly working: Working;
}

/** A piece off the machine, as far as its tails go. */
export interface Tailed {
	/** Main rows by yarn. */
	readonly runs: readonly YarnRun[];
	/** Once round the pins, cm. */
	readonly ringCm: number;
	/** Share of the pins that the first row takes: below 1 for a panel. */
	readonly share: number;
	/** What is done with the tail at an edge. */
	readonly useAt: (edge: Edge) => TailUse;
	/** Held together, of a yarn. */
	readonly strandsOf: (yarn: number) => number;
}

/** Every tail the piece leaves, in main rows. */
export function tailsOf(piece: Tailed): Tail[] {
	const { runs, ringCm, share, useAt, strandsOf } = piece;
	const first = runs[0];
	const last = runs.at(-1);
	if (!first || !last) return [];
	const lengthOf = share < 1 ? panelTail(ringCm * share) : tubeTail(ringCm);
	const end = (id: Edge, run: YarnRun, atRow: number): Tail => {
		const use = useAt(id);
		return { id, yarn: run.yarn, strands: strandsOf(run.yarn), atRow, use, ...lengthOf(use, id) };
	};
	const joins = runs.slice(1).flatMap((run, i): Tail[] => {
		const at = {
			id: 'join',
			atRow: run.from,
			lengthCm: JOIN_TAIL_CM,
			use: 'weave-in',
			working: [worked(JOIN_TAIL_CM, 'length', 'usual tail at a join')]
		} as const;
		return [entryAt(runs, i).yarn, run.yarn].map((yarn) => ({
			...at,
			yarn,
			strands: strandsOf(yarn)
		}));
	});
	return [end('cast-on', first, 0), ...joins, end('cast-off', last, last.to)];
}

type Length = Pick<Tail, 'lengthCm' | 'working'>;
type LengthOf = (use: TailUse, edge: Edge) => Length;

const toWeaveIn: Length = {
	lengthCm: JOIN_TAIL_CM,
	working: [worked(JOIN_TAIL_CM, 'length', 'to weave in')]
};

const tubeTail =
	(ringCm: number): LengthOf =>
	(use, edge) => {
		if (use === 'weave-in') return toWeaveIn;
		const times = use === 'zip' && edge === 'cast-off' ? 2 : 1;
		return {
			lengthCm: times * ROUNDS_TO_GATHER * ringCm,
			working: [
				own(ringCm, 'length', 'round your machine'),
				'×',
				worked(ROUNDS_TO_GATHER, 'plain', '1.5 to 2 rounds'),
				...(times > 1 ? (['×', worked(times, 'plain', 'times through')] as const) : [])
			]
		};
	};

/** A panel's finished edge leaves a tail to weave in; the end takes one width to come off, and more to be bound (common practice). */
const panelTail =
	(widthCm: number): LengthOf =>
	(use, edge) => {
		const times = use === 'bind' ? WIDTHS_TO_BIND : edge === 'cast-off' ? 1 : 0;
		const lengthCm = times * widthCm;
		if (lengthCm <= JOIN_TAIL_CM) return toWeaveIn;
		return {
			lengthCm,
			working: [
				worked(widthCm, 'length', 'one width along the pins'),
				...(times === 1 ? [] : (['×', worked(times, 'plain', 'to bind it')] as const))
			]
		};
	};

/** Yarn in every tail of the pieces, joins and zip included, m: it is weighed, and makes no stitches. */
export const tailMetres = (pieces: readonly { readonly tails: readonly Tail[] }[]): number =>
	pieces.flatMap((p) => p.tails).reduce((t, tail) => t + tail.lengthCm / 100, 0);
