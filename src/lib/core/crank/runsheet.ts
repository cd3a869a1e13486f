import { at as entryAt } from '../quantity/sure';
import { JOIN_TAIL_CM, WASTE_TAIL_CM, type Tail, type TailUse } from './tails';
import type { Machine } from '../model/bench';
import { isSpare } from '../program/program';
import type { YarnRun } from '../simulate/fabric';
import { yarnPlace, type RowByRow, type HandWork, type YarnPlace } from './row-by-row';

/** A stretch of the run with one yarn in the feeder. Rows count from 0; `start` in the whole run, waste included. */
export interface Leg {
	readonly kind: 'waste' | 'main';
	readonly yarn: number;
	readonly start: number;
	readonly rows: number;
	/** Main rows knitted before this leg. */
	readonly mainBefore: number;
}

/** Where the maker is after `done` rows of the run, in both counter habits. */
export interface Position {
	readonly done: number;
	readonly leg: Leg;
	/** Rows of this leg done: the counter zeroed at every section. */
	readonly inLeg: number;
	/** Main rows done: the counter left running, zeroed once after the waste. */
	readonly main: number;
	readonly finished: boolean;
}

/** A tail left hanging, and what it is left for. Waste and the contrast strand are pulled out again. */
export interface TailLeft {
	readonly cm: number;
	readonly use: TailUse | 'pull';
}

/** Something the hands do, once `after` rows of the whole run are done. */
export type RunSheetEvent = { readonly after: number } & (
	| {
			readonly kind: 'cast-on';
			readonly yarn: number;
			readonly method: CastOn;
			/** What is left before the first loop. */
			readonly tail: TailLeft;
			readonly place: YarnPlace;
	  }
	| {
			readonly kind: 'slow';
			readonly until: number;
			readonly why: 'first' | 'loose' | 'join' | 'panel' | 'hem';
	  }
	| { readonly kind: 'hands'; readonly work: readonly HandWork[] }
	| {
			readonly kind: 'join';
			readonly from: number;
			readonly to: number;
			readonly first: boolean;
			/** Of the yarn that is cut, and of the one that comes in. */
			readonly old: TailLeft;
			readonly new: TailLeft;
			readonly place: YarnPlace;
	  }
	| { readonly kind: 'tie' }
	/** A marker hung in the edge after so many main rows: a panel's rows are counted by hand on most machines. */
	| { readonly kind: 'mark'; readonly mainRow: number }
	| { readonly kind: 'roll'; readonly again: boolean }
	| { readonly kind: 'clog' }
	| { readonly kind: 'runs-out'; readonly yarn: number; readonly place: YarnPlace }
	/** The main yarn's last tail: cut now, or hanging from the row before the waste. */
	| {
			readonly kind: 'take-off';
			readonly method: 'needle' | 'crank';
			readonly tail: TailLeft;
			readonly place: YarnPlace;
	  }
);

export type CastOn = 'weave' | 'e-wrap' | 'rag';

export interface RunSheet {
	readonly totalRows: number;
	readonly mainRows: number;
	/** Rows of waste before the first main row. */
	readonly wasteBefore: number;
	readonly legs: readonly Leg[];
	/** In the order they come; those at one row in the order they are done. */
	readonly events: readonly RunSheetEvent[];
}

/** Slow for the first rows: until one good row in one school, about row 12 in another; 3 is taken (common practice). */
const SLOW_FIRST_ROWS = 3;
/** Rows knitted loose where a hem is hung from them (from memory). */
const LOOSE_ROWS = 2;
/** Tie the two tails after 4 to 5 rows (common practice). */
const TIE_AFTER_ROWS = 5;
/** Roll up again every 5 to 10 rows (common practice). */
const ROLL_EVERY_ROWS = 10;
/** Past 250 to 300 rows on a large machine the middle clogs (common practice). */
const CLOG_ROWS = 250;
const LARGE_MACHINE_PINS = 40;

const PULLED: TailLeft = { cm: WASTE_TAIL_CM, use: 'pull' };

export interface RunSheetInput {
	/** Runs of the whole fabric, waste included. */
	readonly runs: readonly YarnRun[];
	readonly machine: Machine;
	readonly rowsPerCm: number;
	readonly joinTails: 'tie' | 'weave';
	readonly castOn: CastOn;
	readonly takeOff: 'needle' | 'crank';
	readonly tails: readonly Tail[];
	readonly rowByRow: RowByRow;
	/** Main rows after which an edge is marked. */
	readonly marks?: readonly number[];
	/** Main rows at which a yarn runs out. */
	readonly runsOut: readonly { yarn: number; mainRow: number }[];
}

function legsOf(runs: readonly YarnRun[]): Leg[] {
	let mainBefore = 0;
	return runs.map((r) => {
		const kind = isSpare(r.yarn) ? 'waste' : 'main';
		const rows = r.to - r.from;
		const leg: Leg = { kind, yarn: r.yarn, start: r.from, rows, mainBefore };
		if (kind === 'main') mainBefore += rows;
		return leg;
	});
}

/** Rank of events that fall on one row: what has to be done first comes first. */
const ORDER: Record<RunSheetEvent['kind'], number> = {
	'cast-on': 0,
	mark: 0.5,
	hands: 1,
	'runs-out': 2,
	join: 3,
	'take-off': 4,
	slow: 5,
	tie: 6,
	roll: 7,
	clog: 8
};

/** A hem is hung with the yarn that knits that round: a change of yarn comes before it. */
const rank = (e: RunSheetEvent): number =>
	e.kind === 'hands' && e.work.some((w) => w.do === 'hang-hem') ? ORDER.join + 0.5 : ORDER[e.kind];

/** Everything that happens at the crank, row by row. */
export function runSheet(input: RunSheetInput): RunSheet {
	const { runs, machine } = input;
	const legs = legsOf(runs);
	const totalRows = runs.at(-1)?.to ?? 0;
	const mainRows = legs.reduce((t, l) => t + (l.kind === 'main' ? l.rows : 0), 0);
	const events: RunSheetEvent[] = [];
	const first = legs[0];
	const { rowByRow } = input;
	const left = (id: 'cast-on' | 'cast-off'): TailLeft => {
		const tail = input.tails.find((t) => t.id === id);
		return { cm: tail?.lengthCm ?? JOIN_TAIL_CM, use: tail?.use ?? 'weave-in' };
	};
	if (first)
		events.push({
			after: 0,
			kind: 'cast-on',
			yarn: first.yarn,
			method: input.castOn,
			tail: first.kind === 'waste' ? PULLED : left('cast-on'),
			place: yarnPlace(rowByRow, 0)
		});
	const panelAt = rowByRow.stretches.find((x) => x.mode !== 'tube');
	events.push({
		after: 0,
		kind: 'slow',
		until: Math.min(SLOW_FIRST_ROWS, totalRows),
		why: 'first'
	});
	// A panel is cranked slowly to its end; the row after a hung hem as well.
	if (panelAt) events.push({ after: panelAt.from, kind: 'slow', until: totalRows, why: 'panel' });
	for (const { after, work } of rowByRow.works) {
		events.push({ after, kind: 'hands', work });
		const hung = work.find((w) => w.do === 'hang-hem');
		// What will be hung has to be loose enough to reach.
		if (hung?.do === 'hang-hem') {
			const at = (legs.find((l) => l.kind === 'main')?.start ?? 0) + hung.row;
			events.push({ after: at, kind: 'slow', until: at + LOOSE_ROWS, why: 'loose' });
		}
		if (work.some((w) => w.do === 'hang-hem'))
			events.push({ after: after + 1, kind: 'slow', until: after + 2, why: 'hem' });
	}
	for (const [i, leg] of legs.entries()) {
		if (i === 0) continue;
		const before = entryAt(legs, i - 1);
		const toMain = before.kind === 'waste' && leg.kind === 'main';
		const joined: TailLeft = { cm: JOIN_TAIL_CM, use: 'weave-in' };
		events.push({
			after: leg.start,
			kind: 'join',
			from: before.yarn,
			to: leg.yarn,
			first: toMain,
			old: before.kind === 'waste' ? PULLED : leg.kind === 'waste' ? left('cast-off') : joined,
			new: leg.kind === 'waste' ? PULLED : toMain ? left('cast-on') : joined,
			place: yarnPlace(rowByRow, leg.start)
		});
		events.push({ after: leg.start, kind: 'slow', until: leg.start + 1, why: 'join' });
		const colourJoin = before.kind === 'main' && leg.kind === 'main';
		if (colourJoin && input.joinTails === 'tie') {
			events.push({ after: leg.start + Math.min(TIE_AFTER_ROWS, leg.rows), kind: 'tie' });
		}
	}
	const rollAt = Math.floor(machine.clearanceCm * input.rowsPerCm);
	for (let at = rollAt; at > 0 && at < totalRows; at += ROLL_EVERY_ROWS) {
		events.push({ after: at, kind: 'roll', again: at > rollAt });
	}
	if (machine.pins >= LARGE_MACHINE_PINS && totalRows > CLOG_ROWS) {
		events.push({ after: CLOG_ROWS, kind: 'clog' });
	}
	const wasteBefore = legs.find((l) => l.kind === 'main')?.start ?? 0;
	for (const mainRow of input.marks ?? [])
		events.push({ after: wasteBefore + mainRow, kind: 'mark', mainRow });
	for (const out of input.runsOut) {
		const after = wasteBefore + out.mainRow;
		events.push({ after, kind: 'runs-out', yarn: out.yarn, place: yarnPlace(rowByRow, after) });
	}
	events.push({
		after: totalRows,
		kind: 'take-off',
		method: input.takeOff,
		tail: left('cast-off'),
		place: yarnPlace(rowByRow, totalRows)
	});
	events.sort((a, b) => a.after - b.after || rank(a) - rank(b));
	return { totalRows, mainRows, wasteBefore, legs, events };
}

/** Where `done` rows of the run are; beyond the end it stays at the end. */
export function positionAt(sheet: RunSheet, done: number): Position | undefined {
	const at = Math.max(0, Math.min(sheet.totalRows, done));
	const leg = sheet.legs.find((l) => at < l.start + l.rows) ?? sheet.legs.at(-1);
	if (!leg) return undefined;
	const inLeg = at - leg.start;
	return {
		done: at,
		leg,
		inLeg,
		main: leg.mainBefore + (leg.kind === 'main' ? inLeg : 0),
		finished: at >= sheet.totalRows
	};
}

/** Events due now or still ahead, after `done` rows; slow stretches stay while they last. */
export function eventsAhead(sheet: RunSheet, done: number): RunSheetEvent[] {
	return sheet.events.filter((e) => e.after >= done || (e.kind === 'slow' && e.until > done));
}

/** One section as both counter habits read it at its end. */
export interface SectionRow {
	readonly yarn: number;
	readonly rows: number;
	/** The counter zeroed at the section's start. */
	readonly zeroed: number;
	/** The counter left running since the first main row. */
	readonly running: number;
}

export const sectionRows = (sheet: RunSheet): SectionRow[] =>
	sheet.legs
		.filter((l) => l.kind === 'main')
		.map((l) => ({ yarn: l.yarn, rows: l.rows, zeroed: l.rows, running: l.mainBefore + l.rows }));
