import { latestOfEachProject } from '../bench/gauge/loop';
import { PACED, type PacedWork } from '../model/kinds';
import type { Evidence } from '../model/project';
import type { Program } from '../program/program';
import { combine, estimate, scale, weakest, type Estimate } from '../quantity/estimate';
import { figure, own, worked, type Figure, type Term } from '../quantity/working';
import { crankWork, type CrankWork } from './work';

/**
 * Seconds a row takes on a ring: a small one turns faster. By these, with what the hands do below and at the table, 65 rows on 22
 * pins are cranked, taken off and sewn in under 4 minutes, and a lined hat on 48 pins takes 15 to 20 (common practice).
 */
const ROW_ON = { pins: 22, seconds: 1.9, power: 1.24 };
export const rowSeconds = (pins: number): number =>
	ROW_ON.seconds * (pins / ROW_ON.pins) ** ROW_ON.power;

/** A panel is cranked slowly, and turned at every row, s (from memory). */
const PANEL_SLOWER = 1.5;
const TURN_SECONDS = 1.5;
/** Seconds for one of each thing that hands do at the crank (from memory). */
export const HAND_SECONDS = {
	castOn: 0.6,
	joins: 20,
	hung: 2.5,
	decreases: 20,
	handled: 3,
	wraps: 5,
	threaded: 0.7
} as const satisfies Partial<Record<keyof CrankWork, number>>;
type ByHand = keyof typeof HAND_SECONDS;
const CALLED: Readonly<Record<ByHand, string>> = {
	castOn: 'pins cast on',
	joins: 'changes of yarn',
	hung: 'loops hung',
	decreases: 'decreases',
	handled: 'loops by hand',
	wraps: 'wraps round the card',
	threaded: 'loops taken off'
};

/** How far one maker's pace lies from the usual. */
export const PRIOR_RELATIVE_SD = 0.25;
/** One timed piece alone predicts the next to 15 % (from memory). */
const TIMED_RELATIVE_SD = 0.15;
/** What a logged time holds beside its rows, where nothing says how its piece was made: a lined hat's share. */
const BESIDE_ROWS = 1.15;

/** A piece to be cranked: so many copies of a program on a machine. */
export interface Cranked {
	readonly program: Program;
	readonly count: number;
	readonly machine: { readonly id: string; readonly pins: number };
}

type Counted = CrankWork & { readonly count: number };

interface Part {
	readonly times: number;
	readonly seconds: number;
	readonly work: PacedWork;
	readonly kind: 'rows' | 'plain';
	readonly what: string;
	readonly each: string;
}

interface Rows {
	readonly stitches: number;
	readonly turned: number;
	readonly turns: number;
}
export const secondsOfRows = ({ stitches, turned, turns }: Rows, pins: number) =>
	(rowSeconds(pins) / pins) * (stitches + (PANEL_SLOWER - 1) * turned) + TURN_SECONDS * turns;

/** What takes time on one machine, the rows first; parts of which there are none are left out. */
function partsOf(works: readonly Counted[], pins: number): Part[] {
	const total = (of: keyof CrankWork) => works.reduce((t, w) => t + w.count * w[of], 0);
	const each = (times: number, seconds: number) => (times === 0 ? 0 : seconds / times);
	const [rows, turns, waste] = [total('rows'), total('turns'), total('wasteRows')];
	const tube = { stitches: total('stitches') - total('turned'), turned: 0, turns: 0 };
	const panel = { stitches: total('turned'), turned: total('turned'), turns };
	const both = turns > 0 && turns < rows;
	const hands = Object.entries(HAND_SECONDS) as [ByHand, number][];
	const parts: Part[] = [
		{
			work: 'tube',
			times: rows - turns,
			seconds: each(rows - turns, secondsOfRows(tube, pins)),
			kind: 'rows',
			what: 'rows',
			each: 'a row on this ring'
		},
		{
			work: 'panel',
			times: turns,
			seconds: each(turns, secondsOfRows(panel, pins)),
			kind: 'rows',
			what: both ? 'rows of panel' : 'rows',
			each: both ? 'a row of panel' : 'a row on this ring'
		},
		{
			work: 'tube',
			times: waste,
			seconds: each(
				waste,
				secondsOfRows({ stitches: total('wasteStitches'), turned: 0, turns: 0 }, pins)
			),
			kind: 'plain',
			what: 'waste rows',
			each: 'each'
		},
		...hands.map(([of, seconds]) => ({
			work: of === 'joins' ? ('joins' as const) : ('hands' as const),
			times: total(of),
			seconds,
			kind: 'plain' as const,
			what: CALLED[of],
			each: 'each'
		}))
	];
	return parts.filter((p) => p.times > 0);
}

const secondsIn = (parts: readonly Part[]): number =>
	parts.reduce((t, p) => t + p.times * p.seconds, 0);

function byMachine(pieces: readonly Cranked[]): Map<string, Part[]> {
	const on = new Map<string, { pins: number; works: Counted[] }>();
	for (const { program, count, machine } of pieces) {
		const here = on.get(machine.id) ?? { pins: machine.pins, works: [] };
		here.works.push({ ...crankWork(program, machine.pins), count });
		on.set(machine.id, here);
	}
	return new Map([...on].map(([id, { pins, works }]) => [id, partsOf(works, pins)]));
}

/** Minutes at the crank as most take, whoever cranks: of one piece, for the rows that were really knitted. */
export function usualMinutes(
	pieces: readonly (Cranked & { readonly mainRows: number })[],
	rowsKnitted: number
): number {
	const planned =
		[...byMachine(pieces).values()].reduce((t, parts) => t + secondsIn(parts), 0) / 60;
	const [only, more] = pieces;
	return only && !more && only.count === 1 && only.mainRows > 0
		? (planned * rowsKnitted) / only.mainRows
		: planned;
}

/** What a logged piece takes most: what its plan said, or its rows and what goes with them where no plan did. */
const usualOf = (e: Evidence): number =>
	e.usualMinutes ?? (BESIDE_ROWS * e.rows * rowSeconds(e.pins)) / 60;

export interface Pace {
	/** Times as long as most take. */
	readonly factor: Estimate;
	/** Which pieces it is from, and of what work; one pace serves all that nothing says more of. */
	readonly timed: number;
	readonly of: PacedWork | 'all';
}
const UNTIMED: Pace = {
	factor: estimate(1, PRIOR_RELATIVE_SD, 'estimated'),
	timed: 0,
	of: 'all'
};
const paceFrom = (timed: readonly number[], of: Pace['of']): Pace =>
	timed.length > 0
		? { factor: combine(timed, TIMED_RELATIVE_SD, 'learned'), timed: timed.length, of }
		: UNTIMED;

/** How quick the maker is on a machine beside most, by the pieces that were timed there as a whole. */
const paceOn = (machineId: string, evidence: readonly Evidence[]): Pace =>
	paceFrom(
		latestOfEachProject(
			evidence.filter((e) => e.machineId === machineId),
			(e) => e,
			(e) => (e.minutes === null ? null : e.minutes / usualOf(e))
		),
		'all'
	);

/** The same in one kind of work, by the count: rows by their ring; joins and what else hands do on whichever machine. */
function paceIn(work: PacedWork, machineId: string, evidence: readonly Evidence[]): Pace | null {
	const anywhere = work === 'joins' || work === 'hands';
	const values = latestOfEachProject(
		evidence,
		(e) => e,
		(e) => {
			const here = (e.paced ?? []).filter(
				(p) => p.work === work && (anywhere || p.machineId === machineId)
			);
			const usual = here.reduce((t, p) => t + p.usual, 0);
			return usual > 0 ? here.reduce((t, p) => t + p.took, 0) / usual : null;
		}
	);
	return values.length > 0 ? paceFrom(values, work) : null;
}

/** The maker's pace in each kind of work that was counted, and in all of it on a machine where that was timed. */
export const pacesOn = (machineId: string, evidence: readonly Evidence[]): readonly Pace[] => [
	paceOn(machineId, evidence),
	...PACED.flatMap((work) => paceIn(work, machineId, evidence) ?? [])
];

/** Parts that one pace serves. */
interface Served {
	readonly parts: readonly Part[];
	readonly pace: Pace;
}
function servedOn(
	machineId: string,
	parts: readonly Part[],
	evidence: readonly Evidence[]
): Served[] {
	const all = paceOn(machineId, evidence);
	const own = new Map(PACED.map((work) => [work, paceIn(work, machineId, evidence)] as const));
	const served = PACED.flatMap((work): Served[] => {
		const pace = own.get(work);
		return pace ? [{ pace, parts: parts.filter((p) => p.work === work) }] : [];
	});
	const rest = parts.filter((p) => !own.get(p.work));
	return [...served, { pace: all, parts: rest }].filter((s) => s.parts.length > 0);
}

const PACE_OF: Readonly<Record<Pace['of'], string>> = {
	all: 'your pace',
	tube: 'your pace in rows',
	panel: 'your pace in rows of panel',
	joins: 'your pace at joins',
	hands: 'your pace by hand'
};
function wordsOf({ parts, pace: { factor, timed, of } }: Served): (Term | string)[] {
	const all = parts.flatMap((p, i): (Term | string)[] => [
		...(i > 0 ? ['+'] : []),
		worked(p.times, p.kind, p.what),
		'×',
		worked(p.seconds, 'seconds', p.each)
	]);
	return timed > 0
		? ['(', ...all, ')', '×', own(factor.mean, 'plain', `${PACE_OF[of]}, from ${timed} you timed`)]
		: all;
}

/**
 * Minutes at the crank by stitches, ring and what the hands do there: as most take, or by the maker's own pace, in each kind of
 * work where that was counted, else on the machine where pieces were timed there.
 */
export function crankTime(pieces: readonly Cranked[], evidence: readonly Evidence[]): Figure {
	const on = [...byMachine(pieces)].flatMap(([id, parts]) => servedOn(id, parts, evidence));
	const minutes = on.map(({ parts, pace }) => scale(pace.factor, secondsIn(parts) / 60));
	// One pair of hands: its pace errs alike on all machines.
	const all = estimate(
		minutes.reduce((t, m) => t + m.mean, 0),
		minutes.reduce((t, m) => t + m.sd, 0),
		weakest(...minutes.map((m) => m.basis))
	);
	if (on.length === 0)
		return figure('Time at the crank', 'minutes', all, [worked(0, 'rows', 'rows')]);
	return figure(
		'Time at the crank',
		'minutes',
		all,
		on.flatMap((served, i) => [...(i > 0 ? ['+'] : []), ...wordsOf(served)])
	);
}
