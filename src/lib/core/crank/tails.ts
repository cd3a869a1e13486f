import { entryAt } from '../quantity/sure';
import type { Edge } from '../assembly/assembly';
import type { YarnRun } from '../simulate/fabric';
import { TAIL_STEP_CM } from '../quantity/units';
import { own, worked, type Working } from '../quantity/working';

/** A tail to go through all loops: 1.5 to 2 times round the machine; the middle is planned (common practice). */
const ROUNDS_TO_GATHER = 1.75;
/** A tail at a join: 6 to 10 in (common practice). */
export const JOIN_TAIL_CM = 20;
/** Waste yarn at a join hangs loose until it is pulled: enough to find and hold (from memory). */
export const WASTE_TAIL_CM = 15;
/** A chain through every loop takes about three times the width, and half of that lies along the pins already (from memory). */
const WIDTHS_TO_BIND = 1.5;
/** A chain through every loop of a held group takes about three times its width (from memory). */
const TIMES_TO_CHAIN = 3;

/** Up to the next step that makers measure off. */
function measuredOff({ lengthCm, working }: Length): Length {
	const whole = TAIL_STEP_CM * Math.ceil(lengthCm / TAIL_STEP_CM - NEARLY_WHOLE);
	if (Math.abs(whole - lengthCm) < NEARLY_WHOLE) return { lengthCm: whole, working };
	return { lengthCm: whole, working: [...working, '→', worked(whole, 'length', 'measured off')] };
}
const NEARLY_WHOLE = 1e-9;

/** What a tail is left for: each technique that works with one declares its own. */
export interface TailUses {
	'weave-in': true;
	gather: true;
	crown: true;
	'gather-doubled': true;
	'crown-doubled': true;
	zip: true;
	close: true;
	'close-crown': true;
	toe: true;
	bind: true;
	'chain-off': true;
	'join-ring': true;
	tip: true;
	'cord-end': true;
	'sew-on': true;
}
export type TailUse = keyof TailUses;
/** Whether it goes through its loops doubled. */
export const isDoubled = (use: TailUse): boolean =>
	use === 'gather-doubled' || use === 'crown-doubled';

export interface Tail {
	/** At an end, at a change of yarn, or where it was broken beside a held group: the end left there, and the new one. */
	readonly id: 'cast-on' | 'cast-off' | 'join' | 'held' | 'again';
	readonly yarn: number;
	/** Held together: each is an end of its own. */
	readonly strands: number;
	readonly lengthCm: number;
	/** Main row (from 0) before which the tail is left. */
	readonly atRow: number;
	readonly use: TailUse;
	readonly working: Working;
}

/** Cut of another of the plan's yarns to draw an end up: so long, cm. */
export interface GatherStrand {
	readonly edge: Edge;
	readonly yarn: number;
	readonly lengthCm: number;
}

/** A piece off the machine, as far as its tails go. */
export interface Tailed {
	/** Main rows by yarn. */
	readonly runs: readonly YarnRun[];
	/** Once round the pins, cm. */
	readonly ringCm: number;
	readonly pins: number;
	/** Share of the pins that the first row takes: below 1 for a panel. */
	readonly share: number;
	/** Share of the pins that the last row takes. */
	readonly lastShare: number;
	/** What is done with the tail at an edge. */
	readonly useAt: (edge: Edge) => TailUse;
	/** The least it has to be for that, cm. */
	readonly needAt?: (use: TailUse, edge: Edge) => number;
	/** Held together, of a yarn. */
	readonly strandsOf: (yarn: number) => number;
	/** Groups held beside which the yarn is broken, in order. */
	readonly breaks?: readonly Break[];
}

/** A group held on waste, and the yarn broken beside it. */
export interface Break {
	/** Main rows done. */
	readonly atRow: number;
	readonly loops: number;
	/** The least its tail has to be to chain it off, cm. */
	readonly needCm: number;
	/** Whether the same yarn goes on, threaded anew. */
	readonly again: boolean;
}

/** Every tail the piece leaves, in main rows. */
export function tailsOf(piece: Tailed): Tail[] {
	const { runs, ringCm, share, lastShare, useAt, needAt = () => 0, strandsOf, breaks = [] } = piece;
	const first = runs[0];
	const last = runs.at(-1);
	if (!first || !last) return [];
	// A panel's ends are each as wide as their own row.
	const panel = { 'cast-on': panelTail(ringCm * share), 'cast-off': panelTail(ringCm * lastShare) };
	const lengthOf: LengthOf = (use, edge) => (share < 1 ? panel[edge] : tubeTail(ringCm))(use, edge);
	const end = (id: Edge, run: YarnRun, atRow: number): Tail => {
		const use = useAt(id);
		const { yarn } = run;
		const long = measuredOff(longEnough(lengthOf(use, id), needAt(use, id)));
		return { id, yarn, strands: strandsOf(yarn), atRow, use, ...long };
	};
	const made = (tail: Omit<Tail, 'strands'>): Tail => ({ ...tail, strands: strandsOf(tail.yarn) });
	const joins = runs.slice(1).flatMap((run, i): Tail[] => {
		const at = {
			id: 'join',
			atRow: run.from,
			lengthCm: JOIN_TAIL_CM,
			use: 'weave-in',
			working: [worked(JOIN_TAIL_CM, 'length', 'usual tail at a join')]
		} as const;
		const before = made({ ...at, yarn: entryAt(runs, i).yarn });
		const after = made({ ...at, yarn: run.yarn });
		const broken = breaks.find((b) => b.atRow === run.from);
		// Left to chain off the group, it is no shorter for that.
		return broken
			? [{ ...before, use: 'chain-off', ...toChainOff(broken, piece) }, after]
			: [before, after];
	});
	const held = breaks
		.filter((b) => b.again)
		.flatMap((b): Tail[] => {
			const { yarn } = runs.find((r) => b.atRow > r.from && b.atRow < r.to) ?? last;
			const at = { atRow: b.atRow, yarn };
			return [
				made({ id: 'held', use: 'chain-off', ...at, ...toChainOff(b, piece) }),
				made({ id: 'again', use: 'weave-in', ...at, ...toWeaveIn })
			];
		});
	const between = [...joins, ...held].sort((a, b) => a.atRow - b.atRow);
	return [end('cast-on', first, 0), ...between, end('cast-off', last, last.to)];
}

/** A strand of its own that draws an end of a tube up, cm: as long as a tail left for it, and an end to knot it with. */
export const gatherStrandCm = (ringCm: number, needCm: number): number =>
	measuredOff(longEnough(tubeTail(ringCm)('gather', 'cast-off'), needCm)).lengthCm;

/** A chain through every loop of a group, and an end to hold and weave in. */
function toChainOff(
	{ loops, needCm }: Break,
	{ ringCm, pins }: Pick<Tailed, 'ringCm' | 'pins'>
): Length {
	const wideCm = (ringCm * loops) / pins;
	const usual: Length = {
		lengthCm: TIMES_TO_CHAIN * wideCm + JOIN_TAIL_CM,
		working: [
			worked(wideCm, 'length', 'the group along the pins'),
			'×',
			worked(TIMES_TO_CHAIN, 'plain', 'to chain it off'),
			'+',
			worked(JOIN_TAIL_CM, 'length', 'to weave in')
		]
	};
	return measuredOff(longEnough(usual, needCm));
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
		const doubled = isDoubled(use);
		const times = doubled || (use === 'zip' && edge === 'cast-off') ? 2 : 1;
		return {
			lengthCm: times * ROUNDS_TO_GATHER * ringCm,
			working: [
				own(ringCm, 'length', 'round your machine'),
				'×',
				worked(ROUNDS_TO_GATHER, 'plain', '1.5 to 2 rounds'),
				...(times > 1
					? (['×', worked(times, 'plain', doubled ? 'doubled' : 'times through')] as const)
					: [])
			]
		};
	};

/** As is usual, or as long as the hands need. */
const longEnough = (usual: Length, needCm: number): Length =>
	usual.lengthCm >= needCm
		? usual
		: {
				lengthCm: needCm,
				working: [worked(needCm, 'length', 'what the hands need for it, and an end')]
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
