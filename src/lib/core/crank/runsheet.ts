import { entryAt, last } from '../quantity/sure';
import { JOIN_TAIL_CM, WASTE_TAIL_CM, type Tail } from './tails';
import type { Feed } from '../bench/machine/slot';
import { isSpare } from '../program/program';
import type { YarnRun } from '../simulate/fabric';
import type { RunSheetEvent, TailLeft } from './events';
import type { RunSheetInput } from './runsheet-input';
import { yarnPlace, type HandWork, type YarnPlace } from './row-by-row';

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
/** A cord hangs through the middle and is never rolled up. */
const LEAST_ROLLED_PINS = 6;
/** Roll up again every 5 to 10 rows (common practice). */
const ROLL_EVERY_ROWS = 10;
/** Past 250 to 300 rows on a large machine the middle clogs (common practice). */
const CLOG_ROWS = 250;
const LARGE_MACHINE_PINS = 40;

const PULLED: TailLeft = { cm: WASTE_TAIL_CM, use: 'pull' };

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

/** What the cut ends are left for at one end of the main fabric. */
function leftAt({ tails }: RunSheetInput, id: 'cast-on' | 'cast-off'): TailLeft {
	const tail = tails.find((t) => t.id === id);
	return { cm: tail?.lengthCm ?? JOIN_TAIL_CM, use: tail?.use ?? 'weave-in' };
}

const left = (tail: Tail): TailLeft => ({ cm: tail.lengthCm, use: tail.use });

type Broken = Extract<RunSheetEvent, { kind: 'hands' }>['broken'];

/** The yarn broken beside a group that is held after so many main rows. */
function brokenAt({ tails }: RunSheetInput, work: readonly HandWork[], atRow: number): Broken {
	const held = work.find((w) => w.do === 'hold');
	if (held?.do !== 'hold' || held.breaks === null) return null;
	const old = tails.find((t) => t.atRow === atRow && t.use === 'chain-off');
	if (!old) return null;
	const again = tails.find((t) => t.atRow === atRow && t.id === 'again');
	const pin = last(held.pins) + (held.edge === 'low' ? 1 : -1);
	return { yarn: old.yarn, old: left(old), new: again ? left(again) : null, pin };
}

/** The work of the hands, and the rows about a hung hem: what will be hung has to be loose enough to reach. */
function handEvents(input: RunSheetInput, mainFrom: number): RunSheetEvent[] {
	return input.rowByRow.works.flatMap(({ after, work }): RunSheetEvent[] => {
		const hung = work.find((w) => w.do === 'hang-hem');
		if (hung?.do !== 'hang-hem')
			return [{ after, kind: 'hands', work, broken: brokenAt(input, work, after - mainFrom) }];
		const at = mainFrom + hung.row;
		return [
			{ after, kind: 'hands', work, broken: null },
			{ after: at, kind: 'slow', until: at + LOOSE_ROWS, why: 'loose' },
			{ after: after + 1, kind: 'slow', until: after + 2, why: 'hem' }
		];
	});
}

/** A change of yarn with its two ends, and the row after it. */
function joinEvents(input: RunSheetInput, before: Leg, leg: Leg): RunSheetEvent[] {
	const toMain = before.kind === 'waste' && leg.kind === 'main';
	const joined: TailLeft = { cm: JOIN_TAIL_CM, use: 'weave-in' };
	const old =
		before.kind === 'waste' ? PULLED : leg.kind === 'waste' ? leftAt(input, 'cast-off') : joined;
	const fresh = leg.kind === 'waste' ? PULLED : toMain ? leftAt(input, 'cast-on') : joined;
	const place = yarnPlace(input.rowByRow, leg.start);
	const here = input.rowByRow.works.find((w) => w.after === leg.start);
	const broken = here?.work.some((w) => w.do === 'hold' && w.breaks === 'for-another') ?? false;
	const tied = before.kind === 'main' && leg.kind === 'main' && input.joinTails === 'tie';
	return [
		{
			after: leg.start,
			kind: 'join',
			from: before.yarn,
			to: leg.yarn,
			first: toMain,
			old: broken ? null : old,
			new: fresh,
			place,
			feed: fedAnew(input, before, leg)
		},
		{ after: leg.start, kind: 'slow', until: leg.start + 1, why: 'join' },
		...(tied ? [tieAfter(leg, place)] : [])
	];
}

function tieAfter(leg: Leg, { in: mode }: YarnPlace): RunSheetEvent {
	const rows = Math.min(TIE_AFTER_ROWS, leg.rows);
	return { after: leg.start + rows, kind: 'tie', rows, in: mode, since: 'change' };
}

/** How a yarn that comes in is fed, where that is not how the one before it was. */
function fedAnew({ feeds }: RunSheetInput, before: Leg, leg: Leg): Feed | null {
	const feed = feeds[leg.yarn];
	if (leg.kind === 'waste' || !feed) return null;
	const was = before.kind === 'main' ? feeds[before.yarn] : undefined;
	return was?.slot === feed.slot && was.hand === feed.hand ? null : feed;
}

function castOnEvents(input: RunSheetInput, legs: readonly Leg[]): RunSheetEvent[] {
	const [first] = legs;
	if (!first) return [];
	const { rowByRow, castOn: method, holder = null, machine } = input;
	const tail = leftAt(input, 'cast-on');
	const main = legs.find((l) => l.kind === 'main');
	const waste = first.kind === 'waste';
	return [
		{
			after: 0,
			kind: 'cast-on',
			yarn: first.yarn,
			method,
			tail: waste ? PULLED : tail,
			mainTail: waste && main ? { yarn: main.yarn, tail } : null,
			place: yarnPlace(rowByRow, 0),
			low: rowByRow.stretches[0]?.low ?? 0,
			high: rowByRow.stretches[0]?.high ?? machine.pins - 1,
			holder,
			feed: waste ? null : (input.feeds[first.yarn] ?? null)
		}
	];
}

/** When the fabric is rolled up, and when the middle of a large ring is cleared. */
function careEvents(
	{ machine, rowsPerCm, rowByRow }: RunSheetInput,
	totalRows: number
): RunSheetEvent[] {
	const events: RunSheetEvent[] = [];
	const rollAt = Math.floor(machine.clearanceCm * rowsPerCm);
	const [first] = rowByRow.stretches;
	const narrow = first !== undefined && first.high - first.low < LEAST_ROLLED_PINS;
	if (rollAt > 0 && rollAt < totalRows && !narrow)
		events.push({
			after: rollAt,
			kind: 'roll',
			every: ROLL_EVERY_ROWS,
			in: yarnPlace(rowByRow, rollAt).in
		});
	if (machine.pins >= LARGE_MACHINE_PINS && totalRows > CLOG_ROWS)
		events.push({ after: CLOG_ROWS, kind: 'clog' });
	return events;
}

/** Everything that happens at the crank, row by row. */
export function runSheet(input: RunSheetInput): RunSheet {
	const { runs, rowByRow } = input;
	const legs = legsOf(runs);
	const totalRows = runs.at(-1)?.to ?? 0;
	const mainRows = legs.reduce((t, l) => t + (l.kind === 'main' ? l.rows : 0), 0);
	const wasteBefore = legs.find((l) => l.kind === 'main')?.start ?? 0;
	const panelAt = rowByRow.stretches.find((x) => x.mode !== 'tube');
	const events: RunSheetEvent[] = castOnEvents(input, legs);
	const slowTo = Math.min(SLOW_FIRST_ROWS, totalRows);
	events.push({ after: 0, kind: 'slow', until: slowTo, why: 'first' });
	// A panel is cranked slowly to its end.
	if (panelAt) events.push({ after: panelAt.from, kind: 'slow', until: totalRows, why: 'panel' });
	events.push(
		...handEvents(input, wasteBefore),
		...legs.slice(1).flatMap((leg, i) => joinEvents(input, entryAt(legs, i), leg)),
		...careEvents(input, totalRows)
	);
	for (const mainRow of input.marks ?? [])
		events.push({ after: wasteBefore + mainRow, kind: 'mark', mainRow });
	for (const { mainRow, ...out } of input.runsOut) {
		const after = wasteBefore + mainRow;
		events.push({ after, kind: 'runs-out', ...out, place: yarnPlace(rowByRow, after) });
	}
	events.push({
		after: totalRows,
		kind: 'take-off',
		method: input.takeOff,
		yarn: legs.filter((l) => l.kind === 'main').at(-1)?.yarn ?? 0,
		tail: leftAt(input, 'cast-off'),
		...(input.takeOff === 'needle' &&
			input.thread && { thread: { yarn: input.thread.yarn, cm: input.thread.lengthCm } }),
		place: yarnPlace(rowByRow, totalRows),
		loops: input.loopsLeft,
		wasteRows: legs.length > 1 && last(legs).kind === 'waste' ? last(legs).rows : 0
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
